package org.antevid.core.takedown.pieces;

import java.util.List;
import org.antevid.core.takedown.spar.Point;

/**
 * Wood that hangs together.
 *
 * @param parts logs and branches it is made of; the high values are added
 * @param ends places it reaches to
 */
record Body(List<Part> parts, List<Point> ends) {
    /** @param com centre of mass, foot of the stem at nought */
    record Part(double massKg, double highKg, double lowKg, Point com) {}

    Body {
        parts = List.copyOf(parts);
        ends = List.copyOf(ends);
    }

    double massKg() {
        return parts.stream().mapToDouble(Part::massKg).sum();
    }

    double highKg() {
        return parts.stream().mapToDouble(Part::highKg).sum();
    }

    double lowKg() {
        return parts.stream().mapToDouble(Part::lowKg).sum();
    }

    /** @return centre of mass; not for nothing */
    Point com() {
        double mass = massKg();
        Point sum = new Point(0, 0, 0);
        for (Part p : parts) {
            sum = sum.plus(p.com.times(p.massKg / mass));
        }
        return sum;
    }

    /** @return its farthest end from a place */
    double reachM(Point from) {
        return ends.stream().mapToDouble(e -> e.minus(from).size()).max().orElse(0);
    }
}
