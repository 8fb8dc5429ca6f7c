package org.antevid.core.assist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WedgesTest {
    private static Wedges.Load load(double massKg, double backM, double armM) {
        return Wedges.Load.usual(massKg, backM, 9, 0.1, armM, 0, 0);
    }

    @Test
    void aPlumbStemStillSitsBackByTheHingesOffset() {
        // offset 0.1 m over 9 m: lift at 0.31 m is 0.31 * 0.1/9 = 3.44 mm, with half as much again 5.17 mm; 25 mm less
        // the kerf of 8 gives 17 mm
        Wedges w = Wedges.of(load(1500, 0, 0.31), Wedges.Set.USUAL);
        assertThat(w.liftNeededM()).isCloseTo(0.003444, within(1e-6));
        assertThat(w.liftDesignM()).isCloseTo(0.005167, within(1e-6));
        assertThat(w.liftAvailableM()).isCloseTo(0.017, within(1e-12));
        // 1500 * 9.81 * 0.1 / 0.31 = 4747 N on two
        assertThat(w.forcePerWedgeN()).isCloseTo(2373.4, within(0.1));
        assertThat(w.enough()).isTrue();
    }

    @Test
    void aForwardLeanerNeedsNoLift() {
        Wedges w = Wedges.of(load(1500, -0.5, 0.31), Wedges.Set.USUAL);
        assertThat(w.liftDesignM()).isZero();
        assertThat(w.forceTotalN()).isZero();
        assertThat(w.enough()).isTrue();
    }

    @Test
    void aStemTooThinForAWedgeHasNoRoom() {
        Wedges w = Wedges.of(load(100, 0, 0.02), Wedges.Set.USUAL);
        assertThat(w.reasons()).contains(Wedges.Short.NO_ROOM);
        assertThat(w.levels()).isEmpty();
        assertThat(w.nextStep()).isEqualTo("jack_or_pull_line");
    }

    @Test
    void whatIsNoWedgeIsRefusedByName() {
        assertThatThrownBy(() -> new Wedges.Set("", 0.2, 0.2, 1, 2))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("OUT_OF_RANGE");
        assertThatThrownBy(() -> new Wedges.Set("", 0.025, 0.2, 3, 2))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("stack"));
    }

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreBackLeanNeverNeedsLessLiftNorLessForce(long seed) {
        Random r = new Random(seed);
        double mass = 200 + 8000 * r.nextDouble();
        double arm = 0.1 + 0.8 * r.nextDouble();
        double back = -0.5 + 2 * r.nextDouble();
        double more = back + r.nextDouble();
        Wedges a = Wedges.of(load(mass, back, arm), Wedges.Set.USUAL);
        Wedges b = Wedges.of(load(mass, more, arm), Wedges.Set.USUAL);
        assertThat(b.liftDesignM()).as("seed %d", seed).isGreaterThanOrEqualTo(a.liftDesignM());
        assertThat(b.forceTotalN()).as("seed %d", seed).isGreaterThanOrEqualTo(a.forceTotalN());
        assertThat(a.enough() || !b.enough())
                .as("seed %d: more lean does not make them enough", seed)
                .isTrue();
    }

    /** What capacity says they overcome, the sum finds enough, and a tenth more it does not. */
    @ParameterizedTest
    @MethodSource("seeds")
    void capacityAndSumAgree(long seed) {
        Random r = new Random(seed);
        double mass = 300 + 5000 * r.nextDouble();
        double cg = 6 + 8 * r.nextDouble();
        double arm = 0.15 + 0.5 * r.nextDouble();
        double hold = 12000 * r.nextDouble();
        double perRad = 100000 + 900000 * r.nextDouble();
        double capacity = Wedges.capacityNm(mass, cg, arm, hold, perRad, Wedges.Set.USUAL);
        assertThat(enough(mass, cg, arm, hold, perRad, 0.999 * capacity))
                .as("seed %d", seed)
                .isTrue();
        assertThat(enough(mass, cg, arm, hold, perRad, 1.1 * capacity + 50))
                .as("seed %d", seed)
                .isFalse();
    }

    private static boolean enough(double mass, double cg, double arm, double hold, double perRad, double momentNm) {
        double offset = momentNm / (mass * 9.81);
        double bent = Math.min(hold, perRad * Math.atan(offset / cg)) / Wedges.SAFETY;
        return Wedges.of(Wedges.Load.usual(mass, offset - 0.1, cg, 0.1, arm, 0, bent), Wedges.Set.USUAL)
                .enough();
    }

    @Test
    void aLeverIsForSmallStemsAndGivesWayToItsHinge() {
        assertThat(Lever.of(300, 5, 0.15, 0, 0, 0.25).capacityNm()).isPositive();
        assertThat(Lever.of(300, 5, 0.15, 0, 0, 0.31).capacityNm()).isZero();
        assertThat(Lever.of(300, 5, 0.15, 2000, 1e5, 0.25).capacityNm())
                .isLessThan(Lever.of(300, 5, 0.15, 0, 0, 0.25).capacityNm());
    }
}
