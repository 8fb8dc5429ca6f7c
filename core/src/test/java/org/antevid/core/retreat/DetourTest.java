package org.antevid.core.retreat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Ways round what bars the straight ones, and what clearing them is worth. */
class DetourTest {
    private static final EscapeRoutes.Clock CLOCK = new EscapeRoutes.Clock(Optional.of(4.5), 1);
    private static final Spot STUMP = new Spot(0, 0);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 60);
    }

    private static EscapeRoutes around(double lay, List<EscapeRoutes.Obstacle> obstacles) {
        return EscapeRoutes.around(LeavingCutter.usual(lay, 20, Ground.LEVEL, Optional.empty(), CLOCK, 3, obstacles));
    }

    @Test
    void aShrubInEveryStraightWayIsWalkedRound() {
        List<EscapeRoutes.Obstacle> shrubs = new ArrayList<>();
        for (double rel : new double[] {113, 127, 141, 155}) {
            shrubs.add(new EscapeRoutes.Obstacle(
                    "shrub " + rel, Shape.disc(STUMP.at(rel, rel == 127 || rel == 155 ? 3.2 : 5.6), 0.15)));
        }
        EscapeRoutes straight =
                EscapeRoutes.of(LeavingCutter.usual(0, 20, Ground.LEVEL, Optional.empty(), CLOCK, 3, shrubs));
        assertThat(straight.routes().get(0).open()).isFalse();
        EscapeRoutes.Route right = around(0, shrubs).routes().get(0);
        assertThat(right.open()).isTrue();
        assertThat(right.way().orElseThrow().straight()).isFalse();
        assertThat(right.way().orElseThrow().lengthM()).isGreaterThan(6);
        assertThat(right.blockedBy())
                .as("it still says what bars the straight way")
                .isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aWayRoundTouchesNothingAndKeepsToItsSide(long seed) {
        Random r = new Random(seed);
        double lay = r.nextInt(360);
        List<EscapeRoutes.Obstacle> obstacles = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            obstacles.add(new EscapeRoutes.Obstacle(
                    "o" + i, Shape.disc(STUMP.at(360 * r.nextDouble(), 2.5 + 5 * r.nextDouble()), 0.2)));
        }
        for (EscapeRoutes.Route route : around(lay, obstacles).routes()) {
            route.way().ifPresent(w -> {
                for (int i = 1; i < w.path().size(); i++) {
                    Shape leg = Shape.line(List.of(
                            i == 1
                                    ? w.path()
                                            .get(0)
                                            .at(
                                                    w.path()
                                                            .get(0)
                                                            .bearingTo(w.path().get(1)),
                                                    0.5)
                                    : w.path().get(i - 1),
                            w.path().get(i)));
                    assertThat(obstacles)
                            .as("seed %d", seed)
                            .allMatch(o -> o.shape().distanceTo(leg) >= 0.75 - 1e-3);
                }
                Spot end = w.path().get(w.path().size() - 1);
                assertThat(Math.abs(Azimuth.turn(lay, STUMP.bearingTo(end)))).isBetween(109.9, 160.1);
                assertThat(Math.signum(Azimuth.turn(lay, STUMP.bearingTo(end))))
                        .isEqualTo(route.side() == EscapeRoutes.Side.RIGHT ? 1 : -1);
                assertThat(w.lengthM()).isGreaterThanOrEqualTo(6 - 1e-9);
            });
        }
    }

    @Test
    void aSideShutByAWallStaysShut() {
        List<EscapeRoutes.Obstacle> wall =
                List.of(new EscapeRoutes.Obstacle("wall", Shape.line(List.of(new Spot(2, 12), new Spot(2, -12)))));
        EscapeRoutes e = around(0, wall);
        assertThat(e.routes().get(0).open()).isFalse();
        assertThat(e.routes().get(0).blockedBy()).containsExactly(Arg.name("wall"));
        assertThat(e.best().orElseThrow().side()).isEqualTo(EscapeRoutes.Side.LEFT);
    }

    @Test
    void aClearedWayWalksAtTheClearFactorAndOnlyThatOne() {
        LeavingCutter litter = LeavingCutter.usual(0, 20, Ground.LEVEL, Optional.empty(), CLOCK, 3, List.of());
        EscapeRoutes before = EscapeRoutes.around(litter);
        EscapeRoutes after = EscapeRoutes.around(litter.clearedOn(Set.of(EscapeRoutes.Side.RIGHT)));
        double walk = before.routes().get(0).way().orElseThrow().walkS();
        assertThat(after.routes().get(0).way().orElseThrow().walkS())
                .isCloseTo(walk * before.footingFactor(), within(1e-9));
        assertThat(after.routes().get(1).way().orElseThrow().walkS()).isCloseTo(walk, within(1e-9));
    }

    @Test
    void theDangerSectorsLeaveTwoWaysAndNothingElse() {
        double shut = EscapeRoutes.dangers(30).stream()
                .mapToDouble(s -> Azimuth.normal(s.toDeg() - s.fromDeg()))
                .sum();
        assertThat(360 - shut).as("sixty degrees to each side").isCloseTo(120, within(1e-9));
        assertThat(EscapeRoutes.dangers(30))
                .noneMatch(s -> Azimuth.normal(165 - s.fromDeg()) < Azimuth.normal(s.toDeg() - s.fromDeg()));
    }

    @Test
    void wherePracticeAndTheClockPreferDifferentWaysItSaysSo() {
        Ground steep = new Ground(20, 90);
        EscapeRoutes e = EscapeRoutes.around(LeavingCutter.usual(0, 20, steep, Optional.empty(), CLOCK, 3, List.of()));
        assertThat(e.best().orElseThrow().side()).as("uphill by practice").isEqualTo(EscapeRoutes.Side.LEFT);
        assertThat(e.differ().isPresent())
                .isEqualTo(e.routes().get(0).way().orElseThrow().walkS()
                        < e.routes().get(1).way().orElseThrow().walkS() - 0.05);
        assertThat(EscapeRoutes.around(LeavingCutter.usual(0, 20, Ground.LEVEL, Optional.empty(), CLOCK, 3, List.of()))
                        .differ())
                .isEmpty();
    }
}
