package org.antevid.core.takedown.pieces;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.Samples;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.spar.Point;
import org.junit.jupiter.api.Test;

/** Ground nobody stands on while a piece comes down. */
class KeepClearTest {
    private static final Spot FOOT = new Spot(100, 200);
    private static final Point TEN_UP = new Point(1, 2, 10);

    private static FreeDrop drop(double down, double across, double up) {
        return new FreeDrop(Optional.of(down), Optional.of(across), Optional.of(up), 3, 0, List.of());
    }

    private static TakeDown plan(Way limbWay, Way stemWay) {
        return TakeDown.of(
                CutFigure.of(Samples.oak("S1", FOOT, List.of()), List.of(new Limb("L1", 10, 0.15, 5, 90, 10, false))),
                Aloft.of(Samples.oak("S1", FOOT, List.of())),
                List.of(
                        new Cut(Optional.of("L1"), 0.2, limbWay, Optional.empty(), Optional.empty(), Optional.empty()),
                        new Cut(Optional.empty(), 14, stemWay, Optional.empty(), Optional.empty(), Optional.empty())),
                Gear.NONE,
                new Below(FreeDrop.Surface.TURF, 0, 8, 10));
    }

    private static Shape zone(Piece p) {
        return Shape.polygon(KeepClear.whileCut(FOOT, p, Ground.LEVEL).orElseThrow());
    }

    @Test
    void onLevelGroundItIsACircleRoundThePlaceBelowTheCut() {
        List<Spot> outline =
                KeepClear.of(FOOT, List.of(TEN_UP), drop(6, 6, 6), Ground.LEVEL).orElseThrow();
        assertThat(outline)
                .allSatisfy(s -> assertThat(s.distanceTo(new Spot(101, 202))).isBetween(6.0, 6.002));
    }

    @Test
    void downhillItReachesFarthest() {
        Ground slope = new Ground(15, 180);
        List<Spot> outline =
                KeepClear.of(FOOT, List.of(TEN_UP), drop(20, 8, 5), slope).orElseThrow();
        Spot below = new Spot(101, 202);
        assertThat(outline.get(18).distanceTo(below)).isBetween(20.0, 20.002);
        assertThat(outline.get(0).distanceTo(below))
                .as("never less than across")
                .isBetween(8.0, 8.002);
        assertThat(outline.get(9).distanceTo(below)).isBetween(8.0, 8.002);
    }

    @Test
    void whatRollsOnHasNoEdge() {
        FreeDrop rolls = new FreeDrop(Optional.empty(), Optional.of(8.0), Optional.of(5.0), 3, 0, List.of());
        assertThat(KeepClear.of(FOOT, List.of(TEN_UP), rolls, new Ground(25, 180)))
                .isEmpty();
    }

    /** Law: a piece that ends farther off never needs less ground. */
    @Test
    void fartherNeverClosesLess() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            Ground slope = new Ground(random.nextDouble() * 40, random.nextInt(360));
            double down = 3 + random.nextDouble() * 20;
            double across = 3 + random.nextDouble() * 10;
            double up = 3 + random.nextDouble() * 5;
            Shape less = Shape.polygon(KeepClear.of(FOOT, List.of(TEN_UP), drop(down, across, up), slope)
                    .orElseThrow());
            Shape more = Shape.polygon(KeepClear.of(FOOT, List.of(TEN_UP), drop(down + 1, across + 1, up + 1), slope)
                    .orElseThrow());
            less.outline().forEach(s -> assertThat(more.distanceTo(s)).isZero());
        }
    }

    /** Tied it swings to the other side as far as it came from, and turns about its knot. */
    @Test
    void onALineItIsUnderThePieceAndAsFarAsItSwings() {
        Piece tied = plan(Way.TIED_ABOVE, Way.SNAPPED).pieces().get(0);
        Shape zone = zone(tied);
        Point tie = tied.tie().orElseThrow();
        Point block = tied.block().orElseThrow();
        assertThat(zone.distanceTo(new Spot(
                        FOOT.eastM() + tied.to().x(), FOOT.northM() + tied.to().y())))
                .as("its far end")
                .isZero();
        double out = tie.x() - block.x();
        assertThat(zone.distanceTo(new Spot(FOOT.eastM() + block.x() - out, FOOT.northM())))
                .as("where its knot swings back to")
                .isZero();
        assertThat(zone.distanceTo(FOOT.at(0, 5))).as("beside the stem").isPositive();
        Shape free = zone(plan(Way.SNAPPED, Way.SNAPPED).pieces().get(0));
        assertThat(free.distanceTo(FOOT.at(0, 5))).as("not tied").isZero();
    }

    @Test
    void whatFallsIntoItsLineGoesToAnySide() {
        Piece caught = plan(Way.TIED_ABOVE, Way.TIED_BELOW).pieces().get(1);
        Shape zone = zone(caught);
        for (int deg = 0; deg < 360; deg += 15) {
            assertThat(zone.distanceTo(FOOT.at(deg, 2.5))).as("%d", deg).isZero();
        }
    }

    /** What falls free strikes within what it bounces and rolls over; what hangs strikes nowhere. */
    @Test
    void whereItStrikesLiesWithinWhereItCanEnd() {
        TakeDown t = Limes.plan(
                Limes.sound(),
                List.of(Limes.EAST),
                Limes.GEAR,
                Limes.stem(13, Way.SNAPPED),
                Limes.limb("L1", Way.TIED_ABOVE));
        Piece free = t.pieces().get(0);
        Shape ends = Shape.polygon(KeepClear.of(FOOT, free, Ground.LEVEL).orElseThrow());
        assertThat(KeepClear.strikes(FOOT, free)).isNotEmpty().allMatch(s -> ends.distanceTo(s) <= 0);
        assertThat(free.drop().strikesM())
                .isBetween(free.lengthM(), free.drop().acrossM().orElseThrow());
        assertThat(KeepClear.strikes(FOOT, t.pieces().get(1))).isEmpty();
    }
}
