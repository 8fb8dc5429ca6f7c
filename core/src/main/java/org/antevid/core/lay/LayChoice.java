package org.antevid.core.lay;

import org.antevid.core.cut.School;
import org.antevid.core.quantity.Require;
import org.antevid.core.retreat.Leaving;

/**
 * What the leader chooses for one stem.
 *
 * @param layDeg     azimuth it is to fall to
 * @param cutHeightM hinge above ground
 * @param barM       usable guide bar length
 * @param skill      of who gunns and cuts
 * @param leaving    how the cutter gets away
 */
public record LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means, LaySpread.Skill skill, Leaving leaving) {
    public LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means) {
        this(layDeg, cutHeightM, school, barM, means, LaySpread.Skill.TRAINED, Leaving.USUAL);
    }

    public LayChoice {
        Require.within(layDeg, -360, 720, "layDeg");
        Require.within(cutHeightM, 0.05, 2, "cutHeightM");
        Require.within(barM, 0.15, 2.5, "barM");
    }

    public LayChoice by(Means other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, other, skill, leaving);
    }

    public LayChoice by(School other) {
        return new LayChoice(layDeg, cutHeightM, other, barM, means, skill, leaving);
    }

    public LayChoice leaving(Leaving other) {
        return new LayChoice(layDeg, cutHeightM, school, barM, means, skill, other);
    }

    public LayChoice turnedTo(double deg) {
        return new LayChoice(deg, cutHeightM, school, barM, means, skill, leaving);
    }
}
