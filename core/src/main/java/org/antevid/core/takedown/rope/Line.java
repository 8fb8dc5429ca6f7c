package org.antevid.core.takedown.rope;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * A line over a block to a brake. Stiffness and friction have a low and a high end: stiff and much friction aloft for
 * peaks, soft and little for ways. Mechanics: L = leg to the piece and the share of the leg to the brake that friction
 * lets stretch.
 *
 * @param eaN force that would stretch it to twice its length
 * @param efficiencyLow tension behind the block over tension before it, low end, 0.05..1
 * @param stretchAssumed its stretch was taken from its strength
 */
public record Line(
        double eaN,
        double eaHighFactor,
        double eaLowFactor,
        double legBrakeM,
        double efficiencyLow,
        double efficiencyHigh,
        Optional<Double> mbsN,
        boolean stretchAssumed) {
    private static final double ASSUMED_SHARE = 0.10;
    private static final double ASSUMED_STRETCH = 0.025;
    private static final double KNOTTED = 0.65;

    /**
     * What is known of it; empty where nobody said it.
     *
     * @param elongPct stretch at {@code elongForceN}
     * @param mbsN breaking strength
     */
    public record Known(
            Optional<Double> eaN,
            Optional<Double> elongPct,
            Optional<Double> elongForceN,
            Optional<Double> mbsN,
            double eaHighFactor,
            double eaLowFactor,
            double legBrakeM,
            Efficiency efficiency) {}

    /** @throws RefusedInput {@code NOT_BOTH}, {@code MISSING} */
    public static Line of(Known k) {
        boolean elong = k.elongPct.isPresent() || k.elongForceN.isPresent();
        if (k.eaN.isPresent() && elong) {
            throw new RefusedInput(Refusal.NOT_BOTH, "ea_n");
        }
        if (elong && k.elongPct.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "elong_pct");
        }
        if (elong && k.elongForceN.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "elong_force_n");
        }
        Optional<Double> said = k.eaN.or(() -> k.elongPct.flatMap(p -> k.elongForceN.map(f -> f / (p / 100))));
        double ea = said.or(() -> k.mbsN.map(m -> ASSUMED_SHARE * m / ASSUMED_STRETCH))
                .orElseThrow(() -> new RefusedInput(Refusal.NEEDED, "ea_n"));
        return new Line(
                ea,
                k.eaHighFactor,
                k.eaLowFactor,
                k.legBrakeM,
                k.efficiency.low(),
                k.efficiency.high(),
                k.mbsN,
                said.isEmpty());
    }

    double effectiveM(double legLoadM, double efficiency) {
        return legLoadM + efficiency * legBrakeM;
    }

    double stiffNm(double legLoadM, double efficiency) {
        return eaN * eaHighFactor / effectiveM(legLoadM, efficiency);
    }

    double middleNm(double legLoadM, double efficiency) {
        return eaN / effectiveM(legLoadM, efficiency);
    }

    double softNm(double legLoadM, double efficiency) {
        return eaN * eaLowFactor / effectiveM(legLoadM, efficiency);
    }

    /** @return force at the end of a fall: W (h + x) = k x^2 / 2 */
    static double snubN(double weightN, double stiffnessNm, double fallM) {
        return weightN + Math.sqrt(weightN * weightN + 2 * stiffnessNm * weightN * fallM);
    }

    /** What a peak does to a line of known strength; what stretches it is a secant near a tenth of that. */
    void strength(Remarks remarks, double peakN) {
        mbsN.ifPresent(m -> {
            if (peakN > 0.5 * KNOTTED * m) {
                remarks.say(Remark.PEAK_OVER_HALF_KNOTTED_STRENGTH);
            } else {
                remarks.when(peakN > 0.25 * m, Remark.PEAK_OVER_QUARTER_STRENGTH);
            }
        });
    }

    Remarks assumed() {
        return new Remarks().when(stretchAssumed, Remark.ASSUMED, "ea_n");
    }
}
