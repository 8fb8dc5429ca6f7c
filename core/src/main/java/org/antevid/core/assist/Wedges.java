package org.antevid.core.assist;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Whether wedges bring a stem over: they lift the back until the centre of gravity stands over the hinge. A plumb stem
 * sits back by the hinge's distance from its centre. Friction of the hinge itself is the caller's {@code hingeHoldNm}.
 * Sources: geometry; two degrees, two stacked at most and the force one wedge may carry are practice rules and
 * judgement. Lift needed errs high, lift available low.
 *
 * @param totalOffsetM centre of gravity behind the hinge, 0 when it is in front
 * @param liftDesignM lift with its reserve
 * @param liftAvailableM what the wedges give once the kerf is filled
 * @param movePerMmM how far the centre of gravity goes for one millimetre of lift; the tip goes farther
 * @param levels wedges on top of each other for that lift; empty when none fits
 * @param drivePerWedgeN blow-side force on one wedge
 * @param reasons why they are not enough
 */
public record Wedges(
        double totalOffsetM,
        double backAngleDeg,
        double liftNeededM,
        double liftDesignM,
        double liftAvailableM,
        double movePerMmM,
        Optional<Integer> levels,
        double forceTotalN,
        double forcePerWedgeN,
        double drivePerWedgeN,
        List<Short> reasons,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        STACKED_WEDGES,
        WEDGES_NOT_ENOUGH
    }

    /** What wedges fall short in. */
    public enum Short {
        LIFT,
        FORCE,
        BACK_LEAN,
        NO_ROOM;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final double EDGE_M = 0.02;
    private static final int MOST_LEVELS = 9;

    /**
     * Wedges as they lie on the house's list. Metres.
     *
     * @param liftM thickness at the butt end, 0.005..0.08
     * @param lengthM 0.08..0.4
     * @param stack on top of each other, 1 or 2
     * @param beside next to each other, 1..4
     */
    public record Set(String name, double liftM, double lengthM, int stack, int beside) {
        public static final Set USUAL = new Set("wedge of 25 mm", 0.025, 0.2, 1, 2);

        public Set {
            Require.within(liftM, 0.005, 0.08, "wedge_lift_m");
            Require.within(lengthM, 0.08, 0.4, "wedge_length_m");
            Require.within(stack, 1, 2, "stack");
            Require.within(beside, 1, 4, "parallel");
        }
    }

    /**
     * What they are to lift.
     *
     * @param massKg high side
     * @param backOffsetM centre of gravity behind the stem's centre, design value, forward negative
     * @param hingeOffsetM hinge in front of the stem's centre
     * @param armM hinge to wedge
     * @param windBackNm moment of the wind against them
     * @param hingeHoldNm moment the hinge itself holds against being bent; the reserve is put on it too
     * @param barInCutM bar still in the kerf beside the wedge
     * @param forceCapN vertical, per driven wedge (judgement)
     */
    public record Load(
            double massKg,
            double backOffsetM,
            double cgM,
            double hingeOffsetM,
            double armM,
            double windBackNm,
            double hingeHoldNm,
            double kerfM,
            double barInCutM,
            double forceCapN,
            double friction,
            double safety,
            double maxBackDeg) {
        public static Load usual(
                double massKg,
                double backOffsetM,
                double cgM,
                double hingeOffsetM,
                double armM,
                double windBackNm,
                double hingeHoldNm) {
            return new Load(
                    massKg,
                    backOffsetM,
                    cgM,
                    hingeOffsetM,
                    armM,
                    windBackNm,
                    hingeHoldNm,
                    0.008,
                    0,
                    FORCE_CAP_N,
                    0.25,
                    SAFETY,
                    MAX_BACK_DEG);
        }

        public Load {
            Require.within(massKg, 5, 200000, "mass_kg");
            Require.within(backOffsetM, -10, 20, "back_offset_m");
            Require.within(cgM, 0.3, 80, "cg_height_m");
            Require.within(hingeOffsetM, -1, 3, "hinge_offset_m");
            Require.within(armM, 0.02, 5, "wedge_arm_m");
        }
    }

    /** Vertical force one driven wedge is counted on for (judgement). */
    public static final double FORCE_CAP_N = 20000;
    /** Reserve on lift and force (practice rule). */
    public static final double SAFETY = 1.5;
    /** Backward lean that wedges are tried on at most (practice rule). */
    public static final double MAX_BACK_DEG = 2;

    private static final double G = 9.81;
    private static final double HELPS_SHARE = 0.5;

    /** @throws RefusedInput naming the quantity at fault */
    public static Wedges of(Load l, Set set) {
        double offset = Math.max(0, l.backOffsetM + l.hingeOffsetM);
        double angle = Math.atan(offset / l.cgM);
        double lift = l.armM * Math.tan(angle);
        double design = l.safety * lift;
        double fit = fit(l.armM, l.barInCutM, set);
        double available = Math.max(0, set.stack * set.liftM * fit - l.kerfM);
        double force =
                Math.max(0, againstNm(l.massKg * G * (l.backOffsetM + l.hingeOffsetM)) + l.windBackNm + l.hingeHoldNm)
                        / l.armM;
        double each = force / set.beside;
        double phi = Math.atan(l.friction);
        double slope = Math.atan(set.liftM / set.lengthM);
        List<Short> reasons = new ArrayList<>();
        if (design > available) {
            reasons.add(Short.LIFT);
        }
        if (l.safety * each > l.forceCapN) {
            reasons.add(Short.FORCE);
        }
        if (Math.toDegrees(angle) > l.maxBackDeg) {
            reasons.add(Short.BACK_LEAN);
        }
        if (fit <= 0) {
            reasons.add(Short.NO_ROOM);
        }
        List<Warning> warnings = new ArrayList<>();
        if (set.stack > 1) {
            warnings.add(Warning.STACKED_WEDGES);
        }
        if (!reasons.isEmpty()) {
            warnings.add(Warning.WEDGES_NOT_ENOUGH);
        }
        return new Wedges(
                offset,
                Math.toDegrees(angle),
                lift,
                design,
                available,
                l.cgM / l.armM / 1000,
                levels(design + l.kerfM, set.liftM * fit),
                force,
                each,
                each * (Math.tan(phi) + Math.tan(phi + slope)),
                List.copyOf(reasons),
                List.copyOf(warnings));
    }

    /**
     * @return backward moment of gravity as it is counted, N m: where it helps, half of it, because the mass is the
     *     high one (judgement)
     */
    static double againstNm(double gravityNm) {
        return gravityNm < 0 ? HELPS_SHARE * gravityNm : gravityNm;
    }

    /** @return share of its length by which a wedge goes in, 0..1 */
    private static double fit(double armM, double barInCutM, Set set) {
        return Math.max(0, Math.min(1, (armM - EDGE_M - barInCutM) / set.lengthM));
    }

    private static Optional<Integer> levels(double neededM, double eachM) {
        if (eachM <= 0 || neededM > MOST_LEVELS * eachM) {
            return Optional.empty();
        }
        return Optional.of(Math.max(1, (int) Math.ceil(neededM / eachM - 1e-9)));
    }

    /**
     * What these wedges overcome. The hinge springs against them by the angle they turn it, never with more than its
     * whole hold.
     *
     * @param hingeHoldNm whole hold of the hinge
     * @param hingePerRadNm its spring, N m for each radian
     * @return backward moment of gravity, N m: the least of what force, lift and the two degrees allow
     */
    public static double capacityNm(
            double massKg, double cgM, double armM, double hingeHoldNm, double hingePerRadNm, Set set) {
        double weight = massKg * G;
        double byForce = againstHinge(set.beside * FORCE_CAP_N * armM, weight * cgM, hingeHoldNm, hingePerRadNm);
        double byLift = weight * cgM * Math.max(0, set.stack * set.liftM * fit(armM, 0, set) - 0.008) / (SAFETY * armM);
        return Math.max(0, Math.min(byForce, Math.min(byLift, weight * cgM * Math.tan(Math.toRadians(MAX_BACK_DEG)))));
    }

    /**
     * The reserve is for a lean that nobody knows exactly; the hinge is there once.
     *
     * @return what is left of a moment for gravity when the hinge is bent as far as that gravity asks
     */
    static double againstHinge(double momentNm, double weightCgNm, double hingeHoldNm, double hingePerRadNm) {
        return Math.max((momentNm - hingeHoldNm) / SAFETY, momentNm / (SAFETY + hingePerRadNm / weightCgNm));
    }

    public boolean enough() {
        return reasons.isEmpty();
    }

    public String nextStep() {
        return enough() ? "wedges" : "jack_or_pull_line";
    }
}
