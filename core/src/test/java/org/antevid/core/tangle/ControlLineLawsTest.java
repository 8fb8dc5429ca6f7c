package org.antevid.core.tangle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.site.Spot;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of every control line, wherever it is tied. */
class ControlLineLawsTest {
    private static final double SAME = 1e-6;

    /** A scene as it is drawn at random; metres. */
    private record Scene(
            Spot anchor,
            Spot tie,
            double tieHM,
            double slackM,
            double tieFromButtM,
            Optional<ControlLine.Rest> rest,
            double driveN,
            double driveAzDeg,
            Spot person) {
        static Scene of(int seed) {
            Random r = new Random(seed);
            Spot anchor = new Spot(r.nextInt(100), r.nextInt(100));
            Spot tie = anchor.at(r.nextDouble() * 360, 2 + r.nextDouble() * 20);
            double height = 2 + r.nextDouble() * 12;
            Optional<ControlLine.Rest> rest = r.nextInt(3) == 0
                    ? Optional.empty()
                    : Optional.of(new ControlLine.Rest(
                            tie.at(r.nextDouble() * 360, 3 + r.nextDouble() * 8), height, height + 1 + r.nextInt(6)));
            return new Scene(
                    anchor,
                    tie,
                    r.nextDouble() * 3,
                    r.nextDouble() * 4,
                    r.nextDouble() * 2,
                    rest,
                    500 + r.nextInt(5000),
                    r.nextDouble() * 360,
                    anchor.at(r.nextDouble() * 360, r.nextDouble() * 60));
        }

        double shortestM() {
            return Math.hypot(anchor.distanceTo(tie), tieHM - ControlLine.Line.ANCHOR_H_M);
        }

        ControlLine line(double moreM) {
            return line(0, 0, 0, moreM);
        }

        /** Turned about the site's origin, then moved. */
        ControlLine line(double turnDeg, double eastM, double northM, double moreM) {
            return ControlLine.of(new ControlLine.Line(
                    moved(anchor, turnDeg, eastM, northM),
                    ControlLine.Line.ANCHOR_H_M,
                    moved(tie, turnDeg, eastM, northM),
                    tieHM,
                    shortestM() + slackM + moreM,
                    ControlLine.Line.STRETCH,
                    ControlLine.Line.GIVE_M,
                    tieFromButtM,
                    rest.map(h ->
                            new ControlLine.Rest(moved(h.at(), turnDeg, eastM, northM), h.heightM(), h.fromButtM())),
                    Optional.of(driveN),
                    Optional.of(driveAzDeg + turnDeg),
                    Optional.of(20000.0),
                    ControlLine.Line.GAMMA,
                    Optional.of(moved(person, turnDeg, eastM, northM))));
        }

        private static Spot moved(Spot p, double turnDeg, double eastM, double northM) {
            Spot origin = new Spot(0, 0);
            Spot turned =
                    origin.distanceTo(p) == 0 ? p : origin.at(origin.bearingTo(p) + turnDeg, origin.distanceTo(p));
            return new Spot(turned.eastM() + eastM, turned.northM() + northM);
        }
    }

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whereNorthIsChangesNothing(int seed) {
        Scene s = Scene.of(seed);
        ControlLine here = s.line(0);
        ControlLine there = s.line(73, -40, 25, 0);
        assertThat(there.discM()).isCloseTo(here.discM(), within(SAME));
        assertThat(there.warnings()).isEqualTo(here.warnings());
        same(there.buttMoveMaxM(), here.buttMoveMaxM());
        same(there.person().flatMap(ControlLine.Stands::clearM), here.person().flatMap(ControlLine.Stands::clearM));
        same(there.drive().flatMap(ControlLine.Driven::keepOffN), here.drive().flatMap(ControlLine.Driven::keepOffN));
    }

    private static void same(Optional<Double> a, Optional<Double> b) {
        assertThat(a.isPresent()).isEqualTo(b.isPresent());
        a.ifPresent(x -> assertThat(x).isCloseTo(b.orElseThrow(), within(SAME * Math.max(1, Math.abs(x)))));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aLongerLineLetsTheButtGoFartherAndNeverMakesAPlaceSafer(int seed) {
        Scene s = Scene.of(seed);
        ControlLine before = s.line(0);
        for (double more = 1; more <= 16; more *= 2) {
            ControlLine longer = s.line(more);
            assertThat(longer.discM()).isGreaterThan(before.discM());
            if (before.buttMoveMaxM().isPresent()) {
                assertThat(longer.buttMoveMaxM().orElseThrow())
                        .isGreaterThanOrEqualTo(before.buttMoveMaxM().get() - SAME);
                assertThat(clear(longer)).isLessThanOrEqualTo(clear(before) + SAME);
            }
            before = longer;
        }
    }

    private static double clear(ControlLine l) {
        return l.person().flatMap(ControlLine.Stands::clearM).orElse(Double.MAX_VALUE);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theButtNeverLeavesTheDiscOfItsLineNorThatOfItsRest(int seed) {
        ControlLine l = Scene.of(seed).line(0);
        l.buttMoveMaxM().ifPresent(m -> {
            assertThat(m).isLessThanOrEqualTo(2 * l.buttDiscM() + Scene.of(seed).tieFromButtM() + SAME);
            // from where it is now it may first have to come back into the disc of its rest
            l.restReachM().ifPresent(r -> assertThat(m).isLessThanOrEqualTo(2 * l.buttDiscM() + 2 * r + SAME));
        });
        assertThat(l.buttDiscM()).isGreaterThanOrEqualTo(l.discM());
        assertThat(l.slackM()).isNotNegative();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatKeepsItOffIsAtLeastTheThrustAndASnatchIsMore(int seed) {
        Scene s = Scene.of(seed);
        ControlLine l = s.line(0);
        l.drive().ifPresent(d -> {
            d.keepOffN().ifPresent(f -> assertThat(f).isGreaterThanOrEqualTo(s.driveN() - SAME));
            d.peakN().ifPresent(p -> assertThat(p)
                    .isGreaterThanOrEqualTo(d.keepOffN().orElseThrow()));
            d.ratedNeededN().ifPresent(n -> assertThat(n)
                    .isCloseTo(ControlLine.Line.GAMMA * d.peakN().orElseThrow(), within(SAME * n)));
        });
    }
}
