package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.lime;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.Samples;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;

/** A back guy on a tree that leans to the east; most of them on a plate that has lifted. */
class GuyCheckTest {
    private static final Optional<Gear.Part> LINE =
            Optional.of(new Gear.Part("line 16", 200_000, true, Optional.empty()));
    private static final StemReading LIFTED = leaning(new Defect("D1", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 0, ""));
    private static final StemReading WHOLE = leaning();

    private static StemReading leaning(Defect... faults) {
        return lime(Optional.of(new Lean(8, 90, 0.5)), List.of(), faults);
    }

    private static Guy guy(double deg, double pretensionN) {
        return new Guy(LINE, 8, deg, 20, 0.5, pretensionN, Optional.of(2.0), true, Optional.of(true));
    }

    private static GuyCheck check(StemReading stem, Guy guy, Cut... cuts) {
        return GuyCheck.of(plan(stem, List.of(EAST), GEAR, cuts), guy, stem, List.of(stem), Ground.LEVEL);
    }

    private static double needed(GuyCheck c) {
        return c.worst().orElseThrow().guyNeededN().orElseThrow();
    }

    @Test
    void oppositeToTheLeanOnASoundPlateNothingStandsAgainstIt() {
        GuyCheck c = check(WHOLE, guy(270, 1500));
        assertThat(c.remarks()).containsExactly(GuyRemark.TOO_SOFT);
        assertThat(c.fromN().orElseThrow()).isLessThan(c.toN().orElseThrow());
        assertThat(c.share().orElseThrow()).isBetween(0.0, 1.0);
        assertThat(c.piece()).isEmpty();
    }

    @Test
    void onTheLeanSideItHoldsNothing() {
        assertThat(check(WHOLE, guy(90, 4000)).remarks()).contains(GuyRemark.WRONG_SIDE);
        assertThat(check(WHOLE, guy(200, 4000)).remarks()).contains(GuyRemark.WRONG_SIDE);
        assertThat(check(WHOLE, guy(245, 1500)).remarks()).containsExactly(GuyRemark.SECOND_GUY, GuyRemark.TOO_SOFT);
    }

    /** What hangs in a line asks more of it than the standing tree, and the piece is named. */
    @Test
    void theWorstPieceCounts() {
        GuyCheck still = check(WHOLE, guy(270, 4000));
        GuyCheck rigged = check(WHOLE, guy(270, 4000), limb("L1", Way.TIED_ABOVE), stem(12, Way.LET_RUN));
        assertThat(needed(rigged)).isGreaterThan(needed(still));
        assertThat(rigged.piece()).isPresent();
    }

    @Test
    void itsPullLiesBetweenSlackAndPullingItOver() {
        GuyCheck c = check(WHOLE, guy(270, 4000));
        double over = c.toN().orElseThrow();
        assertThat(check(WHOLE, guy(270, over * 1.01)).remarks()).contains(GuyRemark.PULLS_IT_OVER);
        assertThat(check(WHOLE, guy(270, over * 0.99)).remarks()).doesNotContain(GuyRemark.PULLS_IT_OVER);
        Guy soft = new Guy(
                Optional.of(new Gear.Part("cord", 9_000, true, Optional.empty())),
                8,
                270,
                20,
                0.5,
                0,
                Optional.of(2.0),
                true,
                Optional.of(true));
        assertThat(check(WHOLE, soft).remarks()).contains(GuyRemark.OVER_LIMIT, GuyRemark.NO_TENSION);
    }

    /** A plate that has moved: no climbing, nothing rigged before it is proven, no rescue. */
    @Test
    void onALiftedPlateItIsALimitAndNoRescue() {
        GuyCheck outside = check(LIFTED, guy(270, 4000));
        assertThat(outside.remarks()).contains(GuyRemark.NO_RESCUE).doesNotContain(GuyRemark.NOT_PROVEN);
        Guy unproven = new Guy(LINE, 8, 270, 20, 0.5, 4000, Optional.of(2.0), false, Optional.of(true));
        assertThat(check(LIFTED, unproven, limb("L1", Way.TIED_ABOVE)).remarks())
                .contains(GuyRemark.NOT_PROVEN);
        TakeDown climbed = TakeDown.of(
                CutFigure.of(LIFTED, List.of(EAST)),
                Aloft.of(LIFTED).said(Aloft.Allowed.WHOLE_TREE),
                List.of(limb("L1", Way.BY_HAND)),
                GEAR,
                Limes.LAWN);
        assertThat(GuyCheck.of(climbed, guy(270, 4000), LIFTED, List.of(), Ground.LEVEL)
                        .remarks())
                .contains(GuyRemark.SOMEBODY_ALOFT);
    }

    /** How far the plate turned nobody said: all of the lean counts, which is never less. */
    @Test
    void knowingLessNeverAsksLess() {
        Guy known = guy(270, 4000);
        Guy unknown = new Guy(LINE, 8, 270, 20, 0.5, 1500, Optional.empty(), true, Optional.empty());
        assertThat(needed(check(LIFTED, unknown))).isGreaterThanOrEqualTo(needed(check(LIFTED, known)) - 1e-6);
        assertThat(check(WHOLE, unknown).remarks()).containsExactly(GuyRemark.ANCHOR_NOT_SEEN, GuyRemark.TOO_SOFT);
        Guy noLine = new Guy(Optional.empty(), 8, 270, 20, 0.5, 1500, Optional.empty(), true, Optional.of(true));
        GuyCheck c = check(WHOLE, noLine);
        assertThat(c.share()).isEmpty();
        assertThat(c.remarks()).containsExactly(GuyRemark.LINE_NOT_CHOSEN);
    }

    @Test
    void itsAnchorIsOutOfTheZoneAndOnASoundTree() {
        Guy near = new Guy(LINE, 5, 270, 4, 0.5, 1000, Optional.of(2.0), true, Optional.of(true));
        assertThat(check(WHOLE, near, stem(9, Way.SNAPPED)).remarks()).contains(GuyRemark.ANCHOR_IN_ZONE);
        StemReading rotten = Samples.oak(
                "S9", new Spot(-20, 0), List.of(new Defect("D1", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 0, "")));
        assertThat(GuyCheck.of(
                                plan(WHOLE, List.of(EAST), GEAR),
                                guy(270, 4000),
                                WHOLE,
                                List.of(WHOLE, rotten),
                                Ground.LEVEL)
                        .remarks())
                .contains(GuyRemark.ANCHOR_BAD);
    }

    @Test
    void moreLeanNeverAsksLess() {
        Random r = new Random(8);
        for (int i = 0; i < 60; i++) {
            double deg = 2 + r.nextDouble() * 10;
            StemReading less = lime(Optional.of(new Lean(deg, 90, 0.5)), List.of());
            StemReading more = lime(Optional.of(new Lean(deg + 1, 90, 0.5)), List.of());
            assertThat(needed(check(more, guy(270, 4000)))).isGreaterThan(needed(check(less, guy(270, 4000))));
        }
    }
}
