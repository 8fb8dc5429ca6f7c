package org.antevid.core.stem;

import org.antevid.core.quantity.Require;

/**
 * A piece of stem as a paraboloid frustum. Source: geometry.
 *
 * @param cgM from the thick end, metres
 */
public record Frustum(double volumeM3, double massKg, double cgM) {
    public static Frustum of(double d1M, double d2M, double lengthM, double densityKgm3) {
        Require.within(d1M, 0.001, 5, "d1_m");
        Require.within(d2M, 0, 5, "d2_m");
        Require.within(lengthM, 0.01, 120, "length_m");
        Require.within(densityKgm3, 300, 1400, "density_kgm3");
        double a1 = Math.PI / 4 * d1M * d1M;
        double a2 = Math.PI / 4 * d2M * d2M;
        double volume = lengthM * (a1 + a2) / 2;
        return new Frustum(volume, volume * densityKgm3, lengthM * (a1 + 2 * a2) / (3 * (a1 + a2)));
    }
}
