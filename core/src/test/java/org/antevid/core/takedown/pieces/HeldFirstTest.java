package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.fault;
import static org.antevid.core.takedown.pieces.Limes.force;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.lime;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.spar.Point;
import org.junit.jupiter.api.Test;

/**
 * A lime split at 5 m, its limbs above: a line over friction on another tree holds a limb first, the line over a block
 * in sound wood below the split takes it over.
 */
class HeldFirstTest {
    private static final StemReading SPLIT =
            lime(Optional.of(new Lean(3, 90, 0.5)), List.of(), fault(DefectKind.CRACK, 5, 6));
    private static final Optional<Gear.Part> LINE =
            Optional.of(new Gear.Part("line 16", 60_000, true, Optional.empty()));
    private static final Optional<Gear.Part> DEVICE =
            Optional.of(new Gear.Part("friction", 40_000, true, Optional.empty()));
    private static final Optional<Gear.Part> SLING =
            Optional.of(new Gear.Part("sling 2", 40_000, true, Optional.empty()));

    private static SecondLine second(double heightM, double awayM, double toM, double downM) {
        return new SecondLine(
                LINE,
                270,
                awayM,
                heightM,
                toM,
                downM,
                Optional.of(true),
                Optional.of(new FrictionAloft(DEVICE, SLING)));
    }

    private static Gear with(SecondLine s) {
        return new Gear(
                GEAR.line(), GEAR.block(), GEAR.sling(), GEAR.brake(), Optional.empty(), 8, 200, 0.3, Optional.of(s));
    }

    private static Piece piece(SecondLine s, Cut cut) {
        return plan(SPLIT, List.of(EAST, WEST), with(s), cut).pieces().get(0);
    }

    private static Piece drawn(SecondLine s) {
        return piece(s, limb("L2", Way.DRIFTED));
    }

    @Test
    void theBlockHangsInSoundWoodBelowTheSplit() {
        Piece p = drawn(second(14, 6, 3, 1));
        assertThat(p.block().orElseThrow().z()).isLessThan(5);
        assertThat(p.remarks())
                .contains(PieceRemark.SWINGS_TO_TREE)
                .doesNotContain(
                        PieceRemark.RIGGED_ABOVE_FAULT,
                        PieceRemark.TIE_ABOVE_BLOCK,
                        PieceRemark.NO_SECOND_LINE,
                        PieceRemark.NO_FRICTION_ALOFT);
    }

    /** Tied over there and hung in the line over the stem the same limb would hang above the split. */
    @Test
    void anythingThatHangsOnTheStemAboveItStillStops() {
        SecondLine s = second(14, 6, 3, 1);
        assertThat(drawn(s.over(Optional.empty())).remarks()).contains(PieceRemark.RIGGED_ABOVE_FAULT);
        Cut above = new Cut(Optional.of("L2"), 0, Way.DRIFTED, Optional.empty(), Optional.of(9.0), Optional.empty());
        assertThat(piece(s, above).remarks()).contains(PieceRemark.RIGGED_ABOVE_FAULT);
        assertThat(piece(s, limb("L2", Way.TIED_ABOVE)).remarks()).contains(PieceRemark.RIGGED_ABOVE_FAULT);
    }

    @Test
    void frictionAndItsSlingAreAskedFor() {
        SecondLine none = second(14, 6, 3, 1).over(Optional.of(new FrictionAloft(Optional.empty(), Optional.empty())));
        SecondLine noSling = second(14, 6, 3, 1).over(Optional.of(new FrictionAloft(DEVICE, Optional.empty())));
        assertThat(drawn(none).remarks()).contains(PieceRemark.NO_FRICTION_ALOFT);
        assertThat(drawn(noSling).remarks()).contains(PieceRemark.NO_FRICTION_ALOFT);
        assertThat(drawn(noSling.on(Optional.empty())).remarks())
                .contains(PieceRemark.NO_SECOND_LINE)
                .doesNotContain(PieceRemark.NO_FRICTION_ALOFT);
        assertThat(drawn(noSling).loading().links())
                .as("unknown is never green")
                .anyMatch(l -> l.kind() == Link.Kind.SECOND_SLING && !l.known());
        Gear.Part bad = new Gear.Part("friction", 40_000, true, Optional.empty(), false, 1);
        assertThat(drawn(second(14, 6, 3, 1).over(Optional.of(new FrictionAloft(Optional.of(bad), SLING))))
                        .remarks())
                .contains(PieceRemark.KIT_NOT_FOR_USE);
    }

    /** One brake cannot hang aloft over there and stand at the foot of this stem. */
    @Test
    void oneThingHangsInOnePlace() {
        for (int have = 1; have <= 2; have++) {
            Gear.Part brake = new Gear.Part("brake", 40_000, true, Optional.empty(), true, 1, "b1", have);
            SecondLine s = second(14, 6, 3, 1).over(Optional.of(new FrictionAloft(Optional.of(brake), SLING)));
            Gear gear = new Gear(
                    GEAR.line(),
                    GEAR.block(),
                    GEAR.sling(),
                    Optional.of(brake),
                    Optional.empty(),
                    8,
                    200,
                    0.3,
                    Optional.of(s));
            Piece both = plan(SPLIT, List.of(EAST, WEST), gear, limb("L2", Way.DRIFTED))
                    .pieces()
                    .get(0);
            assertThat(both.remarks().contains(PieceRemark.KIT_TOO_FEW)).isEqualTo(have == 1);
            assertThat(gear.tooFew(Way.TIED_ABOVE))
                    .as("it is not rigged for this one")
                    .isEmpty();
        }
    }

    /** A pendulum of its weight pulls no less than 2 W + 3 W (1 - cos) on a line that stretches; aloft all of it. */
    @Test
    void theLineOverThereCatchesTheSwing() {
        Piece p = drawn(second(14, 6, 3, 1));
        Drift.Held h = p.drift().flatMap(Drift::held).orElseThrow();
        double w = p.massHighKg() * StemMass.G;
        double bound = 2 * w + 3 * w * (1 - Math.cos(Math.toRadians(h.fromDownDeg())));
        double peak = p.loading().second().orElseThrow().peakN();
        assertThat(peak).isGreaterThanOrEqualTo(bound * (1 - 1e-9));
        assertThat(force(p, Link.Kind.FRICTION_ALOFT))
                .as("both legs pull at it")
                .isGreaterThan(peak);
        assertThat(force(p, Link.Kind.SECOND_SLING)).isEqualTo(force(p, Link.Kind.FRICTION_ALOFT), within(1e-6));
    }

    /** The line over the stem takes all of it over: never less than the weight, handled. */
    @Test
    void theStemFeelsTheWholeWeightBelowTheSplitAlone() {
        Piece p = drawn(second(14, 6, 3, 1));
        assertThat(p.loading().peakN().orElseThrow())
                .isGreaterThanOrEqualTo(1.3 * p.massHighKg() * StemMass.G * (1 - 1e-9));
        Piece hung = piece(second(14, 6, 3, 1), limb("L2", Way.TIED_ABOVE));
        assertThat(force(p, Link.Kind.STEM)).as("nothing pulls at it").isLessThan(force(hung, Link.Kind.STEM));
    }

    @Test
    void tiedHigherThanThatLineItWouldFallIntoIt() {
        assertThat(drawn(second(6, 10, 5, 0)).remarks())
                .contains(PieceRemark.SECOND_LINE_LOW)
                .doesNotContain(PieceRemark.SWINGS_TO_TREE);
    }

    @Test
    void aLongSwingStrikesTheGround() {
        Piece far = drawn(second(14, 20, 5, 0));
        assertThat(far.loading().roomM().orElseThrow()).isNegative();
        assertThat(far.remarks()).contains(PieceRemark.STRIKES_GROUND);
    }

    /** Heavier is never less on any line or link; let down deeper never leaves more room. */
    @Test
    void heavierNeverPullsLess() {
        Random r = new Random(11);
        Point block = new Point(-0.4, 0, 4.5);
        for (int i = 0; i < 200; i++) {
            SecondLine s = second(9 + r.nextDouble() * 8, 5 + r.nextDouble() * 8, 1 + r.nextDouble() * 3, 1);
            Point tie = new Point(-1 - 2 * r.nextDouble(), r.nextDouble() - 0.5, 8);
            Drift light = Drift.held(100, block, tie, s);
            Drift heavy = Drift.held(130, block, tie, s);
            assertThat(heavy.firstN()).isGreaterThanOrEqualTo(light.firstN());
            assertThat(heavy.secondN()).isGreaterThanOrEqualTo(light.secondN());
            Drift.Held h = light.held().orElseThrow();
            assertThat(h.beyond().minus(h.anchor()).size()).isCloseTo(h.lineM(), within(1e-9));
            assertThat(light.start().z()).isCloseTo(h.lowestM() - 1, within(1e-9));
            assertThat(light.start().x()).as("below the other tree").isCloseTo(-s.awayM(), within(1e-9));
        }
    }

    /** What is said of the keep-out covers the swing too, not only what is below the cut. */
    @Test
    void theDistanceToKeepReachesBeyondTheOtherTree() {
        Piece p = drawn(second(14, 6, 3, 1));
        Point beyond = p.drift().flatMap(Drift::held).orElseThrow().beyond();
        assertThat(KeepClear.keepOffM(new Spot(0, 0), p, Ground.LEVEL).orElseThrow())
                .isGreaterThan(Math.hypot(beyond.x(), beyond.y()));
    }

    @Test
    void whatNobodyChoseIsNoForceOfNought() {
        Piece p = drawn(second(14, 6, 3, 1).on(Optional.empty()));
        assertThat(p.loading().links())
                .filteredOn(l -> l.kind() == Link.Kind.SECOND_LINE)
                .allMatch(l -> l.reckoned().isEmpty());
    }

    /** All along the swing and as far beyond the other tree, and where it is taken over. */
    @Test
    void nobodyStandsWhereItSwingsOrIsLetDown() {
        Piece p = drawn(second(14, 6, 3, 1));
        Spot foot = new Spot(0, 0);
        Drift.Held h = p.drift().flatMap(Drift::held).orElseThrow();
        for (Shape zone : List.of(
                Shape.polygon(KeepClear.whileCut(foot, p, Ground.LEVEL).orElseThrow()),
                Shape.polygon(KeepClear.of(foot, p, Ground.LEVEL).orElseThrow()))) {
            for (double at = 0; at <= 1; at += 0.05) {
                Point on = h.from().plus(h.beyond().minus(h.from()).times(at));
                assertThat(zone.distanceTo(new Spot(on.x(), on.y()))).isZero();
            }
        }
    }
}
