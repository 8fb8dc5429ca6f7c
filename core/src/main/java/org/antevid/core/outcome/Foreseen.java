package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Require;

/**
 * What the briefing under which a stem was felled foresaw.
 *
 * @param layDeg azimuth it was to fall to
 * @param biasDeg turn that was foreseen, right positive; empty where control was not proven
 * @param sigmaDeg spread about it, one sigma; empty where control was not proven
 * @param yieldDeg of the bias, what the yielding hinge turns; empty in older briefings
 * @param turns what else could turn it; empty in older briefings and where control was not proven
 * @param lengthM hinge to tip as expected; empty in older briefings
 */
public record Foreseen(
        double layDeg,
        Optional<Double> biasDeg,
        Optional<Double> sigmaDeg,
        Optional<Double> yieldDeg,
        Optional<Double> lengthM,
        double hingeLengthM,
        double hingeThickM,
        Optional<Turns> turns) {
    private static final double Z = 1.96;

    /** One that foresaw nothing but whoever aims and cuts. */
    public Foreseen(
            double layDeg,
            Optional<Double> biasDeg,
            Optional<Double> sigmaDeg,
            Optional<Double> yieldDeg,
            Optional<Double> lengthM,
            double hingeLengthM,
            double hingeThickM) {
        this(layDeg, biasDeg, sigmaDeg, yieldDeg, lengthM, hingeLengthM, hingeThickM, Optional.empty());
    }

    public Foreseen {
        sigmaDeg.ifPresent(s -> Require.within(s, 0, 180, "sigmaDeg"));
    }

    /** @return where it was most likely to fall: the lay and the turn that was foreseen */
    public double predictedDeg() {
        return Azimuth.normal(layDeg + biasDeg.orElse(0.0));
    }

    /** @return half width of the foreseen fan (95 %) on this side of the lay; empty where no fan was foreseen */
    public Optional<Double> halfFanDeg(boolean right) {
        double bias = biasDeg.orElse(0.0);
        return sigmaDeg.map(s -> Math.max(0, right ? bias : -bias) + Z * s);
    }
}
