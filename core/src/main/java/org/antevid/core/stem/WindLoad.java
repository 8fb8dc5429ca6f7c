package org.antevid.core.stem;

import org.antevid.core.quantity.Require;

/**
 * Wind force on a crown: F = 1/2 rho Cd A U^2, where crowns streamline above {@code u0}. Mechanics model; {@code U} is the gust
 * at crown height, which is 1.5 to 2 times what is felt on the ground. Stopping work is the wind limit's matter, not this.
 *
 * @param cd     drag coefficient at this gust
 * @param forceN newtons
 */
public record WindLoad(double cd, double forceN) {
    public static final double AIR_KGM3 = 1.25;

    /** Whether the crown carries leaves. */
    public enum Leaf { LEAFED, LEAFLESS }

    /** Typical literature values of a crown in the wind. */
    public record Crown(double areaM2, Leaf leaf, double cd0, double u0Ms, double vogel, double leaflessFactor) {
        public Crown {
            Require.within(areaM2, 0, 1500, "crown_area_m2");
            Require.within(cd0, 0.1, 1.5, "cd0");
            Require.within(u0Ms, 1, 20, "u0_ms");
            Require.within(vogel, -1.3, 0, "vogel");
            Require.within(leaflessFactor, 0.1, 1, "leafless_factor");
        }

        public static Crown usual(double areaM2, Leaf leaf) {
            return new Crown(areaM2, leaf, 0.8, 5, -0.5, 0.4);
        }
    }

    /** @param gustMs 0..45 m/s at crown height */
    public static WindLoad of(double gustMs, Crown c) {
        Require.within(gustMs, 0, 45, "gust_ms");
        double cd = gustMs > c.u0Ms ? c.cd0 * Math.pow(gustMs / c.u0Ms, c.vogel) : c.cd0;
        double area = c.leaf == Leaf.LEAFED ? c.areaM2 : c.areaM2 * c.leaflessFactor;
        return new WindLoad(cd, 0.5 * AIR_KGM3 * cd * area * gustMs * gustMs);
    }
}
