package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Where the middle of the crown's drip line lies from the stem: area centroid of the polygon of crown radii. An estimate of
 * the crown mass's offset. Source: geometry.
 *
 * @param areaM2     ground under the crown, square metres
 * @param sigmaM     0.3 m or 10 % of the largest radius, the larger (judgement)
 * @param warnings   {@code RADII_SPARSE} where two neighbouring radii are more than 100 degrees apart
 */
public record CrownOffset(double areaM2, double offsetEastM, double offsetNorthM, double maxRadiusM, double sigmaM, List<String> warnings) {

    /** A crown radius: azimuth in degrees, metres 0.05..25. */
    public record Radius(double azimuthDeg, double radiusM) {
        public Radius {
            Require.within(azimuthDeg, -360, 720, "radii");
            Require.within(radiusM, 0, 25, "radii");
        }
    }

    /** @throws RefusedInput for fewer than three radii, or {@code RADII_GAP} when half the crown was not looked at */
    public static CrownOffset of(List<Radius> radii) {
        if (radii.size() < 3) {
            throw new RefusedInput("MISSING", "radii", "needs three radii or more at different azimuths");
        }
        List<Radius> sorted = radii.stream().sorted(Comparator.comparingDouble(r -> Azimuth.normal(r.azimuthDeg))).toList();
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
            throw new RefusedInput("RADII_GAP", "radii", "leave " + Math.round(widest) + " degrees without a radius; take one in the gap");
        }
        List<String> warnings = new ArrayList<>();
        if (widest > 100) {
            warnings.add("RADII_SPARSE");
        }
        double max = sorted.stream().mapToDouble(Radius::radiusM).max().orElseThrow();
        double east = twiceArea > 0 ? e / twiceArea : 0;
        double north = twiceArea > 0 ? n / twiceArea : 0;
        return new CrownOffset(twiceArea / 2, clean(east), clean(north), max, Math.max(0.3, 0.1 * max), List.copyOf(warnings));
    }

    public double offsetM() {
        return Math.hypot(offsetEastM, offsetNorthM);
    }

    public double azimuthDeg() {
        return Azimuth.of(offsetEastM, offsetNorthM);
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
