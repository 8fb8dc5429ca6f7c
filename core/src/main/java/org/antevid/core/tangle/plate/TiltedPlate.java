package org.antevid.core.tangle.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;

/**
 * A tree that stands on a lifted plate: how far its anchorage is gone and what a guy can do. Degrees, metres, N m, N;
 * the high bound of the turn where it counts, because nobody sees what it turns about.
 *
 * @param addedNm moment the turn adds
 * @param totalNm with what it leaned before and wind or rigging
 * @param guyN that takes up what was added; empty where the guy is too steep
 * @param guyFullN that carries the whole moment
 * @param guyVerticalN of it presses the plate down
 */
public record TiltedPlate(
        double phiDeg,
        double phiLowDeg,
        double phiHighDeg,
        double tipShiftM,
        double tipShiftHighM,
        double addedNm,
        double totalNm,
        Optional<Double> guyN,
        Optional<Double> guyFullN,
        Optional<Double> guyVerticalN,
        Grade grade,
        double zoneM,
        List<Warning> warnings) {
    public static final double CG = 0.45;
    public static final double GUY_HEIGHT = 0.5;
    public static final double GUY_ANGLE_DEG = 35;
    public static final double GAMMA = 1.5;
    private static final double TURNS_ABOUT_LOW = 1.0;
    private static final double TURNS_ABOUT = 0.75;
    private static final double TURNS_ABOUT_HIGH = 0.5;
    private static final double LEAST_ARM = 0.05;
    private static final double PAST_HEAVE_M = 0.15;
    private static final double ZONE = 1.5;

    /** How far the anchorage is gone (judgement). */
    public enum Grade {
        ELASTIC(0.25),
        DAMAGED(1),
        SEVERE(2.5),
        /** past its peak, may go with no wind */
        FAILING(Double.POSITIVE_INFINITY);
        private final double belowDeg;

        Grade(double belowDeg) {
            this.belowDeg = belowDeg;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        static Grade of(double phiHighDeg) {
            for (Grade g : values()) {
                if (phiHighDeg < g.belowDeg) {
                    return g;
                }
            }
            return FAILING;
        }
    }

    /** Warnings of a lifted plate. */
    public enum Warning {
        GUY_TOO_STEEP,
        PAST_PEAK_ANCHORAGE_GUY_IS_NO_RESCUE
    }

    /**
     * The tree and its guy.
     *
     * @param widthM of the plate along the tilt
     * @param heaveM lift of the windward edge
     * @param guyAngleDeg below level
     * @param extraNm wind, rigging or pull
     * @param leanBeforeDeg before it tilted
     */
    public record Tilt(
            double widthM,
            double heaveM,
            double heightM,
            double massKg,
            double cgHeightM,
            double guyHeightM,
            double guyAngleDeg,
            double gamma,
            double extraNm,
            double leanBeforeDeg) {
        /** @throws RefusedInput for a heave over half the width, that is an uprooted tree, or a guy above the top */
        public Tilt {
            if (!(heaveM < widthM / 2)) {
                throw new RefusedInput(Refusal.UPROOTED, "heave_m_over_half_width_uprooted");
            }
            if (!(guyHeightM <= heightM)) {
                throw new RefusedInput(Refusal.GUY_ABOVE_TOP, "guy_height_m");
            }
        }
    }

    public static TiltedPlate of(Tilt t) {
        double phi = turn(t, TURNS_ABOUT);
        double high = turn(t, TURNS_ABOUT_HIGH);
        double before = Math.toRadians(t.leanBeforeDeg);
        double weight = t.massKg * StemMass.G * t.cgHeightM;
        double added = weight * (Math.sin(before + high) - Math.sin(before));
        double total = weight * Math.sin(before + high) + t.extraNm;
        double beta = Math.toRadians(t.guyAngleDeg);
        double arm = t.guyHeightM * Math.cos(high + before + beta);
        boolean steep = arm <= LEAST_ARM * t.guyHeightM;
        Optional<Double> guy = steep ? Optional.empty() : Optional.of(t.gamma * (added + t.extraNm) / arm);
        Grade grade = Grade.of(Math.toDegrees(high));
        List<Warning> warnings = new ArrayList<>();
        if (steep) {
            warnings.add(Warning.GUY_TOO_STEEP);
        }
        if (grade == Grade.FAILING || t.heaveM > PAST_HEAVE_M) {
            warnings.add(Warning.PAST_PEAK_ANCHORAGE_GUY_IS_NO_RESCUE);
        }
        return new TiltedPlate(
                Math.toDegrees(phi),
                Math.toDegrees(turn(t, TURNS_ABOUT_LOW)),
                Math.toDegrees(high),
                t.heightM * Math.sin(phi),
                t.heightM * Math.sin(high),
                added,
                total,
                guy,
                steep ? Optional.empty() : Optional.of(t.gamma * total / arm),
                guy.map(g -> g * Math.sin(beta)),
                grade,
                ZONE * t.heightM,
                List.copyOf(warnings));
    }

    private static double turn(Tilt t, double about) {
        return Math.asin(Math.min(1, t.heaveM / (about * t.widthM)));
    }
}
