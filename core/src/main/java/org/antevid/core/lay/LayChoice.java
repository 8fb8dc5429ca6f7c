package org.antevid.core.lay;

import java.util.Optional;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.lay.spread.PastWork;
import org.antevid.core.quantity.Require;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.School;

/**
 * What the leader chooses for one stem.
 *
 * @param layDeg azimuth it is to fall to
 * @param cutHeightM hinge above ground
 * @param barM usable guide bar length
 * @param skill of who gunns and cuts
 * @param leaving how the cutter gets away
 * @param cuts what he settles about the cuts himself
 * @param support what stands by
 * @param below what holds a stem that rolls or runs downhill; empty while nobody has said
 * @param before what the house has measured on earlier stems; nobody chooses it
 */
public record LayChoice(
        double layDeg,
        double cutHeightM,
        School school,
        double barM,
        Means means,
        LaySpread.Skill skill,
        Leaving leaving,
        CutChoice cuts,
        Support support,
        Optional<Below> below,
        PastWork before) {
    /**
     * Ground below that is kept empty.
     *
     * @param holds the first thing that holds: a bench, a ditch, standing wood
     * @param downM how far down it is, 1..2000
     * @param by who keeps it empty
     */
    public record Below(String holds, double downM, String by) {
        public Below {
            holds = Require.text(holds, 60, "belowHolds");
            Require.within(downM, 1, 2000, "belowM");
            by = Require.text(by, 60, "belowBy");
        }
    }

    public LayChoice(
            double layDeg,
            double cutHeightM,
            School school,
            double barM,
            Means means,
            LaySpread.Skill skill,
            Leaving leaving,
            CutChoice cuts,
            Support support) {
        this(layDeg, cutHeightM, school, barM, means, skill, leaving, cuts, support, Optional.empty(), PastWork.NONE);
    }

    public LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means) {
        this(
                layDeg,
                cutHeightM,
                school,
                barM,
                means,
                LaySpread.Skill.TRAINED,
                means.isLine() ? Leaving.BEFORE_THE_PULL : Leaving.USUAL,
                CutChoice.BY_THE_RULE,
                Support.NONE);
    }

    public LayChoice(
            double layDeg,
            double cutHeightM,
            School school,
            double barM,
            Means means,
            LaySpread.Skill skill,
            Leaving leaving) {
        this(layDeg, cutHeightM, school, barM, means, skill, leaving, CutChoice.BY_THE_RULE, Support.NONE);
    }

    public LayChoice {
        Require.within(layDeg, -360, 720, "layDeg");
        Require.within(cutHeightM, 0.05, 2, "cutHeightM");
        Require.within(barM, 0.15, 2.5, "barM");
    }

    /** @throws org.antevid.core.quantity.RefusedInput for what nobody can rig on this stem, naming the field */
    public void requireRiggedOn(StemReading stem) {
        means.requireTieIn(stem, cutHeightM, "ropeHeightM");
        support.fallback().ifPresent(f -> f.requireTieIn(stem, cutHeightM, "fallback.ropeHeightM"));
        support.guy().ifPresent(g -> new Means(
                        Means.Kind.MACHINE_LINE, Optional.of(g.heightM()), Optional.empty(), Optional.empty())
                .requireTieIn(stem, cutHeightM, "guyHeightM"));
    }

    /** @return whether he has left before anything pulls, so that no clock runs against him */
    public boolean leavesBefore() {
        return means.isLine()
                && leaving.clock() == Leaving.Clock.AT_PULL
                && means.rig().when() == Rig.PullBegin.STRAP_RELEASED;
    }

    public LayChoice onLay(double otherDeg) {
        return new LayChoice(otherDeg, cutHeightM, school, barM, means, skill, leaving, cuts, support, below, before);
    }

    public LayChoice by(Means other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, other, skill, leaving, cuts, support, below, before);
    }

    public LayChoice by(School other) {
        return new LayChoice(layDeg, cutHeightM, other, barM, means, skill, leaving, cuts, support, below, before);
    }

    public LayChoice by(CutChoice other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, leaving, other, support, below, before);
    }

    public LayChoice by(Support other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, leaving, cuts, other, below, before);
    }

    /** @return the same with a hinge of one thickness, metres */
    public LayChoice hinge(double thickM) {
        return by(cuts.hinge(thickM));
    }

    public LayChoice leaving(Leaving other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, other, cuts, support, below, before);
    }

    public LayChoice below(Optional<Below> other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, leaving, cuts, support, other, before);
    }

    public LayChoice cutBy(PastWork other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, leaving, cuts, support, below, other);
    }

    public LayChoice turnedTo(double deg) {
        return new LayChoice(deg, cutHeightM, school, barM, means, skill, leaving, cuts, support, below, before);
    }
}
