package org.antevid.core.stem;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Wind force on a crown: F = 1/2 rho Cd A U^2, where crowns streamline above {@code u0}. Mechanics model; {@code U} is
 * the gust at crown height, which is 1.5 to 2 times what is felt on the ground. Stopping work is the wind limit's
 * matter, not this.
 *
 * @param cd drag coefficient at this gust
 * @param areaM2 crown the wind meets, before leaves are taken off
 * @param forceN newtons
 * @param forceHeightM of the crown's middle above the cut; empty while crown and height are not given
 */
public record WindLoad(double cd, double areaM2, double forceN, Optional<Double> forceHeightM) {
    public static final double AIR_KGM3 = 1.25;
    private static final double STRONGEST_MS = 45;
    private static final double MOST_AREA_M2 = 25 * 120 * Math.PI / 2;

    /** Whether the crown carries leaves. */
    public enum Leaf {
        LEAFED,
        LEAFLESS
    }

    /** Typical literature values of a crown in the wind. */
    public record Crown(double areaM2, Leaf leaf, double cd0, double u0Ms, double vogel, double leaflessFactor) {
        public Crown {
            Require.within(areaM2, 0, MOST_AREA_M2, "crown_area_m2");
            Require.within(cd0, 0.1, 1.5, "cd0");
            Require.within(u0Ms, 1, 20, "u0_ms");
            Require.within(vogel, -1.3, 0, "vogel");
            Require.within(leaflessFactor, 0.1, 1, "leafless_factor");
        }

        public static Crown usual(double areaM2, Leaf leaf) {
            return new Crown(areaM2, leaf, 0.8, 5, -0.5, 0.4);
        }
    }

    /**
     * The crown as it stands: an ellipse from its base to the tip.
     *
     * @param radiusM 0..25
     * @param heightM 1..120
     * @param baseM of the crown above ground
     * @param cutHeightM 0..6
     */
    public record Figure(double radiusM, double heightM, double baseM, double cutHeightM) {
        /** Where nobody measured it the crown is taken to begin this far up: the worse for wind (judgement). */
        private static final double BASE_SHARE = 0.25;

        /** @throws org.antevid.core.quantity.RefusedInput {@code CROWN_BASE_ABOVE_TOP}, {@code CUT_ABOVE_TOP} */
        public Figure {
            Require.within(radiusM, 0, 25, "crown_radius_m");
            Require.within(heightM, 1, 120, "height_m");
            Require.within(baseM, 0, 110, "crown_base_m");
            Require.within(cutHeightM, 0, 6, "cut_height_m");
            if (!(baseM < heightM)) {
                throw new RefusedInput(Refusal.CROWN_BASE_ABOVE_TOP, "crown_base_m");
            }
            if (!(cutHeightM < heightM)) {
                throw new RefusedInput(Refusal.CUT_ABOVE_TOP, "cut_height_m");
            }
        }

        /** @param measuredBaseM empty while nobody measured it */
        public static Figure of(double radiusM, double heightM, Optional<Double> measuredBaseM, double cutHeightM) {
            return new Figure(radiusM, heightM, measuredBaseM.orElse(BASE_SHARE * heightM), cutHeightM);
        }

        public double areaM2() {
            return Math.PI / 2 * radiusM * (heightM - baseM);
        }

        public double forceHeightM() {
            return (heightM + baseM) / 2 - cutHeightM;
        }
    }

    /**
     * @param gustMs 0 and up; more than 45 counts as 45
     * @param ofMs 1..45
     * @return the force of one gust over that of another on the same crown
     */
    public static double times(double gustMs, double ofMs) {
        Crown crown = Crown.usual(1, Leaf.LEAFED);
        return of(Math.min(STRONGEST_MS, gustMs), crown).forceN / of(ofMs, crown).forceN;
    }

    /** The same on the crown as it stands, whose area is never taken for less than was given. */
    public static WindLoad of(double gustMs, Crown c, Figure f) {
        WindLoad w = of(
                gustMs,
                new Crown(
                        Math.min(MOST_AREA_M2, Math.max(c.areaM2, f.areaM2())),
                        c.leaf,
                        c.cd0,
                        c.u0Ms,
                        c.vogel,
                        c.leaflessFactor));
        return new WindLoad(w.cd, w.areaM2, w.forceN, Optional.of(f.forceHeightM()));
    }

    /** @return moment about the cut, N m; empty while crown and height are not given */
    public Optional<Double> momentNm() {
        return forceHeightM.map(h -> forceN * h);
    }

    /** @param gustMs 0..45 m/s at crown height */
    public static WindLoad of(double gustMs, Crown c) {
        Require.within(gustMs, 0, STRONGEST_MS, "gust_ms");
        double cd = gustMs > c.u0Ms ? c.cd0 * Math.pow(gustMs / c.u0Ms, c.vogel) : c.cd0;
        double area = c.leaf == Leaf.LEAFED ? c.areaM2 : c.areaM2 * c.leaflessFactor;
        return new WindLoad(cd, c.areaM2, 0.5 * AIR_KGM3 * cd * area * gustMs * gustMs, Optional.empty());
    }
}
