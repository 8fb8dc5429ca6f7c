package org.antevid.core.retreat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RetreatTest {
    private static final EscapeRoutes.Clock CLOCK = new EscapeRoutes.Clock(Optional.of(4.5), 1);

    static IntStream seeds() {
        return IntStream.range(0, 80);
    }

    private static EscapeRoutes routes(double lay, List<EscapeRoutes.Obstacle> obstacles) {
        return EscapeRoutes.of(LeavingCutter.usual(lay, 20, Ground.LEVEL, Optional.empty(), CLOCK, 3, obstacles));
    }

    /** Two ways to the same number: step by step, and the quadrature that hundreds of lays are asked with. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theFastestTimeIsTheSameByStepsAndByQuadrature(int seed) {
        Random random = new Random(seed);
        FallTime.Fall fall = new FallTime.Fall(
                0.1 + 2 * random.nextDouble(),
                1000 + 1e5 * random.nextDouble(),
                0.1 + 20 * random.nextDouble() * random.nextDouble(),
                0.2 + 2 * random.nextDouble(),
                -20 + 40 * random.nextDouble(),
                0,
                0.3,
                45,
                0,
                20,
                Optional.empty());
        double stepped = FallTime.of(fall).fastS().orElseThrow();
        assertThat(FallTime.fastestS(fall, false)).isCloseTo(stepped, within(0.002 * stepped + 0.002));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aWayOutIsNeverToTheFallSideNorStraightBack(int seed) {
        Random random = new Random(seed);
        double lay = random.nextInt(360);
        List<EscapeRoutes.Obstacle> obstacles = IntStream.range(0, 6)
                .mapToObj(i -> new EscapeRoutes.Obstacle(
                        "o" + i, Shape.disc(new Spot(random.nextDouble() * 16 - 8, random.nextDouble() * 16 - 8), 0.4)))
                .toList();
        for (EscapeRoutes.Route r : routes(lay, obstacles).routes()) {
            r.way().ifPresent(w -> {
                double rel = Math.abs(Azimuth.turn(lay, w.azimuthDeg()));
                assertThat(rel).as("seed %d", seed).isBetween(110.0, 160.0);
                assertThat(EscapeRoutes.barred(w.azimuthDeg(), 0.5, 6, 1.5, obstacles))
                        .as("seed %d", seed)
                        .isEmpty();
            });
            assertThat(r.open() || !r.blockedBy().isEmpty())
                    .as("a blocked side says by what, seed %d", seed)
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void mirroredLeanSwapsTheSides(int seed) {
        double lean = new Random(seed).nextInt(360);
        EscapeRoutes one = EscapeRoutes.of(LeavingCutter.usual(
                0, 20, Ground.LEVEL, Optional.of(lean), EscapeRoutes.Clock.NOT_KNOWN, 3, List.of()));
        EscapeRoutes mirrored = EscapeRoutes.of(LeavingCutter.usual(
                0, 20, Ground.LEVEL, Optional.of(-lean), EscapeRoutes.Clock.NOT_KNOWN, 3, List.of()));
        double right = one.routes().get(0).way().orElseThrow().score();
        double left = mirrored.routes().get(1).way().orElseThrow().score();
        assertThat(right).as("seed %d", seed).isCloseTo(left, within(1e-9));
    }

    @Test
    void anUnknownFallTimeGivesNoMarginInsteadOfAGoodOne() {
        EscapeRoutes r = EscapeRoutes.of(
                LeavingCutter.usual(0, 20, Ground.LEVEL, Optional.empty(), EscapeRoutes.Clock.NOT_KNOWN, 3, List.of()));
        assertThat(r.marginS()).isEmpty();
        assertThat(r.reachedM()).isEmpty();
        assertThat(r.best()).isPresent();
    }

    @Test
    void aTallTreeWantsALongerWay() {
        // a quarter of 40 m
        assertThat(EscapeRoutes.of(LeavingCutter.usual(
                                0, 40, Ground.LEVEL, Optional.empty(), EscapeRoutes.Clock.NOT_KNOWN, 3, List.of()))
                        .requiredM())
                .isEqualTo(10);
    }

    @Test
    void energyIsKeptInTheFreeFall() {
        // omega^2 = 2 k2 (cos 5 - cos 90) = 1.6 * 0.996195 = 1.593912
        FallTime t = FallTime.of(new FallTime.Fall(0.8, 187000, 5, 0.6, 0, 0, 0.3, 45, 0, 22, Optional.empty()));
        assertThat(t.omegaEnd().orElseThrow()).isCloseTo(Math.sqrt(1.593912), within(1e-3));
        assertThat(t.fastS()).isEqualTo(t.afterNoticeS());
    }

    @Test
    void aHingeThatHoldsGivesNoTimesAtAll() {
        FallTime t = FallTime.of(new FallTime.Fall(0.8, 100000, 5, 0.6, 0, 79000, 0.3, 45, 0, 22, Optional.empty()));
        assertThat(t.stalled()).isTrue();
        assertThat(t.warnings()).containsExactly(FallTime.Warning.HINGE_HOLDS_TREE);
        assertThat(t.fastS()).isEmpty();
    }

    @Test
    void moreLeanIsDownSooner() {
        double slow = FallTime.of(new FallTime.Fall(0.8, 187000, 1, 0.6, 0, 0, 0.3, 45, 0, 22, Optional.empty()))
                .fastS()
                .orElseThrow();
        double fast = FallTime.of(new FallTime.Fall(0.8, 187000, 8, 0.6, 0, 0, 0.3, 45, 0, 22, Optional.empty()))
                .fastS()
                .orElseThrow();
        assertThat(fast).isLessThan(slow);
        assertThat(StemMass.G).isEqualTo(9.81);
    }

    @Test
    void whoStandsElsewhereGoesStraightAwayFromTheStemAndOnToTheRing() {
        WayOut w = WayOut.of(new Spot(30, 0), new Spot(0, 0), 48, List.of());
        assertThat(w.azimuthDeg()).isEqualTo(90);
        assertThat(w.lengthM()).isEqualTo(18);
        assertThat(WayOut.of(new Spot(60, 0), new Spot(0, 0), 48, List.of()).lengthM())
                .isEqualTo(6);
    }

    @Test
    void aBarredWayTurnsAsideAndNamesWhatBarsIt() {
        List<EscapeRoutes.Obstacle> wall =
                List.of(new EscapeRoutes.Obstacle("wall", Shape.line(List.of(new Spot(4, -0.5), new Spot(4, 0.5)))));
        WayOut w = WayOut.of(new Spot(50, 0), new Spot(0, 0), 40, wall);
        assertThat(w.azimuthDeg()).isNotEqualTo(90);
        assertThat(w.barredBy()).containsExactly(Arg.name("wall"));
        List<EscapeRoutes.Obstacle> pen = List.of(new EscapeRoutes.Obstacle("pen", Shape.disc(new Spot(0, 0), 5)));
        assertThatThrownBy(() -> WayOut.of(new Spot(50, 0), new Spot(0, 0), 40, pen))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("pen");
    }
}
