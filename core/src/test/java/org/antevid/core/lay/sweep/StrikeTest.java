package org.antevid.core.lay.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.antevid.core.quantity.Mulberry;
import org.antevid.core.quantity.Normal;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which directions cover a thing, and how likely one of them is. */
class StrikeTest {
    private static final LyingTree TREE = new LyingTree(22, 10, 0.5, 3.5);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    @Test
    void theDrawsAreTheSameInAnyLanguage() {
        Mulberry m = new Mulberry(12345);
        assertThat(m.next()).isEqualTo(0.9797282677609473);
        assertThat(m.next()).isEqualTo(0.3067522644996643);
        assertThat(m.next()).isEqualTo(0.484205421525985);
    }

    @Test
    void theNormalIsTheTablesNormal() {
        assertThat(Normal.below(0)).isCloseTo(0.5, within(1e-14));
        assertThat(Normal.below(1.96)).isCloseTo(0.9750021048517795, within(1e-13));
        assertThat(Normal.below(-8)).isCloseTo(6.220960574271785e-16, within(1e-20));
        // wrapped with a wide spread: a half circle opposite the mean is the rest of the one about it
        assertThat(Normal.onArc(90, 180, 0, 80) + Normal.onArc(270, 180, 0, 80)).isCloseTo(1, within(1e-12));
        assertThat(Normal.onArc(350, 20, 0, 0)).isEqualTo(1);
        assertThat(Normal.onArc(10, 20, 0, 0)).isZero();
    }

    private static double[][] outline(Random r) {
        double e = 50 * r.nextDouble() - 25;
        double n = 50 * r.nextDouble() - 25;
        int corners = 3 + r.nextInt(5);
        return IntStream.range(0, corners)
                .mapToObj(i -> {
                    double a = 2 * Math.PI * (i + 0.6 * r.nextDouble()) / corners;
                    double far = 1 + 6 * r.nextDouble();
                    return new double[] {e + far * Math.sin(a), n + far * Math.cos(a)};
                })
                .toArray(double[][]::new);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theExactDirectionsAgreeWithTryingThemAll(long seed) {
        double[][] area = outline(new Random(seed));
        Arcs arcs = TREE.covering(area, true);
        int hits = 0;
        for (int i = 0; i < 7200; i++) {
            hits += TREE.coversAt(i / 20.0 + 0.011, area) ? 1 : 0;
        }
        assertThat(arcs.widthDeg()).as("seed %d", seed).isCloseTo(hits / 20.0, within(0.25));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void turningAndMirroringTheOutlineTurnsAndMirrorsTheChance(long seed) {
        Random r = new Random(seed);
        double[][] area = outline(r);
        double turn = 360 * r.nextDouble();
        double lay = 360 * r.nextDouble();
        double p = Strike.of(TREE.covering(area, true), lay, 3, 8, 0.01).decision();
        double[][] turned = map(area, turn, 1);
        double[][] mirrored = map(area, 0, -1);
        assertThat(Strike.of(TREE.covering(turned, true), lay + turn, 3, 8, 0.01)
                        .decision())
                .as("turned, seed %d", seed)
                .isCloseTo(p, within(1e-6));
        assertThat(Strike.of(TREE.covering(mirrored, true), -lay, -3, 8, 0.01).decision())
                .as("mirrored, seed %d", seed)
                .isCloseTo(p, within(1e-6));
    }

    private static double[][] map(double[][] area, double turnDeg, int mirror) {
        double s = Math.sin(Math.toRadians(turnDeg));
        double c = Math.cos(Math.toRadians(turnDeg));
        return java.util.Arrays.stream(area)
                .map(p -> new double[] {mirror * p[0] * c + p[1] * s, -mirror * p[0] * s + p[1] * c})
                .toArray(double[][]::new);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aLongerTreeCoversNoDirectionLess(long seed) {
        double[][] area = outline(new Random(seed));
        Arcs shorter = TREE.covering(area, true);
        Arcs longer = TREE.longer(25).covering(area, true);
        assertThat(longer.widthDeg()).as("seed %d", seed).isGreaterThanOrEqualTo(shorter.widthDeg() - 1e-6);
        assertThat(Strike.of(longer, 40, 0, 6, 0.01).total())
                .isGreaterThanOrEqualTo(Strike.of(shorter, 40, 0, 6, 0.01).total() - 1e-9);
    }

    @Test
    void whatIsOutOfReachHasNoChanceAndSaysSo() {
        Arcs far = TREE.covering(Shape.disc(new Spot(0, 40), 2), new Spot(0, 0));
        assertThat(far.isEmpty()).isTrue();
        Strike s = Strike.of(far, 0, 0, 4, 0.5);
        assertThat(s.inReach()).isFalse();
        assertThat(s.decision()).isZero();
        assertThat(Strike.uncontrolled(far).decision()).isZero();
    }

    @Test
    void aDiscAndItsOutlineAreCoveredAlike() {
        Shape disc = Shape.disc(new Spot(7, 11), 2);
        double exact = TREE.covering(disc, new Spot(0, 0)).widthDeg();
        double byOutline = TREE.covering(
                        disc.outline().stream()
                                .map(p -> new double[] {p.eastM(), p.northM()})
                                .toArray(double[][]::new),
                        true)
                .widthDeg();
        assertThat(byOutline).isCloseTo(exact, within(0.3));
    }

    @Test
    void aLineIsCoveredWhereItIsCrossedAndHasNoInside() {
        Shape fence = Shape.line(List.of(new Spot(-30, 15), new Spot(30, 15)));
        double width = TREE.covering(fence, new Spot(0, 0)).widthDeg();
        // the tip's corners touch it last: acos(15 / hypot(22, 3.5)) plus the corner's own angle, both sides
        double one = Math.toDegrees(Math.acos(15 / Math.hypot(22, 3.5)) + Math.atan2(3.5, 22));
        assertThat(width).isCloseTo(2 * one, within(1e-6));
    }

    @Test
    void atAQuarterChanceOfLosingControlEverythingInReachCountsAsHit() {
        Arcs behind = TREE.covering(0, -15, 1);
        assertThat(Strike.of(behind, 0, 0, 4, 0.25).decision()).isEqualTo(1);
        assertThat(Strike.of(behind, 0, 0, 4, 0.24).decision()).isLessThan(0.1);
    }
}
