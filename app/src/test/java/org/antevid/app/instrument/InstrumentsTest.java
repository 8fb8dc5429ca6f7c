package org.antevid.app.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Weather;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The simulated instruments are repeatable, marked, and as true as they say. */
class InstrumentsTest {
    private static final Spot POPLAR = new Spot(38, 34);
    private static final double POPLAR_M = 23.9;
    private final Rangefinder rangefinder = new SimulatedRangefinder();

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theSameShotReadsTheSameAgainAndHitsWithinFourSigmas(long seed) {
        Random r = new Random(seed);
        Spot from = new Spot(80 * r.nextDouble(), 60 * r.nextDouble());
        Spot at = from.at(360 * r.nextDouble(), 5 + 40 * r.nextDouble());
        Rangefinder.Shot shot = rangefinder.shoot(from, at, 0);
        assertThat(shot).as("seed %d", seed).isEqualTo(rangefinder.shoot(from, at, 0));
        assertThat(shot.simulated()).isTrue();
        assertThat(shot.slopeM()).as("seed %d", seed).isCloseTo(from.distanceTo(at), within(4 * shot.sigmaM() + 0.01));
        assertThat(from.at(shot.bearingDeg(), shot.horizontalM()).distanceTo(at))
                .as("seed %d", seed)
                .isLessThan(0.5 + 0.02 * from.distanceTo(at));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theDemoPoplarIsMeasuredAtItsTrueHeightFromAnywhere(long seed) {
        Random r = new Random(seed);
        Spot from = POPLAR.at(360 * r.nextDouble(), 25 + 15 * r.nextDouble());
        Rangefinder.TreeShots t = rangefinder.tree(from, POPLAR).orElseThrow();
        Sighting s = Sighting.read(
                "x",
                SightingKind.HEIGHT_ANGLES,
                Map.of(
                        "distanceM",
                        t.base().slopeM(),
                        "top",
                        t.top().inclinationDeg(),
                        "base",
                        t.base().inclinationDeg()),
                Map.of("mode", "slope_to_base"),
                StemState.STANDING,
                true);
        // the top stands up to 0.75 m nearer or farther than the stump, at up to 45 degrees
        assertThat(s.estimate().value()).as("seed %d", seed).isCloseTo(POPLAR_M, within(2.0));
    }

    @Test
    void twoViewsFromTwoSidesFindTheLeanOfTheDemoPoplar() {
        List<Sighting> views = List.of(
                view(POPLAR.at(180, 25)),
                view(POPLAR.at(90, 25)),
                Sighting.read(
                        "h", SightingKind.EYE_HEIGHT, Map.of("heightM", POPLAR_M), Map.of(), StemState.STANDING, true));
        var lean = FieldBook.of(views, StemState.STANDING).lean().orElseThrow().lean();
        // 0.74 m west and 0.10 m south over 23.9 m
        assertThat(lean.offsetM(POPLAR_M, 270)).isCloseTo(0.74, within(0.45));
        assertThat(lean.offsetM(POPLAR_M, 180)).isCloseTo(0.10, within(0.45));
    }

    private Sighting view(Spot from) {
        Rangefinder.TreeShots t = rangefinder.tree(from, POPLAR).orElseThrow();
        return Sighting.read(
                "v" + from,
                SightingKind.LEAN_VIEW,
                Map.of("bearingDeg", t.base().bearingDeg(), "offsetM", t.topRightM()),
                Map.of(),
                StemState.STANDING,
                true);
    }

    @Test
    void whereTheDemoHasNoTreeThePlaceItselfDecidesWhatStandsThere() {
        Spot meadow = new Spot(512, 77);
        Rangefinder.TreeShots a = rangefinder.tree(meadow.at(10, 25), meadow).orElseThrow();
        assertThat(a).isEqualTo(rangefinder.tree(meadow.at(10, 25), meadow).orElseThrow());
        assertThat(a.top().inclinationDeg()).isPositive();
        assertThat(a.base().inclinationDeg()).isNegative();
    }

    @Test
    void theBulletinGoesOnFromTheNextHourAndIsMarked() {
        Bulletin.Issue issue = new SimulatedBulletin().now();
        assertThat(issue.simulated()).isTrue();
        assertThat(issue.hours()).extracting(Weather.Hour::inHours).containsExactly(1, 2, 3, 4, 5, 6);
        assertThat(issue.hours()).allSatisfy(h -> {
            assertThat(h.label()).matches("\\d\\d:00");
            assertThat(h.gustMs()).isBetween(3.5, 7.0);
        });
    }

    @Test
    void theAnemometerSwingsWithinItsBoundsAndSaysItsSigma() {
        Anemometer.Reading now = new SimulatedAnemometer(Clock.systemUTC()).now();
        assertThat(now.gustMs().value()).isBetween(4.0, 7.0);
        assertThat(now.gustMs().sigma()).isEqualTo(1);
        assertThat(now.simulated()).isTrue();
    }
}
