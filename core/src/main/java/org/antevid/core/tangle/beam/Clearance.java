package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Height of a stem's underside above the ground along the stem, m: as it was measured, from its angle, or known only
 * between the places where it touches the ground.
 */
public final class Clearance {
    private static final double STEEP_DEG = 10;

    /** A height that was measured or is known, m. */
    public record Point(double xM, double heightM) {}

    private final List<Point> points;
    private final Optional<Line> line;
    private final boolean measured;

    /** A rising line through the place where the stem touches. */
    private record Line(double x0M, double sine) {
        double at(double x) {
            return Math.max(0, (x - x0M) * sine);
        }
    }

    private Clearance(List<Point> points, Optional<Line> line, boolean measured) {
        this.points = points;
        this.line = line;
        this.measured = measured;
    }

    static Clearance of(LyingStem stem) {
        List<Double> ground = stem.supports().stream()
                .filter(Support::groundBelow)
                .map(Support::xM)
                .sorted()
                .toList();
        if (!stem.clearance().isEmpty()) {
            List<Point> points = new ArrayList<>(stem.clearance());
            ground.stream()
                    .filter(x -> stem.clearance().stream().noneMatch(p -> p.xM() == x))
                    .forEach(x -> points.add(new Point(x, 0)));
            points.sort(Comparator.comparingDouble(Point::xM));
            return new Clearance(List.copyOf(points), Optional.empty(), true);
        }
        List<Point> touching = ground.stream().map(x -> new Point(x, 0)).toList();
        if (Math.abs(stem.angleDeg()) < STEEP_DEG) {
            return new Clearance(touching, Optional.empty(), false);
        }
        boolean tipUp = stem.angleDeg() > 0;
        double lower = tipUp ? 0 : stem.lengthM();
        double x0 = ground.isEmpty() ? lower : ground.get(tipUp ? 0 : ground.size() - 1);
        return new Clearance(touching, Optional.of(new Line(x0, Math.sin(Math.toRadians(stem.angleDeg())))), false);
    }

    boolean fromAngle() {
        return line.isPresent();
    }

    /** @return height above ground, empty where nobody knows it */
    Optional<Double> at(double x) {
        if (line.isPresent()) {
            return line.map(l -> l.at(x));
        }
        if (points.isEmpty() || !measured && points.size() < 2) {
            return Optional.empty();
        }
        Point first = points.get(0);
        Point last = points.get(points.size() - 1);
        if (x <= first.xM() || x >= last.xM()) {
            Point end = x <= first.xM() ? first : last;
            return measured || x == end.xM() ? Optional.of(end.heightM()) : Optional.empty();
        }
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            if (x <= b.xM()) {
                double share = b.xM() > a.xM() ? (x - a.xM()) / (b.xM() - a.xM()) : 1;
                return Optional.of(a.heightM() + share * (b.heightM() - a.heightM()));
            }
        }
        return Optional.of(last.heightM());
    }

    /** @return the points on which a sinking stem could come to lie first */
    List<Point> points() {
        return line.isPresent() ? List.of() : points;
    }
}
