package org.antevid.core.run.watch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.run.Surprise;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;

/** A ring of 40 m about the stem, a lookout told to stand 42 m from it. */
class BeaconWatchTest {
    private static final List<Shape> RING = List.of(Shape.disc(new Spot(0, 0), 40));
    private static final BeaconWatch.Bearer LOOKOUT =
            new BeaconWatch.Bearer("Sefa", false, Optional.of(new Spot(42, 0)));
    private static final BeaconWatch.Bearer PASSER = new BeaconWatch.Bearer("Oren", false, Optional.empty());

    private static Watched at(BeaconWatch.Bearer who, double eastM, double sigmaM) {
        return BeaconWatch.of(Optional.of(new BeaconWatch.Fix(new Spot(eastM, 0), sigmaM)), who, RING);
    }

    @Test
    void whoIsReadInsideStopsEverything() {
        Watched w = at(PASSER, 30, 1);
        assertThat(w.state()).isEqualTo(WatchState.OVER);
        assertThat(w.forces()).contains(Surprise.SOMEBODY_INSIDE);
        assertThat(at(LOOKOUT, 30, 1).forces()).contains(Surprise.SOMEBODY_INSIDE);
    }

    @Test
    void whoCannotBeToldFromInsideIsLookedFor() {
        assertThat(at(PASSER, 41, 1).state()).isEqualTo(WatchState.NEAR);
        assertThat(at(PASSER, 43, 1).state()).isEqualTo(WatchState.WITHIN);
        assertThat(at(PASSER, 43, 1).says().args().get("away")).isNotNull();
    }

    @Test
    void whoStandsAtTheirPlaceIsNotTakenForInsideBecauseABeaconWavers() {
        assertThat(at(LOOKOUT, 41, 1).state()).isEqualTo(WatchState.WITHIN);
        assertThat(at(LOOKOUT, 39.9, 1.5).state()).isEqualTo(WatchState.NEAR);
        assertThat(at(LOOKOUT, 38.5, 8).forces()).contains(Surprise.SOMEBODY_INSIDE);
        // a place inside the ring is no excuse
        BeaconWatch.Bearer inside = new BeaconWatch.Bearer("Sefa", false, Optional.of(new Spot(30, 0)));
        assertThat(at(inside, 30, 1).forces()).contains(Surprise.SOMEBODY_INSIDE);
    }

    @Test
    void whoWorksAtTheStemIsNotSentAway() {
        assertThat(at(new BeaconWatch.Bearer("Nadia", true, Optional.empty()), 0, 1)
                        .state())
                .isEqualTo(WatchState.WITHIN);
        assertThat(BeaconWatch.of(Optional.of(new BeaconWatch.Fix(new Spot(0, 0), 1)), PASSER, List.of())
                        .state())
                .isEqualTo(WatchState.WITHIN);
    }

    @Test
    void silentOrVagueIsNotKnownAlsoOfTheCutter() {
        BeaconWatch.Bearer cutter = new BeaconWatch.Bearer("Nadia", true, Optional.empty());
        assertThat(BeaconWatch.of(Optional.empty(), cutter, RING).standsAgainst())
                .isTrue();
        assertThat(at(cutter, 0, 9).standsAgainst()).isTrue();
    }

    @Test
    void knowingLessAndComingNearerNeverLowerIt() {
        Random seeded = new Random(16);
        for (int i = 0; i < 2000; i++) {
            double away = 60 * seeded.nextDouble();
            double sigma = 0.5 + 6 * seeded.nextDouble();
            Watched here = at(PASSER, away, sigma);
            assertThat(at(PASSER, away * seeded.nextDouble(), sigma).state()).isGreaterThanOrEqualTo(here.state());
            assertThat(at(PASSER, away, sigma + seeded.nextDouble()).state()).isGreaterThanOrEqualTo(here.state());
        }
    }
}
