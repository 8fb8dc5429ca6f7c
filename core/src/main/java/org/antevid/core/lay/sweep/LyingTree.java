package org.antevid.core.lay.sweep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * The tree on the ground: a stem box from the stump to the crown base and a crown box from there to the tip. The
 * directions in which it covers a thing do not depend on the lay meant, so they are computed once and serve all 360.
 * What is thrown beyond the tip and what springs back from a neighbour are not in it. Metres. Source: geometry.
 *
 * @param lengthM hinge to tip, 0.5..200
 * @param crownBaseM from the hinge, 0..150
 * @param stemHalfM half width of the stem, 0.02..5
 * @param crownHalfM half width of the crown, 0.02..40
 */
public record LyingTree(double lengthM, double crownBaseM, double stemHalfM, double crownHalfM) {
    private static final double SAME_DEG = 1e-9;

    public LyingTree {
        Require.within(lengthM, 0.5, 200, "length_m");
        Require.within(crownBaseM, 0, 150, "crown_base_m");
        Require.within(stemHalfM, 0.02, 5, "stem_half_m");
        Require.within(crownHalfM, 0.02, 40, "crown_half_m");
    }

    /** @return the same tree with a longer tip */
    public LyingTree longer(double length) {
        return new LyingTree(length, Math.min(crownBaseM, length), stemHalfM, crownHalfM);
    }

    /** @return the farthest any part of it reaches from the stump */
    public double reachM() {
        return Math.hypot(lengthM, crownHalfM);
    }

    /**
     * Directions in which a disc is covered.
     *
     * @param eastM from the stump
     * @param radiusM 0 for a point
     */
    public Arcs covering(double eastM, double northM, double radiusM) {
        double rho = Math.hypot(eastM, northM);
        if (rho <= stemHalfM + radiusM) {
            return Arcs.ALL;
        }
        double azimuth = Azimuth.of(eastM, northM);
        List<Arcs.Arc> arcs = new ArrayList<>();
        add(arcs, azimuth, rho, 0, Math.min(lengthM, crownBaseM) + radiusM, stemHalfM + radiusM);
        if (lengthM > crownBaseM) {
            add(arcs, azimuth, rho, Math.max(0, crownBaseM - radiusM), lengthM + radiusM, crownHalfM + radiusM);
        }
        return Arcs.union(arcs);
    }

    /**
     * A point at {@code rho} in a box is covered while its angle off the lay lies between two limits, on both sides.
     */
    private static void add(List<Arcs.Arc> arcs, double azimuth, double rho, double nearM, double farM, double halfM) {
        if (rho <= nearM) {
            return;
        }
        double least = rho > farM ? Math.toDegrees(Math.acos(farM / rho)) : 0;
        double most = Math.min(
                rho > halfM ? Math.toDegrees(Math.asin(halfM / rho)) : 90, Math.toDegrees(Math.acos(nearM / rho)));
        if (most < least) {
            return;
        }
        if (least == 0) {
            arcs.add(new Arcs.Arc(azimuth - most, 2 * most));
        } else {
            arcs.add(new Arcs.Arc(azimuth - most, most - least));
            arcs.add(new Arcs.Arc(azimuth + least, most - least));
        }
    }

    /**
     * Directions in which any of a recorded thing is covered.
     *
     * @param stump the tree's own place
     */
    public Arcs covering(Shape shape, Spot stump) {
        if (shape.distanceTo(stump) > reachM()) {
            return Arcs.NONE;
        }
        if (shape.round().isPresent()) {
            Shape.Round r = shape.round().get();
            return covering(r.centre().eastM() - stump.eastM(), r.centre().northM() - stump.northM(), r.radiusM());
        }
        double[][] points = shape.outline().stream()
                .map(s -> new double[] {s.eastM() - stump.eastM(), s.northM() - stump.northM()})
                .toArray(double[][]::new);
        return covering(points, shape.hasArea());
    }

    /**
     * Directions in which an outline is covered, exact: between two neighbouring directions at which a corner meets a
     * box's edge, or a box's corner meets the outline, nothing changes.
     *
     * @param points (east, north) from the stump; a closed area needs not repeat its first point. A self-crossing area
     *     counts even-odd
     */
    public Arcs covering(double[][] points, boolean area) {
        double[][] boxes = lengthM > crownBaseM
                ? new double[][] {{0, crownBaseM, stemHalfM}, {crownBaseM, lengthM, crownHalfM}}
                : new double[][] {{0, lengthM, stemHalfM}};
        int n = points.length;
        int edges = area ? n : n - 1;
        double[] critical = new double[n * 16 + edges * 16 + 4];
        int count = 0;
        for (double[] box : boxes) {
            for (double[] p : points) {
                double rho = Math.hypot(p[0], p[1]);
                double azimuth = Math.toDegrees(Math.atan2(p[0], p[1]));
                if (rho >= box[2]) {
                    double off = Math.toDegrees(Math.asin(box[2] / rho));
                    critical[count++] = azimuth - off;
                    critical[count++] = azimuth + off;
                }
                for (int i = 0; i < 2; i++) {
                    if (rho >= box[i] && box[i] > 0) {
                        double off = Math.toDegrees(Math.acos(box[i] / rho));
                        critical[count++] = azimuth - off;
                        critical[count++] = azimuth + off;
                    }
                }
            }
            for (int e = 0; e < edges; e++) {
                count = corners(points[e], points[(e + 1) % n], box, critical, count);
            }
        }
        return between(Arrays.copyOf(critical, count), points, area, boxes);
    }

    private static int corners(double[] a, double[] b, double[] box, double[] critical, int from) {
        int count = from;
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double aa = dx * dx + dy * dy;
        for (int i = 0; i < 2; i++) {
            double q = Math.hypot(box[i], box[2]);
            double bb = 2 * (a[0] * dx + a[1] * dy);
            double cc = a[0] * a[0] + a[1] * a[1] - q * q;
            double disc = bb * bb - 4 * aa * cc;
            if (disc < 0 || aa == 0) {
                continue;
            }
            double corner = Math.toDegrees(Math.atan2(box[2], box[i]));
            for (int sign = -1; sign <= 1; sign += 2) {
                double t = (-bb + sign * Math.sqrt(disc)) / (2 * aa);
                if (t >= 0 && t <= 1) {
                    double azimuth = Math.toDegrees(Math.atan2(a[0] + t * dx, a[1] + t * dy));
                    critical[count++] = azimuth - corner;
                    critical[count++] = azimuth + corner;
                }
            }
        }
        return count;
    }

    private static Arcs between(double[] critical, double[][] points, boolean area, double[][] boxes) {
        for (int i = 0; i < critical.length; i++) {
            critical[i] = Azimuth.normal(critical[i]);
        }
        Arrays.sort(critical);
        if (critical.length == 0) {
            return covers(0, points, area, boxes) ? Arcs.ALL : Arcs.NONE;
        }
        List<Arcs.Arc> arcs = new ArrayList<>();
        for (int i = 0; i < critical.length; i++) {
            double from = critical[i];
            double to = i + 1 < critical.length ? critical[i + 1] : critical[0] + 360;
            if (to - from > SAME_DEG && covers((from + to) / 2, points, area, boxes)) {
                arcs.add(new Arcs.Arc(from, to - from));
            }
        }
        return Arcs.union(arcs);
    }

    private static boolean covers(double azimuthDeg, double[][] points, boolean area, double[][] boxes) {
        double sin = Math.sin(Math.toRadians(azimuthDeg));
        double cos = Math.cos(Math.toRadians(azimuthDeg));
        int n = points.length;
        int edges = area ? n : n - 1;
        for (double[] box : boxes) {
            boolean inside = false;
            double middle = (box[0] + box[1]) / 2;
            for (int e = 0; e < edges; e++) {
                double[] a = points[e];
                double[] b = points[(e + 1) % n];
                double s1 = a[0] * sin + a[1] * cos;
                double c1 = a[0] * cos - a[1] * sin;
                double s2 = b[0] * sin + b[1] * cos;
                double c2 = b[0] * cos - b[1] * sin;
                if (meets(s1, c1, s2, c2, box)) {
                    return true;
                }
                if (c1 > 0 != c2 > 0 && s1 + (s2 - s1) * c1 / (c1 - c2) > middle) {
                    inside = !inside;
                }
            }
            if (area && inside) {
                return true;
            }
        }
        return false;
    }

    /** Clips the line from (s1, c1) to (s2, c2) by a box. */
    private static boolean meets(double s1, double c1, double s2, double c2, double[] box) {
        double low = 0;
        double high = 1;
        double ds = s2 - s1;
        double dc = c2 - c1;
        double[] p = {-ds, ds, -dc, dc};
        double[] q = {s1 - box[0], box[1] - s1, c1 + box[2], box[2] - c1};
        for (int i = 0; i < 4; i++) {
            if (p[i] == 0) {
                if (q[i] < 0) {
                    return false;
                }
            } else {
                double t = q[i] / p[i];
                if (p[i] < 0) {
                    low = Math.max(low, t);
                } else {
                    high = Math.min(high, t);
                }
                if (low > high) {
                    return false;
                }
            }
        }
        return true;
    }

    /** @return whether it covers a closed outline when it lies at {@code azimuthDeg}; for drawing of samples */
    boolean coversAt(double azimuthDeg, double[][] points) {
        double[][] boxes = lengthM > crownBaseM
                ? new double[][] {{0, crownBaseM, stemHalfM}, {crownBaseM, lengthM, crownHalfM}}
                : new double[][] {{0, lengthM, stemHalfM}};
        return covers(azimuthDeg, points, true, boxes);
    }
}
