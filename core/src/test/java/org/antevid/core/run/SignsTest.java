package org.antevid.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What kerf, top and line do, and what follows for whoever sees it. */
class SignsTest {
    private static final Signs STILL = new Signs(2, 0.1, 0, false);
    private static final Optional<Signs.Call> ANSWERED = Optional.of(Signs.Call.NOTHING);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 200);
    }

    @Test
    void theCutterGoesOnOnceAnsweredAndLeavesOnceItGoes() {
        assertThat(STILL.ofCutter(ANSWERED)).isEqualTo(Reaction.ACT);
        assertThat(STILL.ofCutter(Optional.empty())).isEqualTo(Reaction.WAIT);
        assertThat(STILL.ofCutter(Optional.of(Signs.Call.BOTH_ARMS_UP))).isEqualTo(Reaction.HOLD);
        assertThat(new Signs(9, 0.8, 0, false).ofCutter(ANSWERED)).isEqualTo(Reaction.RUN);
        assertThat(new Signs(0, 0, 0.6, false).ofCutter(ANSWERED)).isEqualTo(Reaction.RUN);
        assertThat(new Signs(0, 0, 0, true).ofCutter(Optional.empty())).isEqualTo(Reaction.RUN);
        assertThat(new Signs(-3, 0, 0, false).ofCutter(ANSWERED)).isEqualTo(Reaction.HOLD);
    }

    @Test
    void nothingIsPulledBeforeTheCutterIsAwayAndSwingsAnArm() {
        assertThat(STILL.ofWinch(true, Signs.Call.ARM_SWUNG)).isEqualTo(Reaction.ACT);
        assertThat(STILL.ofWinch(false, Signs.Call.ARM_SWUNG)).isEqualTo(Reaction.WAIT);
        assertThat(STILL.ofWinch(true, Signs.Call.NOTHING)).isEqualTo(Reaction.WAIT);
        assertThat(STILL.ofWinch(true, Signs.Call.ARMS_CROSSED)).isEqualTo(Reaction.HOLD);
        assertThat(new Signs(-3, 0, 0, false).ofWinch(true, Signs.Call.ARM_SWUNG))
                .isEqualTo(Reaction.HOLD);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatGoesWrongIsNeverGoneOnWith(long seed) {
        Random draws = new Random(seed);
        Signs s = new Signs(
                10 * draws.nextDouble() - 4,
                3 * draws.nextDouble() - 1,
                draws.nextInt(2) * draws.nextDouble(),
                draws.nextInt(4) == 0);
        if (s.goesWrong() || s.sitsBack() || s.goesOver()) {
            assertThat(s.ofCutter(ANSWERED)).isIn(Reaction.HOLD, Reaction.RUN);
        }
        if (s.goesWrong() || s.sitsBack()) {
            assertThat(s.ofWinch(true, Signs.Call.ARM_SWUNG)).isEqualTo(Reaction.HOLD);
        }
    }
}
