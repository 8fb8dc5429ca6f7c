package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;

/**
 * Probed walls at the height of the cut taken together: a round cavity about the centre that fits them best, wide
 * enough to take in the inner end of every probe. Needs three directions or more; unprobed counts as decayed (practice
 * rule).
 */
public final class Probes {
    /** A corner counts as probed when a probe lies within this of it (judgement). */
    private static final double NEAR_DEG = 30;

    private static final double SIGMA_WALL_M = 0.015;

    private Probes() {}

    /** @return whether three directions were probed, both hinge corners of this lay among them */
    public static boolean covers(List<FieldBook.Wall> walls, double layDeg) {
        List<FieldBook.Wall> counted =
                walls.stream().filter(FieldBook.Wall::accepted).toList();
        return counted.stream()
                                .map(w -> Math.round(Azimuth.normal(w.azimuthDeg()) / 15))
                                .distinct()
                                .count()
                        >= 3
                && near(counted, layDeg - 90)
                && near(counted, layDeg + 90);
    }

    private static boolean near(List<FieldBook.Wall> walls, double azimuthDeg) {
        return walls.stream().anyMatch(w -> Math.abs(Azimuth.turn(azimuthDeg, w.azimuthDeg())) <= NEAR_DEG);
    }

    /**
     * What the walls leave of the hinge for a lay.
     *
     * @param dM diameter at the cut inside the bark
     * @param depthM depth of the notch, metres
     * @return empty for fewer than three probes
     */
    public static Optional<Hollow> hollow(
            List<FieldBook.Wall> walls,
            double layDeg,
            double dM,
            double depthM,
            double hingeThickM,
            double massKg,
            double momentNm,
            GreenWood green) {
        if (walls.size() < 3) {
            return Optional.empty();
        }
        double radius = dM / 2;
        if (walls.stream().allMatch(w -> w.thicknessM().value() >= radius - 0.01)) {
            return Optional.of(Hollow.of(
                    new Hollow.Section(dM, 0, 0, 0, depthM, hingeThickM, SIGMA_WALL_M, massKg, momentNm, green)));
        }
        double[] centre = fit(walls, radius, layDeg);
        double far = Math.hypot(centre[0], centre[1]);
        double inside = far > radius ? radius / far : 1;
        double forward = centre[0] * inside;
        double right = centre[1] * inside;
        double cavity = walls.stream()
                .mapToDouble(w -> {
                    double a = Math.toRadians(w.azimuthDeg() - layDeg);
                    double in = Math.max(0, radius - w.thicknessM().value());
                    return Math.hypot(in * Math.cos(a) - forward, in * Math.sin(a) - right);
                })
                .max()
                .orElseThrow();
        double most = Math.max(0, radius - Math.min(cavity, radius) - 1e-9);
        double off = Math.hypot(forward, right);
        double shrink = off > most && off > 0 ? most / off : 1;
        return Optional.of(Hollow.of(
                new Hollow.Section(
                        dM,
                        2 * Math.min(radius, cavity),
                        forward * shrink,
                        right * shrink,
                        depthM,
                        hingeThickM,
                        SIGMA_WALL_M,
                        massKg,
                        momentNm,
                        green),
                found(walls, layDeg - 90, radius),
                found(walls, layDeg + 90, radius)));
    }

    /**
     * The thinnest wall probed near a corner, at its lower limit: the round cavity may lie behind the hinge, the probe
     * did not. No limit where the probe met the middle.
     */
    private static double found(List<FieldBook.Wall> walls, double azimuthDeg, double radius) {
        return walls.stream()
                .filter(w -> Math.abs(Azimuth.turn(azimuthDeg, w.azimuthDeg())) <= NEAR_DEG
                        && w.thicknessM().value() < radius - 0.01)
                .mapToDouble(w -> Math.max(0, w.thicknessM().value() - Estimate.Z95 * SIGMA_WALL_M))
                .min()
                .orElse(Double.MAX_VALUE);
    }

    /**
     * Least squares of depth to the cavity = forward cos + right sin + radius over the probes; centred when it cannot
     * be solved.
     */
    private static double[] fit(List<FieldBook.Wall> walls, double radius, double layDeg) {
        double[][] m = new double[3][4];
        for (FieldBook.Wall w : walls) {
            double a = Math.toRadians(w.azimuthDeg() - layDeg);
            double[] row = {Math.cos(a), Math.sin(a), 1, radius - w.thicknessM().value()};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 4; j++) {
                    m[i][j] += row[i] * row[j];
                }
            }
        }
        for (int i = 0; i < 3; i++) {
            if (Math.abs(m[i][i]) < 1e-9) {
                return new double[] {
                    0,
                    0,
                    walls.stream()
                            .mapToDouble(w -> radius - w.thicknessM().value())
                            .max()
                            .orElse(0)
                };
            }
            for (int k = 0; k < 3; k++) {
                if (k != i) {
                    double q = m[k][i] / m[i][i];
                    for (int j = i; j < 4; j++) {
                        m[k][j] -= q * m[i][j];
                    }
                }
            }
        }
        return new double[] {m[0][3] / m[0][0], m[1][3] / m[1][1], m[2][3] / m[2][2]};
    }
}
