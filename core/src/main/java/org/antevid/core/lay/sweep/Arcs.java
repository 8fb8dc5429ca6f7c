package org.antevid.core.lay.sweep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Normal;

/** A set of directions: arcs clockwise, none touching another. Degrees. */
public record Arcs(List<Arc> arcs) {
    private static final double NOTHING_BEYOND_SIGMAS = 9;
    public static final Arcs NONE = new Arcs(List.of());
    public static final Arcs ALL = new Arcs(List.of(new Arc(0, 360)));

    /** From {@code fromDeg} in [0, 360), clockwise {@code widthDeg} in 0..360. */
    public record Arc(double fromDeg, double widthDeg) {}

    public Arcs {
        arcs = List.copyOf(arcs);
    }

    /** @return the union of arcs that may overlap; each from its first value clockwise by its second */
    public static Arcs union(List<Arc> raw) {
        List<double[]> pieces = new ArrayList<>();
        for (Arc a : raw) {
            if (a.widthDeg >= 360) {
                return ALL;
            }
            double from = Azimuth.normal(a.fromDeg);
            double to = from + a.widthDeg;
            if (to > 360) {
                pieces.add(new double[] {from, 360});
                pieces.add(new double[] {0, to - 360});
            } else {
                pieces.add(new double[] {from, to});
            }
        }
        pieces.sort(Comparator.comparingDouble(p -> p[0]));
        List<double[]> merged = new ArrayList<>();
        for (double[] p : pieces) {
            double[] last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && p[0] <= last[1] + 1e-12) {
                last[1] = Math.max(last[1], p[1]);
            } else {
                merged.add(p);
            }
        }
        if (merged.size() > 1 && merged.get(0)[0] == 0 && merged.get(merged.size() - 1)[1] >= 360) {
            double[] first = merged.remove(0);
            merged.get(merged.size() - 1)[1] += first[1];
        }
        if (merged.size() == 1 && merged.get(0)[1] - merged.get(0)[0] >= 360) {
            return ALL;
        }
        return new Arcs(merged.stream().map(m -> new Arc(m[0], m[1] - m[0])).toList());
    }

    public double widthDeg() {
        double sum = 0;
        for (Arc a : arcs) {
            sum += a.widthDeg;
        }
        return sum;
    }

    /** @return whether a direction is among them */
    public boolean holds(double azimuthDeg) {
        for (Arc a : arcs) {
            if (Azimuth.normal(azimuthDeg - a.fromDeg) <= a.widthDeg) {
                return true;
            }
        }
        return false;
    }

    /** @return share of a wrapped normal spread that falls on these directions, 0..1 */
    public double share(double meanDeg, double sigmaDeg) {
        double sum = 0;
        for (Arc a : arcs) {
            sum += Normal.onArc(a.fromDeg, a.widthDeg, meanDeg, sigmaDeg);
        }
        return Math.min(1, sum);
    }

    /**
     * @return the most that can fall on these directions with any spread up to {@code sigmaDeg}, 0..1: a larger one
     *     never lowers it. Each arc and its next turns are taken at their own worst spread, so it errs high.
     */
    public double mostShare(double meanDeg, double sigmaDeg) {
        double sum = 0;
        for (Arc a : arcs) {
            for (int turn = -1; turn <= 1; turn++) {
                double from = Azimuth.turn(meanDeg, a.fromDeg) + 360 * turn;
                sum += most(from, from + a.widthDeg, sigmaDeg);
            }
        }
        return Math.min(1, sum);
    }

    /**
     * An interval that holds the mean takes everything when nothing spreads; one beside it takes most at one spread of
     * its own.
     */
    private static double most(double from, double to, double sigma) {
        if (from <= 0 && to >= 0) {
            return 1;
        }
        double near = Math.min(Math.abs(from), Math.abs(to));
        if (near > NOTHING_BEYOND_SIGMAS * sigma) {
            return 0;
        }
        double far = Math.max(Math.abs(from), Math.abs(to));
        double own = near >= far ? sigma : Math.sqrt((far * far - near * near) / (2 * Math.log(far / near)));
        double at = Math.min(sigma, own);
        return at > 0 ? Normal.below(far / at) - Normal.below(near / at) : 0;
    }

    public boolean isEmpty() {
        return arcs.isEmpty();
    }
}
