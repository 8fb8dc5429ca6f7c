package org.antevid.core.takedown.spar;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * What one section of the stem bears that is rigged on. Mechanics: ring, open ring or two half rings in their worst
 * direction; crushing strength of green wood along the grain, below the bending strength. Shear, ovalising, a crack
 * that runs on and the plate are not in it.
 *
 * @param shape empty while the wall is not known
 * @param stressAllowMpa strength times condition over the safety factor
 */
public record SparSection(Optional<Shape> shape, double stressAllowMpa, Shape asFullWood) {
    private static final double THIN = 0.30;
    private static final double TOO_THIN = 0.15;
    private static final double TOO_OPEN_DEG = 120;
    private static final double TOO_POOR = 0.3;
    private static final double MPA = 1e6;

    /** Green wood along the grain, MPa (typical values). */
    public enum Strength {
        WEAK(14),
        MEDIUM(20),
        STRONG(25);

        private final double mpa;

        Strength(double mpa) {
            this.mpa = mpa;
        }
    }

    /**
     * @param diameterM under bark
     * @param wallM sound wall; empty where nobody probed it
     * @param solid probed here and found solid; a wall counts before it
     * @param split a crack through the pith
     * @param openingDeg open sector of the ring
     * @param condition 1 sound .. 0 nothing
     */
    public record Wood(
            double diameterM,
            Optional<Double> wallM,
            boolean solid,
            boolean split,
            double openingDeg,
            double condition) {
        boolean openOrSplit() {
            return split || openingDeg > 0;
        }

        private void check(String prefix) {
            if (wallM.filter(w -> w > diameterM / 2).isPresent()) {
                throw new RefusedInput(Refusal.WALL_OVER_RADIUS, prefix + "wall_m");
            }
            if (split && openingDeg > 0) {
                throw new RefusedInput(Refusal.NOT_BOTH, prefix + "opening_deg");
            }
        }

        private Optional<Double> wall() {
            return wallM.or(() -> Optional.of(diameterM / 2).filter(r -> solid));
        }
    }

    /** @param ratio section modulus over that of full wood */
    public record Shape(double sectionModulusM3, double areaM2, double ratio) {
        private static Shape of(Wood w, double wallM) {
            double outer = w.diameterM / 2;
            double inner = Math.max(0, outer - wallM);
            double full = Math.PI * Math.pow(w.diameterM, 3) / 32;
            double r4 = Math.pow(outer, 4) - Math.pow(inner, 4);
            double r3 = Math.pow(outer, 3) - Math.pow(inner, 3);
            double r2 = outer * outer - inner * inner;
            if (w.split) {
                double half = Math.PI / 2 * r2;
                double y = 4 * r3 / (3 * Math.PI * r2);
                double i = Math.PI / 8 * r4 - half * y * y;
                double modulus = 2 * i / Math.max(outer - y, y);
                return new Shape(modulus, 2 * half, modulus / full);
            }
            if (w.openingDeg <= 0) {
                double modulus = Math.PI * r4 / (4 * outer);
                return new Shape(modulus, Math.PI * r2, modulus / full);
            }
            double g = Math.toRadians(w.openingDeg) / 2;
            double area = (Math.PI - g) * r2;
            double x = 2.0 / 3 * r3 * Math.sin(g) / area;
            double both = Math.PI / 4 * r4;
            double iy = both - r4 / 4 * (g + Math.sin(g) * Math.cos(g)) - area * x * x;
            double ix = both - r4 / 4 * (g - Math.sin(g) * Math.cos(g));
            double acrossAt = g > Math.PI / 2 ? outer * Math.sin(g) : outer;
            double modulus = Math.min(ix / acrossAt, iy / Math.max(outer - x, outer * Math.cos(g) + x));
            return new Shape(modulus, area, modulus / full);
        }
    }

    /**
     * @param about what the remarks are said of, none for the section itself
     * @param prefix of the fields at fault
     * @throws RefusedInput {@code WALL_OVER_RADIUS}, {@code NOT_BOTH}
     */
    public static SparSection of(
            Wood w, Strength strength, double safetyFactor, Remarks remarks, String prefix, String... about) {
        w.check(prefix);
        Optional<Double> wall = w.wall();
        double shell = wall.map(t -> t / (w.diameterM / 2)).orElse(1.0);
        remarks.when(wall.isEmpty(), Remark.WALL_NOT_KNOWN, about)
                .when(shell < THIN, Remark.THIN_WALL, about)
                .when(
                        shell < TOO_THIN || w.openingDeg > TOO_OPEN_DEG || w.condition < TOO_POOR,
                        Remark.DO_NOT_ANCHOR,
                        about)
                .when(w.openOrSplit(), Remark.OPEN_OR_SPLIT, about);
        return new SparSection(
                wall.map(t -> Shape.of(w, t)), strength.mpa * w.condition / safetyFactor, Shape.of(w, w.diameterM / 2));
    }

    public Optional<Double> momentAllowNm() {
        return shape.map(s -> s.sectionModulusM3 * stressAllowMpa * MPA);
    }

    /** @return stress in MPa of this moment and thrust (tension adds nothing) */
    double stressMpa(Shape s, double momentNm, double thrustN) {
        return (momentNm / s.sectionModulusM3 + Math.max(thrustN, 0) / s.areaM2) / MPA;
    }

    /** @return share of what is allowed; empty where nothing is */
    Optional<Double> use(double stressMpa) {
        return Optional.of(stressMpa / stressAllowMpa).filter(u -> stressAllowMpa > 0);
    }
}
