package org.antevid.core.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The ground's shape from one plane, areas and spot heights. */
class TerrainTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 50);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void heightsTakenOnAPlaneGiveThatPlaneBack(long seed) {
        Random r = new Random(seed);
        Ground plane = new Ground(1 + 20 * r.nextDouble(), 360 * r.nextDouble());
        List<Terrain.SpotHeight> heights = IntStream.range(0, 12)
                .mapToObj(i -> on(plane, new Spot(40 * r.nextDouble(), 40 * r.nextDouble())))
                .toList();
        Spot middle = new Spot(
                heights.stream().mapToDouble(h -> h.at().eastM()).average().orElseThrow(),
                heights.stream().mapToDouble(h -> h.at().northM()).average().orElseThrow());
        Terrain t = new Terrain(Ground.LEVEL, List.of(), heights);
        assertThat(t.groundAt(middle).slopeDeg()).as("seed %d", seed).isCloseTo(plane.slopeDeg(), within(1e-6));
        assertThat(t.groundAt(middle).downhillDeg()).as("seed %d", seed).isCloseTo(plane.downhillDeg(), within(1e-6));
        assertThat(t.heightM(middle).orElseThrow())
                .as("seed %d", seed)
                .isCloseTo(on(plane, middle).heightM(), within(1e-6));
    }

    @Test
    void outsideOfTheHeightsTheOnePlaneCounts() {
        Ground base = new Ground(6, 172);
        Terrain t = new Terrain(base, List.of(), List.of(height(0, 0, 0), height(10, 0, 1), height(0, 10, 0)));
        assertThat(t.groundAt(new Spot(30, 30))).isEqualTo(base);
        assertThat(t.heightM(new Spot(30, 30))).isEmpty();
        // 1 m on 10 m, falling to the west
        assertThat(t.groundAt(new Spot(2, 2)).slopeDeg()).isCloseTo(Math.toDegrees(Math.atan(0.1)), within(1e-9));
        assertThat(t.groundAt(new Spot(2, 2)).downhillDeg()).isCloseTo(270, within(1e-9));
    }

    @Test
    void anAreaWithASlopeOfItsOwnOutranksTheHeights() {
        Terrain.Area bank = new Terrain.Area(
                Shape.polygon(List.of(new Spot(0, 0), new Spot(10, 0), new Spot(10, 10), new Spot(0, 10))),
                new Ground(35, 180));
        Terrain t = new Terrain(
                Ground.LEVEL, List.of(bank), List.of(height(-20, -20, 0), height(20, -20, 1), height(0, 30, 2)));
        assertThat(t.groundAt(new Spot(5, 5)).slopeDeg()).isEqualTo(35);
        assertThat(t.groundAt(new Spot(-5, -5)).slopeDeg()).isLessThan(10);
    }

    @Test
    void contoursLieAtTheirHeight() {
        Terrain t = new Terrain(
                Ground.LEVEL,
                List.of(),
                List.of(height(0, 0, 0), height(20, 0, 2), height(20, 20, 2), height(0, 20, 0)));
        List<Terrain.Contour> contours = t.contours(0.5);
        assertThat(contours).extracting(Terrain.Contour::heightM).contains(0.5, 1.0, 1.5);
        contours.stream()
                .filter(c -> c.heightM() == 1.0)
                .flatMap(c -> c.line().stream())
                .forEach(s -> assertThat(s.eastM()).isCloseTo(10, within(1e-5)));
    }

    @Test
    void twoHeightsMakeNoSurface() {
        assertThat(new Terrain(Ground.LEVEL, List.of(), List.of(height(0, 0, 0), height(5, 5, 1))).contours(0.5))
                .isEmpty();
    }

    @Test
    void twoDifferentHeightsAtOnePlaceAreRefused() {
        assertThatThrownBy(() -> new Terrain(Ground.LEVEL, List.of(), List.of(height(0, 0, 0), height(0, 0.01, 1))))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("TWO_HEIGHTS");
    }

    private static Terrain.SpotHeight height(double e, double n, double h) {
        return new Terrain.SpotHeight(new Spot(e, n), h);
    }

    private static Terrain.SpotHeight on(Ground g, Spot s) {
        double a = Math.toRadians(g.downhillDeg());
        return new Terrain.SpotHeight(
                s, -Math.tan(Math.toRadians(g.slopeDeg())) * (s.eastM() * Math.sin(a) + s.northM() * Math.cos(a)));
    }
}
