package org.antevid.core.assist;

import java.util.Optional;

/**
 * Where a line nobody has planned yet would be tied and anchored: two thirds up (practice rule), no higher than holds, and far enough out that the
 * stem does not reach whoever pulls.
 *
 * @param tieM    above the cut, rounded down to half a metre
 * @param anchorM from the stump, rounded up
 */
public record ProposedLine(double tieM, double anchorM) {
    private static final double UP = 0.66;
    private static final double OUT = 1.6;
    private static final double LEAST_TIE_M = 0.5;

    /** @param highestTieM above the cut that holds; empty while it is not known */
    public static ProposedLine on(double heightM, Optional<Double> highestTieM) {
        double tie = Math.max(LEAST_TIE_M, Math.min(UP * heightM, highestTieM.orElse(UP * heightM)));
        return new ProposedLine(Math.floor(2 * tie) / 2, Math.ceil(OUT * heightM));
    }
}
