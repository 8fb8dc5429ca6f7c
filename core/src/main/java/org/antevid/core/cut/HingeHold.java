package org.antevid.core.cut;

import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;

/**
 * How much of the hinge's side capacity the side moment uses. Mechanics: capacity = 0.5 f t L^2 / 6 with f the bending
 * strength by genus and condition; half of it because green wood crushes at about half its bending strength (judgement).
 *
 * @param capacityNm  working side capacity
 * @param designNm    side moment with its 95 % margin
 * @param utilisation design / capacity; below 0.3 good, below 0.6 caution, below 1 guy needed, from 1 no control
 * @param driftDeg    turn of the fall plane by hinge yield, to the loaded side
 */
public record HingeHold(double capacityNm, double designNm, double utilisation, double driftDeg) {
    private static final double WORK_FACTOR = 0.5;

    /**
     * @param sideNm      expected side moment, N m, sign ignored
     * @param sigmaSideNm its sigma
     * @return the hold; utilisation is infinite for wood that cannot be relied on
     */
    public static HingeHold of(Species species, Condition condition, double hingeLengthM, double hingeThickM, double sideNm,
                               double sigmaSideNm) {
        double f = species.morMPa() * 1e6 * species.hinge().factor() * condition.factor();
        double capacity = WORK_FACTOR * f * hingeThickM * hingeLengthM * hingeLengthM / 6;
        double design = Math.abs(sideNm) + Estimate.Z95 * sigmaSideNm;
        double u = capacity > 0 ? design / capacity : Double.POSITIVE_INFINITY;
        double drift = Math.toDegrees(Math.min(1, u) * hingeThickM / hingeLengthM);
        return new HingeHold(capacity, design, u, drift);
    }
}
