package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Where the middle of the crown's drip line lies from the stem: area centroid of the polygon of crown radii. An
 * estimate of the crown mass's offset. Source: geometry.
 *
 * @param areaM2 ground under the crown, square metres
 * @param sigmaM 0.3 m or 10 % of the largest radius, the larger (judgement)
 * @param warnings {@code RADII_SPARSE} where two neighbouring radii are more than 100 degrees apart
 */
public record CrownOffset(
        double areaM2,
        double offsetEastM,
        double offsetNorthM,
        double maxRadiusM,
        double sigmaM,
        List<SightingWarning> warnings) {

    private static final double LEAST_SIGMA_M = 0.3;
    private static final double SIGMA_SHARE = 0.1;
    private static final double NOT_MEASURED = 1.5;
    private static final double CENTRED_M = 1e-9;

    /** A crown radius: azimuth in degrees, metres 0.05..25. */
    public record Radius(double azimuthDeg, double radiusM) {
        public Radius {
            Require.within(azimuthDeg, -360, 720, "radii");
            Require.within(radiusM, 0, 25, "radii");
        }
    }

    /**
     * @throws RefusedInput for fewer than three radii, {@code RADII_GAP} when half the crown was not looked at,
     *     {@code NO_AREA} when they enclose nothing
     */
    public static CrownOffset of(List<Radius> radii) {
        if (radii.size() < 3) {
            throw new RefusedInput(Refusal.NEED_THREE_RADII, "radii");
        }
        List<Radius> sorted = radii.stream()
                .sorted(Comparator.comparingDouble(r -> Azimuth.normal(r.azimuthDeg)))
                .toList();
        double widest = 0;
        double twiceArea = 0;
        double e = 0;
        double n = 0;
        for (int i = 0; i < sorted.size(); i++) {
            Radius a = sorted.get(i);
            Radius b = sorted.get((i + 1) % sorted.size());
            double gap = Azimuth.normal(b.azimuthDeg - a.azimuthDeg);
            widest = Math.max(widest, gap);
            double cross = a.radiusM * b.radiusM * Math.sin(Math.toRadians(gap));
            twiceArea += cross;
            e += cross * (east(a) + east(b)) / 3;
            n += cross * (north(a) + north(b)) / 3;
        }
        if (widest >= 180 - 1e-9) {
            throw new RefusedInput(
                    Message.of(Refusal.RADII_GAP).with("gap", Arg.of(Dimension.SECTOR, widest)), "radii");
        }
        if (!(twiceArea > 0)) {
            throw new RefusedInput(Refusal.NO_AREA, "radii");
        }
        List<SightingWarning> warnings = new ArrayList<>();
        if (widest > 100) {
            warnings.add(SightingWarning.RADII_SPARSE);
        }
        double max = sorted.stream().mapToDouble(Radius::radiusM).max().orElseThrow();
        double east = e / twiceArea;
        double north = n / twiceArea;
        return new CrownOffset(
                twiceArea / 2,
                clean(east),
                clean(north),
                max,
                Math.max(LEAST_SIGMA_M, SIGMA_SHARE * max),
                List.copyOf(warnings));
    }

    public double offsetM() {
        return Math.hypot(offsetEastM, offsetNorthM);
    }

    /** @return where the crown hangs out to; empty for one that is centred */
    public Optional<Double> azimuthDeg() {
        return offsetM() < CENTRED_M ? Optional.empty() : Optional.of(Azimuth.of(offsetEastM, offsetNorthM));
    }

    /**
     * @return sigma of the offset of a crown nobody measured, whose offset is then taken as 0: half as much again
     *     (judgement), metres
     */
    public static double notMeasuredSigmaM(double radiusM) {
        return NOT_MEASURED * Math.max(LEAST_SIGMA_M, SIGMA_SHARE * radiusM);
    }

    private static double clean(double v) {
        return Math.abs(v) < 1e-12 ? 0 : v;
    }

    private static double east(Radius r) {
        return r.radiusM * Math.sin(Math.toRadians(r.azimuthDeg));
    }

    private static double north(Radius r) {
        return r.radiusM * Math.cos(Math.toRadians(r.azimuthDeg));
    }
}
