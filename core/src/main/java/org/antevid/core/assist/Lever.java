package org.antevid.core.assist;

import org.antevid.core.stem.StemMass;

/**
 * The felling lever for small stems: one person lifts the back over a short toe with both hands, from the legs. Source:
 * lever law; size of stem is a practice rule, the lift of a person judgement.
 *
 * @param capacityNm backward moment it overcomes, reserve and the hinge's hold taken off
 * @param liftM its toe gives
 */
public record Lever(double capacityNm, double liftM) {
    /** Stems thicker than this at the cut are not for it (practice rule). */
    private static final double MOST_DIAMETER_M = 0.3;
    /** Both hands and the legs (judgement); an arm's pull on a rope is less. */
    private static final double LIFTS_N = 600;

    private static final double LONG_ARM_M = 1.0;
    private static final double TOE_M = 0.06;
    private static final double TOE_LIFT_M = 0.03;
    private static final double KERF_M = 0.008;

    /** @return whether it is a tool for a stem as thick as this at the cut, metres */
    public static boolean fits(double diameterM) {
        return diameterM <= MOST_DIAMETER_M;
    }

    public static Lever of(
            double massKg, double cgM, double armM, double hingeHoldNm, double hingePerRadNm, double diameterM) {
        if (!fits(diameterM)) {
            return new Lever(0, 0);
        }
        double force = LIFTS_N * LONG_ARM_M / TOE_M;
        double byLift = massKg * StemMass.G * cgM * (TOE_LIFT_M - KERF_M) / (Wedges.SAFETY * armM);
        return new Lever(
                Math.max(
                        0,
                        Math.min(
                                Wedges.againstHinge(
                                        force * armM, massKg * StemMass.G * cgM, hingeHoldNm, hingePerRadNm),
                                byLift)),
                TOE_LIFT_M - KERF_M);
    }
}
