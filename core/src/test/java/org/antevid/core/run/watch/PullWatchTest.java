package org.antevid.core.run.watch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.run.Surprise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PullWatchTest {
    /** 0.9 kN before the release, 3 kN to bring it, 10 kN at most. */
    private static final LineLimits LIMITS = new LineLimits(900, 3000, 10000);

    private static Watched line(double pullN, double sigmaN) {
        return PullWatch.line(Optional.of(new Estimate(pullN, sigmaN)), Optional.of(LIMITS));
    }

    @ParameterizedTest
    @CsvSource({
        "300, NEAR, LINE_SLACK",
        "900, WITHIN, LINE_WITHIN",
        "2900, WITHIN, LINE_WITHIN",
        "3100, NEAR, LINE_MORE_THAN_PLANNED",
        "9000, NEAR, LINE_NEAR",
        "9950, OVER, LINE_OVER",
        "12000, OVER, LINE_OVER"
    })
    void aLineIsHeldAgainstItsPretensionWhatBringsTheStemAndWhatItsWeakestPieceCarries(
            double pullN, WatchState state, WatchWords words) {
        Watched w = line(pullN, 50);
        assertThat(w.state()).isEqualTo(state);
        assertThat(w.says().code()).isEqualTo(words);
        assertThat(w.forces()).isEqualTo(Optional.of(Surprise.LINE_OVERLOADED).filter(s -> state == WatchState.OVER));
        assertThat(w.standsAgainst()).isEqualTo(state == WatchState.OVER);
    }

    @Test
    void aSilentLineIsNotKnownWhateverTheStepPulls() {
        assertThat(PullWatch.line(Optional.empty(), Optional.of(LIMITS)).standsAgainst())
                .isTrue();
        assertThat(PullWatch.line(Optional.empty(), Optional.empty()).standsAgainst())
                .isTrue();
        assertThat(PullWatch.load(Optional.empty(), Optional.empty()).state()).isEqualTo(WatchState.NOT_KNOWN);
    }

    @Test
    void whereNothingIsPulledAReadingStopsNothing() {
        Watched w = PullWatch.line(Optional.of(new Estimate(50000, 50)), Optional.empty());
        assertThat(w.state()).isEqualTo(WatchState.WITHIN);
        assertThat(w.share()).isEmpty();
    }

    @Test
    void knowingLessAndPullingMoreNeverLowerIt() {
        Random seeded = new Random(15);
        for (int i = 0; i < 2000; i++) {
            // above the pretension: a line that is slack is looked at too
            double pull = 900 + 14000 * seeded.nextDouble();
            double sigma = 50 + 600 * seeded.nextDouble();
            WatchState here = line(pull, sigma).state();
            assertThat(line(pull + 500 * seeded.nextDouble(), sigma).state()).isGreaterThanOrEqualTo(here);
            assertThat(line(pull, sigma + 500 * seeded.nextDouble()).state()).isGreaterThanOrEqualTo(here);
        }
    }

    @Test
    void aLoadIsHeldAgainstWhatWasPlannedToHangThere() {
        Optional<Double> most = Optional.of(8000.0);
        assertThat(PullWatch.load(Optional.of(new Estimate(5000, 100)), most).state())
                .isEqualTo(WatchState.WITHIN);
        assertThat(PullWatch.load(Optional.of(new Estimate(7300, 100)), most).state())
                .isEqualTo(WatchState.NEAR);
        Watched over = PullWatch.load(Optional.of(new Estimate(7900, 100)), most);
        assertThat(over.forces()).contains(Surprise.LOAD_OVERLOADED);
        assertThat(over.share()).contains(1.0);
    }

    @Test
    void beforeABriefingNothingIsCalledGood() {
        Watched read = PullWatch.line(Optional.of(new Estimate(500, 50)), Optional.empty())
                .unbriefed();
        assertThat(read.state()).isEqualTo(WatchState.NEAR);
        assertThat(read.says().code()).isEqualTo(WatchWords.NOT_BRIEFED);
        assertThat(PullWatch.line(Optional.empty(), Optional.empty())
                        .unbriefed()
                        .state())
                .isEqualTo(WatchState.NOT_KNOWN);
    }
}
