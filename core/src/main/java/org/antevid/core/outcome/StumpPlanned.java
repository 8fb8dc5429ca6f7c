package org.antevid.core.outcome;

import java.util.Optional;

/**
 * The stump as it was briefed, metres inside the bark, left and right as seen along the lay from behind.
 *
 * @param cuts what the cut card says of it; empty where none was briefed
 */
public record StumpPlanned(double hingeLengthM, double hingeThickM, Optional<Cuts> cuts) {
    /**
     * @param stepM height of the back cut above the bottom of the notch
     * @param strapM thickness of the strap at the back; empty where none is left
     */
    public record Cuts(
            double dAlongM,
            double dAcrossM,
            double depthM,
            double faceDeg,
            double hingeLeftM,
            double hingeRightM,
            double stepM,
            Optional<Double> strapM) {}

    double leftM() {
        return cuts.map(Cuts::hingeLeftM).orElse(hingeThickM);
    }

    double rightM() {
        return cuts.map(Cuts::hingeRightM).orElse(hingeThickM);
    }
}
