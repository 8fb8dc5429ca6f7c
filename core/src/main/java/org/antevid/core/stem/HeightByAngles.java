package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Height (or height of a defect) from two clinometer angles and one distance. Source: geometry. One metre of unnoticed
 * lean away from the observer makes the height {@code tan(top)} metres too low, which is the dangerous side: sight at
 * right angles to the lean and take two sightings.
 *
 * @param height metres with its sigma
 * @param horizontalDistanceM metres, observer to stump
 * @param errorPerMLeanToward metres of height for each metre of unnoticed lean toward the observer
 * @param warnings {@code STEEP_SIGHT} above 45 degrees, {@code HIGH_SIGMA} above 5 %
 */
public record HeightByAngles(
        Estimate height, double horizontalDistanceM, double errorPerMLeanToward, List<SightingWarning> warnings) {

    /** No tree is as tall as this; a result above it means that the readings were mixed up. */
    static final double TALLEST_M = 130;

    private static final double STEEPEST_DEG = 80;
    /** Relative sigma from which a height is told to be poor. */
    static final double HIGH_SIGMA = 0.05;

    /** How the distance was taken: level, along the sight line from the eye to the base, or along the ground. */
    public enum Mode {
        HORIZONTAL,
        SLOPE_TO_BASE,
        SLOPE_GROUND
    }

    /** Scale of the clinometer. */
    public enum Unit {
        DEG,
        PERCENT;

        double radians(double reading) {
            return this == DEG ? Math.toRadians(reading) : Math.atan(reading / 100);
        }
    }

    /**
     * Raw numbers of one height sighting.
     *
     * @param distanceM 2..300 m, by {@code mode}
     * @param top reading to the top, in {@code unit}, up positive
     * @param base reading to the stump, in {@code unit}, below the eye negative
     * @param groundSlopeDeg slope of the tape along the ground, used by {@code SLOPE_GROUND}
     * @param topTowardM the sighted point is nearer to the observer than the stump by this much
     */
    public record Sighting(
            Mode mode,
            Unit unit,
            double distanceM,
            double top,
            double base,
            double groundSlopeDeg,
            double sigmaDistanceM,
            double sigmaAngleDeg,
            double topTowardM,
            double sigmaTopTowardM) {
        public Sighting {
            Require.within(distanceM, 2, 300, "distance_m");
            Require.within(top, -1000, 1000, "top");
            Require.within(base, -1000, 1000, "base");
            Require.within(groundSlopeDeg, -60, 60, "ground_slope_deg");
            Require.within(sigmaDistanceM, 0, 20, "sigma_distance_m");
            Require.within(sigmaAngleDeg, 0, 10, "sigma_angle_deg");
            Require.within(topTowardM, -30, 30, "top_toward_m");
            Require.within(sigmaTopTowardM, 0, 15, "sigma_top_toward_m");
        }

        /** A level tape and degrees, with the default sigmas of tape and clinometer. */
        public static Sighting level(double distanceM, double topDeg, double baseDeg) {
            return new Sighting(Mode.HORIZONTAL, Unit.DEG, distanceM, topDeg, baseDeg, 0, 0.1, 0.25, 0, 0);
        }
    }

    /**
     * @throws RefusedInput {@code ANGLE_TOO_STEEP} above 80 degrees, {@code TOP_NOT_ABOVE_BASE},
     *     {@code IMPOSSIBLE_GEOMETRY} for a height no tree has
     */
    public static HeightByAngles of(Sighting s) {
        double top = s.unit.radians(s.top);
        double base = s.unit.radians(s.base);
        List<Fault> faults = new ArrayList<>();
        tooSteep(top, "top", faults);
        tooSteep(base, "base", faults);
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        double share =
                switch (s.mode) {
                    case HORIZONTAL -> 1;
                    case SLOPE_TO_BASE -> Math.cos(base);
                    case SLOPE_GROUND -> Math.cos(Math.toRadians(s.groundSlopeDeg));
                };
        double d = s.distanceM * share;
        double tanTop = Math.tan(top);
        double tanBase = Math.tan(base);
        double height = (d - s.topTowardM) * tanTop - d * tanBase;
        if (!(top > base) || !(height > 0)) {
            throw new RefusedInput(Refusal.TOP_NOT_ABOVE_BASE, "top");
        }
        if (!(d > Math.abs(s.topTowardM)) || height > TALLEST_M) {
            throw new RefusedInput(
                    height > TALLEST_M
                            ? Message.of(Refusal.TALLER_THAN_ANY_TREE)
                                    .with("height", Arg.of(Dimension.DISTANCE, height))
                            : Message.of(Refusal.TOP_BEYOND_BASE).with("distance", Arg.of(Dimension.LENGTH, d)),
                    "top_toward_m");
        }
        double angle = Math.toRadians(s.sigmaAngleDeg);
        double byDistance = share * (tanTop - tanBase) * s.sigmaDistanceM;
        double byTop = (d - s.topTowardM) / Math.pow(Math.cos(top), 2) * angle;
        double byBase = -d / Math.pow(Math.cos(base), 2);
        if (s.mode == Mode.SLOPE_TO_BASE) {
            byBase -= s.distanceM * Math.sin(base) * (tanTop - tanBase);
        }
        double sigma = Math.sqrt(byDistance * byDistance
                + byTop * byTop
                + Math.pow(byBase * angle, 2)
                + Math.pow(tanTop * s.sigmaTopTowardM, 2));
        List<SightingWarning> warnings = new ArrayList<>();
        if (Math.toDegrees(Math.max(Math.abs(top), Math.abs(base))) > 45 + 1e-9) {
            warnings.add(SightingWarning.STEEP_SIGHT);
        }
        if (sigma > HIGH_SIGMA * height) {
            warnings.add(SightingWarning.HIGH_SIGMA);
        }
        return new HeightByAngles(new Estimate(height, sigma), d, tanTop, List.copyOf(warnings));
    }

    private static void tooSteep(double radians, String field, List<Fault> faults) {
        if (Math.abs(Math.toDegrees(radians)) > STEEPEST_DEG) {
            faults.add(new Fault(
                    Message.of(Refusal.ANGLE_TOO_STEEP).with("most", Arg.of(Dimension.SECTOR, STEEPEST_DEG)), field));
        }
    }
}
