package org.antevid.core.lay;

import org.antevid.core.cut.School;
import org.antevid.core.quantity.Require;

/**
 * What the leader chooses for one stem.
 *
 * @param layDeg     azimuth it is to fall to
 * @param cutHeightM hinge above ground
 * @param barM       usable guide bar length
 */
public record LayChoice(double layDeg, double cutHeightM, School school, double barM, Means means) {
    public LayChoice {
        Require.within(layDeg, -360, 720, "layDeg");
        Require.within(cutHeightM, 0.05, 2, "cutHeightM");
        Require.within(barM, 0.15, 2.5, "barM");
    }

    public LayChoice turnedTo(double deg) {
        return new LayChoice(deg, cutHeightM, school, barM, means);
    }
}
