package org.antevid.core.takedown.rope;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * The largest piece for a given fall: the inverse of {@link CatchPeak} on the stiff side.
 *
 * @param massTrueMaxKg it may truly weigh
 * @param massPlanMaxKg it may be reckoned at
 */
public record LargestPiece(
        double massTrueMaxKg, double massPlanMaxKg, Governs governs, double dropM, List<Remarks.Told> remarks) {
    private static final double LEAST_KG = 1;

    /** @param anchorN peak block, sling and stem may see; empty where nobody said it */
    public record Allowed(double lineN, Optional<Double> anchorN) {}

    public static LargestPiece of(Allowed allowed, Fall fall, double massFactor, Line line, double legLoadM) {
        double h = fall.heightM();
        double byLine = mass(allowed.lineN, line.stiffNm(legLoadM, line.efficiencyLow()), h);
        Optional<Double> byAnchor =
                allowed.anchorN.map(a -> DoubleStream.of(line.efficiencyLow(), line.efficiencyHigh())
                        .map(e -> mass(a / (1 + e), line.stiffNm(legLoadM, e), h))
                        .min()
                        .orElseThrow());
        double most = Math.min(byLine, byAnchor.orElse(byLine));
        return new LargestPiece(
                most,
                most / massFactor,
                byAnchor.filter(a -> a < byLine).isPresent() ? Governs.ANCHOR : Governs.LINE,
                h,
                line.assumed()
                        .when(allowed.anchorN.isEmpty(), Remark.ANCHOR_NOT_CHECKED)
                        .when(most < LEAST_KG, Remark.NO_MASS_ALLOWED)
                        .told());
    }

    private static double mass(double forceN, double kNm, double h) {
        return forceN * forceN / (2 * StemMass.G * (forceN + kNm * h));
    }
}
