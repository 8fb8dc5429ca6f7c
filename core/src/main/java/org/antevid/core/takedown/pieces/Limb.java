package org.antevid.core.takedown.pieces;

import org.antevid.core.quantity.Require;
import org.antevid.core.takedown.spar.Point;

/**
 * A limb as a line: where it grows, to which side, how thick and how long.
 *
 * @param atM where it leaves the stem, above ground, 0..120 m
 * @param thickM at its base, 0.02..1.5 m
 * @param lengthM 0.3..30 m
 * @param sideDeg azimuth it grows to
 * @param riseDeg above level, -60..80
 * @param loose dead, broken or hanging: it goes first
 */
public record Limb(
        String id, double atM, double thickM, double lengthM, double sideDeg, double riseDeg, boolean loose) {
    /** Its tip over its base: limbs are not cut at a point (judgement). */
    private static final double TIP = 0.2;

    public Limb {
        Require.within(atM, 0, 120, "atM");
        Require.within(thickM, 0.02, 1.5, "thickM");
        Require.within(lengthM, 0.3, 30, "lengthM");
        Require.within(sideDeg, -360, 720, "sideDeg");
        Require.within(riseDeg, -60, 80, "riseDeg");
    }

    double diameterM(double alongM) {
        return thickM * (1 - (1 - TIP) * Math.min(1, alongM / lengthM));
    }

    /** @return place on it, from where it leaves the stem */
    Point offset(double alongM) {
        double a = Math.toRadians(sideDeg);
        double r = Math.toRadians(riseDeg);
        double out = alongM * Math.cos(r);
        return new Point(out * Math.sin(a), out * Math.cos(a), alongM * Math.sin(r));
    }
}
