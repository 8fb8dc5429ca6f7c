package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.stem.StemReading;

/**
 * All directions of one stem at once. Blocked: the fan of that lay touches a target that must not be hit, or no way out is
 * open. Costly: something of little worth is touched, or one way out is barred. The better of costly and open is never shown
 * where a block stands.
 *
 * @param runs clockwise from north, together 360 degrees
 */
public record Dial(List<Run> runs) {
    /** Step between computed lays, degrees; the dial is drawn in these steps. */
    public static final int STEP_DEG = 2;

    /** State of a lay, worst first. */
    public enum State { BLOCKED, COSTLY, OPEN }

    /** A run of lays with one state and reason; {@code fromDeg} inclusive, {@code toDeg} exclusive, 0..360. */
    public record Run(double fromDeg, double toDeg, State state, String reason) {
    }

    private record Mark(State state, String reason) {
    }

    /** @throws org.antevid.core.quantity.RefusedInput when the stem is not measured far enough */
    public static Dial of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        return of(stem, choice, site, limits, STEP_DEG);
    }

    /** @param stepDeg a divisor of 360; coarse dials serve to be compared, not to be shown */
    public static Dial of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits, int stepDeg) {
        List<Run> runs = new ArrayList<>();
        Mark current = null;
        int from = 0;
        for (int deg = 0; deg < 360; deg += stepDeg) {
            Mark mark = mark(LayPlan.of(stem, choice.turnedTo(deg + stepDeg / 2.0), site, limits));
            if (!mark.equals(current)) {
                if (current != null) {
                    runs.add(new Run(from, deg, current.state, current.reason));
                }
                current = mark;
                from = deg;
            }
        }
        runs.add(new Run(from, 360, current.state, current.reason));
        return new Dial(List.copyOf(runs));
    }

    private static Mark mark(LayPlan plan) {
        Optional<Feature> touched = plan.worstTouched().map(LayPlan.TargetCheck::feature);
        if (touched.isPresent() && touched.get().worth() > 1) {
            return new Mark(State.BLOCKED, plan.fan().wholeCircle() ? "control not proven" : touched.get().name());
        }
        if (plan.escape().best().isEmpty()) {
            return new Mark(State.BLOCKED, "no way out");
        }
        if (touched.isPresent()) {
            return new Mark(State.COSTLY, touched.get().name());
        }
        if (plan.escape().routes().stream().anyMatch(r -> !r.open())) {
            return new Mark(State.COSTLY, "one way out");
        }
        return new Mark(State.OPEN, "");
    }

    /** @return how many degrees are in this state */
    public double degrees(State state) {
        return runs.stream().filter(r -> r.state == state).mapToDouble(r -> r.toDeg - r.fromDeg).sum();
    }

    /** @return middle of the widest run in this state */
    public Optional<Double> widest(State state) {
        return runs.stream().filter(r -> r.state == state).max(Comparator.comparingDouble(r -> r.toDeg - r.fromDeg))
            .map(r -> (r.fromDeg + r.toDeg) / 2);
    }
}
