package org.antevid.core.stem;

import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A fault on a stem.
 *
 * @param fromM   lower end above ground, metres
 * @param toM     upper end, not below {@code fromM}
 * @param faceDeg azimuth of the side it is on
 */
public record Defect(String id, DefectKind kind, double fromM, double toM, double faceDeg, String note) {
    /** A fault that begins below this is at the height of the cut (practice rule). */
    public static final double HINGE_ZONE_M = 1.2;

    public Defect {
        Require.within(fromM, 0, 120, "fromM");
        Require.within(toM, 0, 120, "toM");
        Require.within(faceDeg, -360, 720, "faceDeg");
        if (toM < fromM) {
            throw new RefusedInput("OUT_OF_RANGE", "toM", "must not be below the lower end of " + fromM + " m");
        }
    }

    public boolean atTheHinge() {
        return fromM <= HINGE_ZONE_M || kind == DefectKind.LIFTED_ROOT_PLATE;
    }
}
