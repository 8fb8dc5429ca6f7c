package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.stem.StemMass;

/**
 * Bringing a hung stem down by dragging its butt away. Newton; statics of a stem on the ground and in a fork, the high
 * end: heavy stem, rough ground, clamping branches, never less than the whole weight dragged. A pull that stalls at the
 * rated value is a stop.
 *
 * @param offAxisDeg between the pull and the stem's axis away from the lay, 0..180
 * @param slopeAlongDeg ground along the drag, uphill positive
 * @param forkN square to the stem in the fork, heavy stem
 * @param lowN least force that may move it; not above 0: it can come by itself
 * @param boundN the whole weight dragged
 * @param forceN to reckon with; empty when pulled too far off the axis
 */
public record HungPull(
        double offAxisDeg,
        double slopeAlongDeg,
        double forkN,
        double lowN,
        double highN,
        double boundN,
        Optional<Double> forceN,
        Ways ways,
        List<Warning> warnings) {
    private static final double OFF_DEG = 20;
    private static final double ACROSS_DEG = 60;
    private static final double LEVEL_RAD = 1e-9;

    /** Warnings of the pull. */
    public enum Warning {
        PULL_OFF_THE_AXIS,
        PULL_ACROSS_OR_TOWARD_THE_LAY,
        MAY_SLIDE_BY_ITSELF,
        CLAMPED_ABOVE_WHOLE_WEIGHT_BOUND,
        DRAGS_UPHILL
    }

    /**
     * The stem, the ground and what is at hand.
     *
     * @param stemAngleDeg above level
     * @param stemAzDeg azimuth from butt to tip
     * @param pullAzDeg azimuth in which the butt is pulled
     * @param slopeAzDeg azimuth in which the ground falls
     * @param clamp fork friction times this: branches grip
     * @param cgM from the butt
     * @param restM from the butt to the fork
     */
    public record Drag(
            double massKg,
            double massLowKg,
            double stemAngleDeg,
            double stemAzDeg,
            double pullAzDeg,
            double slopeDeg,
            double slopeAzDeg,
            double muLow,
            double muHigh,
            double muFork,
            double clamp,
            boolean lockedInFork,
            double cgM,
            double restM,
            Optional<Double> buttDM,
            double forkDM,
            boolean machine,
            boolean bound,
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN) {
        public static final double MU_LOW = 0.4;
        public static final double MU_HIGH = 0.8;
        public static final double MU_FORK = 0.3;
        public static final double CLAMP = 1.5;
        public static final double CLAMP_LOCKED = 3;
        /** Where the weight lies when nobody knows, share of the length from the butt. */
        public static final double CG = 0.4;
        /** Where it hangs when nobody knows, share of the length from the butt. */
        public static final double REST = 0.8;
    }

    public static HungPull of(Drag d) {
        double off = Math.abs(Azimuth.turn(d.stemAzDeg + 180, d.pullAzDeg));
        double along =
                Math.atan(-Math.tan(Math.toRadians(d.slopeDeg)) * Math.cos(Math.toRadians(d.pullAzDeg - d.slopeAzDeg)));
        double low = Math.min(force(d, along, d.massLowKg, d.muLow, 1), force(d, along, d.massKg, d.muLow, 1));
        double high =
                Math.max(force(d, along, d.massLowKg, d.muHigh, d.clamp), force(d, along, d.massKg, d.muHigh, d.clamp));
        double bound = Math.max(0, d.massKg * StemMass.G * (d.muHigh * Math.cos(along) + Math.sin(along)));
        Optional<Double> force = off > ACROSS_DEG
                ? Optional.empty()
                : Optional.of(Math.max(high, bound) / Math.cos(Math.toRadians(off)));
        return new HungPull(
                off,
                Math.toDegrees(along),
                inFork(d, d.massKg),
                low,
                high,
                bound,
                force,
                ways(d, force),
                warnings(d, off, along, low, high, bound));
    }

    public Optional<Double> ratedNeededN() {
        return forceN.map(f -> Ways.WINCH_RESERVE * f);
    }

    private static double inFork(Drag d, double massKg) {
        return massKg * StemMass.G * Math.cos(Math.toRadians(d.stemAngleDeg)) * d.cgM / d.restM;
    }

    private static double force(Drag d, double s, double massKg, double mu, double clamp) {
        double t = Math.toRadians(d.stemAngleDeg);
        double weight = massKg * StemMass.G;
        double fork = inFork(d, massKg);
        double grip = d.muFork * clamp * fork;
        double ground = Math.max(0, weight * Math.cos(s) - fork * Math.cos(t + s) - grip * Math.sin(t + s));
        return weight * Math.sin(s) - fork * Math.sin(t + s) + grip * Math.cos(t + s) + mu * ground;
    }

    private static Ways ways(Drag d, Optional<Double> force) {
        Optional<Ways.Reason> bound = d.bound ? Optional.of(Ways.Reason.BOUND_GROUP) : Optional.empty();
        Optional<Double> lever = Ways.lever(Optional.of(d.massKg), d.buttDM, d.forkDM);
        Ways.Rungs rungs = new Ways.Rungs();
        rungs.put(Ways.Way.MACHINE_WITH_CAB, d.machine ? Optional.empty() : Optional.of(Ways.Reason.NO_MACHINE));
        rungs.put(
                Ways.Way.TRACTOR_WINCH_FROM_BEHIND,
                bound.or(() ->
                        Ways.winch(d.tractorWinchN, Ways.Reason.NO_TRACTOR_WINCH, force, Ways.Reason.PULL_DIRECTION)));
        rungs.put(
                Ways.Way.HAND_WINCH_AWAY_FROM_LAY,
                bound.or(() -> Ways.winch(d.handWinchN, Ways.Reason.NO_HAND_WINCH, force, Ways.Reason.PULL_DIRECTION)));
        rungs.put(
                Ways.Way.ROTATE_WITH_LEVER,
                bound.or(() -> Ways.rotate(d.lockedInFork, Optional.of(d.massKg), d.buttDM, lever)));
        return rungs.ways(force, lever);
    }

    private static List<Warning> warnings(Drag d, double off, double along, double low, double high, double bound) {
        List<Warning> w = new ArrayList<>();
        if (off > ACROSS_DEG) {
            w.add(Warning.PULL_ACROSS_OR_TOWARD_THE_LAY);
        } else if (off > OFF_DEG) {
            w.add(Warning.PULL_OFF_THE_AXIS);
        }
        if (low <= 0) {
            w.add(Warning.MAY_SLIDE_BY_ITSELF);
        }
        if (high > bound) {
            w.add(Warning.CLAMPED_ABOVE_WHOLE_WEIGHT_BOUND);
        }
        if (d.slopeDeg > 0 && along > LEVEL_RAD) {
            w.add(Warning.DRAGS_UPHILL);
        }
        return List.copyOf(w);
    }
}
