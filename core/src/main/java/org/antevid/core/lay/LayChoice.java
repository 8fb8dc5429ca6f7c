package org.antevid.core.lay;

import org.antevid.core.cut.CutChoice;
import org.antevid.core.cut.School;
import org.antevid.core.quantity.Require;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.stem.StemReading;

/**
 * What the leader chooses for one stem.
 *
 * @param layDeg     azimuth it is to fall to
 * @param cutHeightM hinge above ground
 * @param barM       usable guide bar length
 * @param skill      of who gunns and cuts
 * @param leaving    how the cutter gets away
 * @param cuts       what he settles about the cuts himself
 * @param support    what stands by
 */
public record LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means, LaySpread.Skill skill, Leaving leaving, CutChoice cuts, Support support) {
    public LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means) {
        this(layDeg, cutHeightM, school, barM, means, LaySpread.Skill.TRAINED, Leaving.USUAL, CutChoice.BY_THE_RULE, Support.NONE);
    }

    public LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means, LaySpread.Skill skill, Leaving leaving) {
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
        support.guy().ifPresent(g -> new Means(Means.Kind.MACHINE_LINE, java.util.Optional.of(g.heightM()), java.util.Optional.empty(), java.util.Optional.empty()).requireTieIn(stem, cutHeightM, "guyHeightM"));
    }

    public LayChoice by(Means other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, other, skill, leaving, cuts, support);
    }

    public LayChoice by(School other) {
        return new LayChoice(layDeg, cutHeightM, other, barM, means, skill, leaving, cuts, support);
    }

    public LayChoice by(CutChoice other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, leaving, other, support);
    }

    public LayChoice by(Support other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, leaving, cuts, other);
    }

    public LayChoice leaving(Leaving other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, other, cuts, support);
    }

    public LayChoice turnedTo(double deg) {
        return new LayChoice(deg, cutHeightM, school, barM, means, skill, leaving, cuts, support);
    }
}
