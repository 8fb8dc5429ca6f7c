package org.antevid.core.assist;

import java.util.Optional;
import org.antevid.core.quantity.Estimate;

/**
 * Where a line nobody has planned yet would be tied and anchored: two thirds up (practice rule), no higher than holds,
 * and out of the stem's reach: two lengths at the 95 % side for people, who stand at the end of it, less for a machine
 * (practice rules).
 *
 * @param tieM above the cut, rounded down to half a metre
 * @param anchorM from the stump, rounded up
 */
public record ProposedLine(double tieM, double anchorM) {
    private static final double UP = 0.66;
    private static final double MACHINE_OUT = 1.6;
    private static final double PEOPLE_OUT = 2;
    private static final double LEAST_TIE_M = 0.5;

    /**
     * @param people pull it, no machine
     * @param highestTieM above the cut that holds; empty while it is not known
     */
    public static ProposedLine on(Estimate height, boolean people, Optional<Double> highestTieM) {
        double heightM = height.value();
        double tie = Math.max(LEAST_TIE_M, Math.min(UP * heightM, highestTieM.orElse(UP * heightM)));
        return new ProposedLine(
                Math.floor(2 * tie) / 2,
                Math.ceil(Math.max(MACHINE_OUT * heightM, people ? PEOPLE_OUT * height.high() : 0)));
    }
}
