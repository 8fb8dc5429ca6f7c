package org.antevid.core.site;

import org.antevid.core.quantity.Require;

/**
 * The ground as one plane.
 *
 * @param slopeDeg 0..60, steepest fall
 * @param downhillDeg azimuth of steepest fall
 */
public record Ground(double slopeDeg, double downhillDeg) {
    public static final Ground LEVEL = new Ground(0, 0);

    public Ground {
        Require.within(slopeDeg, 0, 60, "slope_deg");
        Require.within(downhillDeg, -360, 720, "downhill_deg");
    }

    /** @return slope along an azimuth in degrees, downhill positive. Source: geometry. */
    public double alongDeg(double azimuthDeg) {
        return Math.toDegrees(
                Math.atan(Math.tan(Math.toRadians(slopeDeg)) * Math.cos(Math.toRadians(azimuthDeg - downhillDeg))));
    }
}
