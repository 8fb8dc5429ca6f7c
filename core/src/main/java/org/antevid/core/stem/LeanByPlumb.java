package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Horizontal offset of a point of the stem over its stump from two or more plumbed views: weighted least squares with
 * the covariance of the views. A stem that looks plumb has an unknown direction of lean, not none. Source: geometry.
 *
 * @param offsetEastM metres east of the stump
 * @param azimuthDeg where it leans to; empty while the offset is under two sigmas across it
 * @param sigmaAlongM one sigma along the offset, metres
 * @param sigmaAcrossM one sigma across it, metres
 * @param chi2 squared misfit of the views in sigmas
 * @param warnings {@code VIEWS_NOT_SQUARE} under 60 degrees, {@code LEAN_DIRECTION_UNCERTAIN}, {@code VIEWS_DISAGREE}
 */
public record LeanByPlumb(
        double offsetEastM,
        double offsetNorthM,
        double offsetM,
        Optional<Double> azimuthDeg,
        double sigmaAlongM,
        double sigmaAcrossM,
        Optional<Double> sigmaAzimuthDeg,
        double chi2,
        List<SightingWarning> warnings) {
    /** Smallest eigenvalue of two unit views at 30 and 60 degrees to each other. */
    private static final double PARALLEL = 1 - Math.cos(Math.toRadians(30));

    private static final double NOT_SQUARE = 1 - Math.cos(Math.toRadians(60));
    /** Squared misfit for each view beyond two from which the views contradict each other (judgement). */
    private static final double DISAGREE = 6;

    public static final double USUAL_SIGMA_M = 0.15;

    /**
     * One view: a plumb offset in metres, or an angle with the distance it was read from.
     *
     * @param bearingDeg observer to stump
     * @param offsetM right of the plumb line positive, -40..40 m
     * @param angleDeg the same as an angle, -45..45 degrees; removes the error of perspective
     * @param distanceM observer to stump, 2..300 m, needed with an angle
     */
    public record PlumbView(
            double bearingDeg,
            Optional<Double> offsetM,
            Optional<Double> angleDeg,
            Optional<Double> distanceM,
            double sigmaM) {
        public PlumbView {
            Require.within(bearingDeg, -360, 720, "bearing_deg");
            offsetM.ifPresent(o -> Require.within(o, -40, 40, "offset_m"));
            angleDeg.ifPresent(a -> Require.within(a, -45, 45, "angle_deg"));
            distanceM.ifPresent(d -> Require.within(d, 2, 300, "distance_m"));
            Require.within(sigmaM, 0.001, 10, "sigma_m");
            if (offsetM.isEmpty() && (angleDeg.isEmpty() || distanceM.isEmpty())) {
                throw new RefusedInput(Refusal.OFFSET_OR_ANGLE, "offset_m");
            }
        }

        public static PlumbView offset(double bearingDeg, double offsetM) {
            return new PlumbView(bearingDeg, Optional.of(offsetM), Optional.empty(), Optional.empty(), USUAL_SIGMA_M);
        }

        /** An angle counts only with its distance and then goes before the offset. */
        private double tan() {
            return distanceM
                    .flatMap(d -> angleDeg)
                    .map(a -> Math.tan(Math.toRadians(a)))
                    .orElse(0.0);
        }

        private double east() {
            double tan = tan();
            return Math.cos(Math.toRadians(bearingDeg)) - tan * Math.sin(Math.toRadians(bearingDeg));
        }

        private double north() {
            double tan = tan();
            return -Math.sin(Math.toRadians(bearingDeg)) - tan * Math.cos(Math.toRadians(bearingDeg));
        }

        private double seen() {
            return distanceM
                    .filter(d -> angleDeg.isPresent())
                    .map(d -> d * tan())
                    .orElseGet(offsetM::orElseThrow);
        }
    }

    /**
     * @throws RefusedInput for fewer than two views, or {@code VIEWS_PARALLEL} when they are within 30 degrees of one
     *     line
     */
    public static LeanByPlumb of(List<PlumbView> views) {
        if (views.size() < 2) {
            throw new RefusedInput(Refusal.NEED_TWO_VIEWS, "views");
        }
        double spread = smallest(
                views.stream()
                        .mapToDouble(v -> Math.pow(Math.cos(Math.toRadians(v.bearingDeg)), 2))
                        .sum(),
                views.stream()
                        .mapToDouble(v -> -Math.sin(Math.toRadians(2 * v.bearingDeg)) / 2)
                        .sum(),
                views.stream()
                        .mapToDouble(v -> Math.pow(Math.sin(Math.toRadians(v.bearingDeg)), 2))
                        .sum());
        if (spread < PARALLEL - 1e-9) {
            throw new RefusedInput(Refusal.VIEWS_PARALLEL, "views");
        }
        double ee = 0;
        double en = 0;
        double nn = 0;
        double e = 0;
        double n = 0;
        for (PlumbView v : views) {
            double w = 1 / (v.sigmaM * v.sigmaM);
            ee += w * v.east() * v.east();
            en += w * v.east() * v.north();
            nn += w * v.north() * v.north();
            e += w * v.east() * v.seen();
            n += w * v.north() * v.seen();
        }
        double det = ee * nn - en * en;
        double east = (nn * e - en * n) / det;
        double north = (ee * n - en * e) / det;
        double offset = Math.hypot(east, north);
        double ue = offset > 0 ? east / offset : 0;
        double un = offset > 0 ? north / offset : 1;
        double along = Math.sqrt((nn * ue * ue - 2 * en * ue * un + ee * un * un) / det);
        double across = Math.sqrt((nn * un * un + 2 * en * un * ue + ee * ue * ue) / det);
        double chi2 = views.stream()
                .mapToDouble(v -> Math.pow((v.east() * east + v.north() * north - v.seen()) / v.sigmaM, 2))
                .sum();
        boolean uncertain = offset < 2 * across;
        List<SightingWarning> warnings = new ArrayList<>();
        if (spread < NOT_SQUARE - 1e-9) {
            warnings.add(SightingWarning.VIEWS_NOT_SQUARE);
        }
        if (uncertain) {
            warnings.add(SightingWarning.LEAN_DIRECTION_UNCERTAIN);
        }
        if (views.size() > 2 && chi2 > DISAGREE * (views.size() - 2)) {
            warnings.add(SightingWarning.VIEWS_DISAGREE);
        }
        return new LeanByPlumb(
                east,
                north,
                offset,
                uncertain ? Optional.empty() : Optional.of(Azimuth.of(east, north)),
                along,
                across,
                uncertain ? Optional.empty() : Optional.of(Math.toDegrees(Math.atan(across / offset))),
                chi2,
                List.copyOf(warnings));
    }

    private static double smallest(double ee, double en, double nn) {
        return (ee + nn) / 2 - Math.hypot((ee - nn) / 2, en);
    }

    /** @return the offset with its 95 % margin, metres */
    public double designOffsetM() {
        return offsetM + Estimate.Z95 * sigmaAlongM;
    }

    /** @return the lean of a point {@code heightM} up, with the wider of both sigmas */
    public Lean lean(double heightM) {
        double wide = Math.max(sigmaAlongM, sigmaAcrossM);
        return new Lean(
                Math.toDegrees(Math.atan(offsetM / heightM)),
                Azimuth.of(offsetEastM, offsetNorthM),
                Math.max(0.05, Math.min(20, Math.toDegrees(Math.atan(wide / heightM)))));
    }
}
