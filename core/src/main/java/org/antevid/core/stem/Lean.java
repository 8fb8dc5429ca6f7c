package org.antevid.core.stem;

import org.antevid.core.quantity.Require;

/**
 * Lean of a stem: angle from plumb and the azimuth it leans to. An eye estimate has a sigma of 2 degrees, never none; a
 * plumb stem has an unknown direction, not none.
 */
public record Lean(double deg, double azimuthDeg, double sigmaDeg) {
    public static final double EYE_SIGMA_DEG = 2;

    public Lean {
        Require.within(deg, 0, 60, "leanDeg");
        Require.within(azimuthDeg, -360, 720, "leanAzimuthDeg");
        Require.within(sigmaDeg, 0.05, 20, "sigmaLeanDeg");
    }

    /** @return offset of a point {@code heightM} up the stem along {@code azimuth}, metres */
    public double offsetM(double heightM, double azimuth) {
        return heightM * Math.tan(Math.toRadians(deg)) * Math.cos(Math.toRadians(azimuth - azimuthDeg));
    }

    /** @return one sigma of that offset in any direction, metres */
    public double sigmaOffsetM(double heightM) {
        return heightM * Math.tan(Math.toRadians(sigmaDeg));
    }
}
