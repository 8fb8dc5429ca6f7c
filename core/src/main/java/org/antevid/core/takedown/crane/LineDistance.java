package org.antevid.core.takedown.crane;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Distance of boom, rope, piece and people to a live line, at every place of the way. Geometry; the table of distances
 * is a stand-in for the national one. What looks insulated counts as live.
 *
 * @param nearest name of what comes nearest
 */
public record LineDistance(
        double distanceM, double requiredM, double marginM, String nearest, double swayM, List<Remarks.Told> remarks) {
    private static final double NEAR = 1.5;
    /** A stand-in. */
    private static final List<Clearance> USUAL = List.of(
            new Clearance(1_000, 3.0),
            new Clearance(50_000, 3.05),
            new Clearance(200_000, 4.6),
            new Clearance(350_000, 6.1),
            new Clearance(500_000, 7.65),
            new Clearance(750_000, 10.7),
            new Clearance(1_000_000, 13.75));

    public record Clearance(double upToV, double clearanceM) {}

    /**
     * @return how far people, loads and lines keep from a conductor of this class, metres; a class that says no voltage
     *     counts as the worst of the table, a telephone line as none
     */
    public static double clearanceM(VoltageClass voltage) {
        return switch (voltage) {
            case TELEPHONE -> 0;
            case LOW -> USUAL.get(0).clearanceM;
            case TRACTION -> USUAL.get(1).clearanceM;
            case HIGH, NOT_KNOWN -> USUAL.get(USUAL.size() - 1).clearanceM;
        };
    }

    /** From one end to the other, metres. */
    public record Segment(String name, double ax, double ay, double az, double bx, double by, double bz) {
        private double length() {
            return Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay) + (bz - az) * (bz - az));
        }

        private double[] along() {
            return new double[] {bx - ax, by - ay, bz - az};
        }

        /** @return smallest distance of two segments in space */
        private double to(Segment o) {
            double[] d1 = along();
            double[] d2 = o.along();
            double[] r = {ax - o.ax, ay - o.ay, az - o.az};
            double a = dot(d1, d1);
            double e = dot(d2, d2);
            double f = dot(d2, r);
            double c = dot(d1, r);
            double b = dot(d1, d2);
            double denominator = a * e - b * b;
            double s = denominator > 1e-12 * Math.max(1, a * e) ? held((b * f - c * e) / denominator) : 0;
            double t = e > 0 ? (b * s + f) / e : 0;
            if (t < 0 || t > 1 || e == 0) {
                t = held(t);
                s = a > 0 ? held((b * t - c) / a) : 0;
            }
            double x = r[0] + s * d1[0] - t * d2[0];
            double y = r[1] + s * d1[1] - t * d2[1];
            double z = r[2] + s * d1[2] - t * d2[2];
            return Math.sqrt(x * x + y * y + z * z);
        }

        private static double held(double share) {
            return Math.max(0, Math.min(1, share));
        }

        private static double dot(double[] a, double[] b) {
            return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
        }
    }

    /**
     * @param voltageV empty: not known, it counts as the worst of the table
     * @param table of the local code; empty: the stand-in
     * @param isolated switched off and earthed, confirmed in writing by its owner
     */
    public record Line(List<Segment> conductors, Optional<Double> voltageV, List<Clearance> table, boolean isolated) {
        private double required() {
            List<Clearance> rows = (table.isEmpty() ? USUAL : table)
                    .stream()
                            .sorted(Comparator.comparingDouble(Clearance::upToV))
                            .toList();
            if (voltageV.isEmpty()) {
                return rows.stream().mapToDouble(Clearance::clearanceM).max().orElseThrow();
            }
            return rows.stream()
                    .filter(r -> voltageV.get() <= r.upToV)
                    .findFirst()
                    .map(Clearance::clearanceM)
                    .orElseThrow(() -> new RefusedInput(Refusal.VOLTAGE_ABOVE_TABLE, "voltage_v"));
        }
    }

    /**
     * @param reachM half the piece, its swing, the bending of the boom
     * @param swayM of the conductor; empty: assumed from its longest span
     * @throws RefusedInput {@code VOLTAGE_ABOVE_TABLE}
     */
    public static LineDistance of(List<Segment> segments, Line line, double reachM, Optional<Double> swayM) {
        double required = line.required();
        double sway = swayM.orElseGet(() -> 1.0
                + 0.01
                        * line.conductors.stream()
                                .mapToDouble(Segment::length)
                                .max()
                                .orElseThrow());
        double least = Double.POSITIVE_INFINITY;
        String nearest = "";
        for (Segment s : segments) {
            double d = line.conductors.stream().mapToDouble(s::to).min().orElseThrow();
            if (d < least || d == least && s.name.compareTo(nearest) < 0) {
                least = d;
                nearest = s.name;
            }
        }
        double distance = least - reachM - sway;
        Remarks remarks = new Remarks()
                .when(swayM.isEmpty(), Remark.SWAY_ASSUMED)
                .when(line.voltageV.isEmpty(), Remark.VOLTAGE_UNKNOWN);
        if (line.isolated) {
            remarks.when(distance < 0, Remark.CONTACT);
        } else if (distance < required) {
            remarks.say(Remark.LINE_TOO_CLOSE);
        } else {
            remarks.when(distance < NEAR * required, Remark.LINE_NEAR);
        }
        return new LineDistance(distance, required, distance - required, nearest, sway, remarks.told());
    }
}
