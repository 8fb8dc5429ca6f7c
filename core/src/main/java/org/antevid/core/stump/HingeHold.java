package org.antevid.core.stump;

import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.GreenWood;

/**
 * What the hinge holds: to the side, and against being bent over. Mechanics: side capacity = 0.6 f t L^2 / 6 with f the
 * bending strength of the weakest common member of the genus by condition; 0.6 for combined bending, size and uneven
 * cuts (judgement). The design moment is the 95 % value of moment over strength: the scatter of the strength joins that
 * of the moment in quadrature. A hinge that is thicker at one end is a trapezium about its own centroid, its farther
 * end decides. Bending over counts the upper typical strength, so that pulls err high.
 *
 * @param capacityNm working side capacity
 * @param designNm side moment with its 95 % margin
 * @param utilisation design / capacity, infinite for wood that cannot be relied on
 * @param signedUse expected side moment / capacity, right positive
 * @param driftDeg turn of the fall plane by hinge yield, to the loaded side; not a number nobody has where
 *     {@link #reliable} is false
 * @param neededThickM thickness for the use aimed at; empty for wood that cannot be relied on
 * @param tensionSideM thickness offered at the end away from the side lean
 * @param leanSideM thickness offered at the end toward it
 * @param forwardHoldNm moment it takes to bend it over, upper side
 * @param bendPerRadNm moment for each radian while it still springs, from a hinge that bends over twice its thickness
 *     (assumed)
 * @param movesAlone the forward moment bends it by itself
 */
public record HingeHold(
        double capacityNm,
        double designNm,
        double utilisation,
        double signedUse,
        double driftDeg,
        Grade grade,
        Optional<Double> neededThickM,
        double tensionSideM,
        double leanSideM,
        double forwardHoldNm,
        double bendPerRadNm,
        boolean movesAlone) {
    /** Part of the strength counted to the side (judgement). */
    public static final double WORK_FACTOR = 0.6;
    /** Scatter of the strength about its value, one sigma (judgement). */
    private static final double STRENGTH_SCATTER = 0.20;
    /** A moment nobody would notice, N m. */
    private static final double NO_MOMENT_NM = 1;

    private static final double USE_TARGET = 0.3;
    private static final double TAPER_FROM = 0.15;
    private static final double THICKER = 1;
    private static final double THINNER = 0.25;
    private static final double BENDS_OVER_THICKNESSES = 2;
    /** Upper strength of wood against its typical one. */
    private static final double UPPER = 1.25;

    /** How much of the side capacity is used (judgement). */
    public enum Grade {
        OK,
        CAUTION,
        GUY_NEEDED,
        NO_CONTROL;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        static Grade at(double use) {
            return use < 0.3 ? OK : use < 0.6 ? CAUTION : use < 1 ? GUY_NEEDED : NO_CONTROL;
        }
    }

    /**
     * A hinge and what bears on it. Metres, N m; right of the lay positive.
     *
     * @param woodShare side capacity that is left of it where it is hollow or decayed, 0..1
     * @param workFactor share of the bending strength counted to the side, 0.2..1
     * @param useTarget use that the needed thickness is asked for
     */
    public record Hinge(
            GreenWood green,
            Condition condition,
            double lengthM,
            double leftM,
            double rightM,
            double woodShare,
            double sideNm,
            double sigmaSideNm,
            double forwardNm,
            Optional<Double> morMPa,
            double workFactor,
            double useTarget) {
        public Hinge {
            Require.within(lengthM, 0.001, 4, "hinge_length_m");
            Require.within(leftM, 0.001, 0.6, "hinge_thick_m");
            Require.within(rightM, 0.001, 0.6, "hinge_thick_m");
            Require.within(woodShare, 0, 1, "wood_share");
        }

        private double strengthPa() {
            return morMPa.orElse(green.holdsMPa()) * 1e6 * green.hinge().factor() * condition.factor();
        }

        private double upperPa() {
            return UPPER * morMPa.orElse(green.bendsMPa()) * 1e6;
        }
    }

    /** A hinge of one thickness, all of it wood. */
    public static HingeHold of(
            GreenWood green,
            Condition condition,
            double hingeLengthM,
            double hingeThickM,
            double sideNm,
            double sigmaSideNm) {
        return of(new Hinge(
                green,
                condition,
                hingeLengthM,
                hingeThickM,
                hingeThickM,
                1,
                sideNm,
                sigmaSideNm,
                0,
                Optional.empty(),
                WORK_FACTOR,
                USE_TARGET));
    }

    /**
     * The hinge of a cut card.
     *
     * @param woodShare side capacity left of it where it is hollow, 0..1
     */
    public static HingeHold of(
            GreenWood green,
            Condition condition,
            CutCard card,
            double woodShare,
            double sideNm,
            double sigmaSideNm,
            double forwardNm) {
        return of(new Hinge(
                green,
                condition,
                Math.max(0.02, card.hingeLengthM()),
                card.hingeLeftM(),
                card.hingeRightM(),
                woodShare,
                sideNm,
                sigmaSideNm,
                forwardNm,
                Optional.empty(),
                WORK_FACTOR,
                USE_TARGET));
    }

    public static HingeHold of(Hinge h) {
        double thick = (h.leftM + h.rightM) / 2;
        double capacity = h.workFactor * h.strengthPa() * sideModulus(h) * h.woodShare;
        double design = designNm(h.sideNm, h.sigmaSideNm);
        double u = capacity > 0 ? design / capacity : Double.POSITIVE_INFINITY;
        double held = Math.min(1, u);
        double bend = h.lengthM * (h.leftM * h.leftM + h.leftM * h.rightM + h.rightM * h.rightM) / 18;
        boolean taper = u >= TAPER_FROM;
        return new HingeHold(
                capacity,
                design,
                u,
                capacity > 0 ? h.sideNm / capacity : 0,
                Math.toDegrees(held * thick / h.lengthM),
                Grade.at(u),
                Double.isFinite(u) ? Optional.of(thick * u / h.useTarget) : Optional.empty(),
                taper ? thick * (1 + THICKER * held) : thick,
                taper ? thick * (1 - THINNER * held) : thick,
                h.upperPa() * bend,
                h.green.moeGPa() * 1e9 * h.lengthM * thick * thick / (12 * BENDS_OVER_THICKNESSES),
                h.forwardNm > 0 && h.forwardNm >= (h.strengthPa() > 0 ? h.strengthPa() * bend : NO_MOMENT_NM));
    }

    /** @return side moment with its margin, N m: its own sigma and the scatter of the strength in quadrature */
    public static double designNm(double sideNm, double sigmaNm) {
        return Math.abs(sideNm) + Estimate.Z95 * Math.hypot(sigmaNm, STRENGTH_SCATTER * sideNm);
    }

    /** @return whether there is wood in it that can be counted on */
    public boolean reliable() {
        return capacityNm > 0;
    }

    /** @return the same where only a share of its wood, or of that wood's strength, is there to be bent */
    public HingeHold bending(double share) {
        return new HingeHold(
                capacityNm,
                designNm,
                utilisation,
                signedUse,
                driftDeg,
                grade,
                neededThickM,
                tensionSideM,
                leanSideM,
                share * forwardHoldNm,
                share * bendPerRadNm,
                movesAlone);
    }

    /** @return moment it takes to bend it by a small angle, N m: springs first, never more than the whole hold */
    public double bendNm(double radians) {
        return Math.min(forwardHoldNm, bendPerRadNm * Math.max(0, radians));
    }

    /** Section modulus to the side of a strip that may be thicker at one end, m3. */
    private static double sideModulus(Hinge h) {
        double a = h.leftM;
        double b = h.rightM;
        double l = h.lengthM;
        double inertia = l * l * l * (a * a + 4 * a * b + b * b) / (36 * (a + b));
        double fromLeft = l * (a + 2 * b) / (3 * (a + b));
        return inertia / Math.max(fromLeft, l - fromLeft);
    }
}
