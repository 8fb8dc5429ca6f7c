package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Whether a piece fits where it is laid down. Geometry.
 *
 * @param oblique it fits at some angle
 * @param heightOk empty while heights are not known
 */
public record LandingFit(
        boolean parallel,
        boolean oblique,
        boolean fullTurn,
        Optional<Boolean> heightOk,
        double fullTurnWidthM,
        List<Remarks.Told> remarks) {
    /** Two sides, metres. */
    public record Sides(double lengthM, double widthM) {
        private double longer() {
            return Math.max(lengthM, widthM);
        }

        private double shorter() {
            return Math.min(lengthM, widthM);
        }
    }

    /** @param hangM hook to the lowest end; {@code clearM} hook height available */
    public record Heights(Optional<Double> hangM, Optional<Double> clearM) {}

    /** @param freeSpin nobody holds it by a tag line */
    public static LandingFit of(Sides zone, Sides piece, double marginM, Heights heights, boolean freeSpin) {
        double a = zone.longer();
        double b = zone.shorter();
        double p = piece.longer() + 2 * marginM;
        double q = piece.shorter() + 2 * marginM;
        boolean parallel = p <= a && q <= b;
        double root = Math.sqrt(Math.max(0, p * p + q * q - a * a));
        boolean oblique = parallel || p > a && b >= (2 * p * q * a + (p * p - q * q) * root) / (p * p + q * q);
        double turn = Math.hypot(piece.longer(), piece.shorter()) + 2 * marginM;
        boolean fullTurn = turn <= b;
        Optional<Boolean> height = heights.hangM.flatMap(h -> heights.clearM.map(c -> h <= c));
        return new LandingFit(
                parallel,
                oblique,
                fullTurn,
                height,
                turn,
                new Remarks()
                        .when(!oblique, Remark.DOES_NOT_FIT)
                        .when(oblique && !parallel, Remark.FITS_ONLY_OBLIQUE)
                        .when(oblique && !fullTurn, freeSpin ? Remark.NO_FULL_TURN : Remark.TAGLINE_NEEDED)
                        .when(height.isEmpty(), Remark.HEIGHT_NOT_CHECKED)
                        .when(height.filter(ok -> !ok).isPresent(), Remark.HEIGHT_SHORT)
                        .told());
    }
}
