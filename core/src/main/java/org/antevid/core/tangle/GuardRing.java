package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;

/**
 * The one closed ground of a stem that hangs, lies or stands tilted: plan, order, guard, closure, verdict and stops
 * take their ring from here. Metres; practice rules, the large side. Distances are shown rounded up.
 *
 * @param radiusM all around (lying: from every point of its axis); empty when the length is not known
 * @param downslopeM downhill; empty when not known, and where {@code wholeSlope} closes all ground below
 * @param stripHalfM no entry beneath a hung stem, to each side of it
 * @param plateM behind a raised plate and in its crater
 * @param plateFrontM in front of it, toward the stem
 * @param sweepM sweep of a stem under tension
 * @param envelopeM the largest of radius, plate and sweep; empty as soon as one of them cannot be given
 * @param notKnown what cannot be given, in the order of {@link Part}
 * @param guardM nearest place of the guard
 * @param closure what is closed, measured against the ring; empty when nobody said
 */
public record GuardRing(
        Shape shape,
        Optional<Double> radiusM,
        Optional<Double> downslopeM,
        boolean wholeSlope,
        Optional<Double> stripHalfM,
        Optional<Double> plateM,
        Optional<Double> plateFrontM,
        Optional<Double> sweepM,
        Optional<Double> envelopeM,
        List<Part> notKnown,
        Optional<Double> guardM,
        GuardPlace guardWhere,
        Optional<Closed> closure) {
    /** Ground from this slope on: everything below is closed, degrees (judgement). */
    public static final double WHOLE_SLOPE_DEG = 15;

    private static final double GUARD_BACK_M = 2;
    private static final double SLOPED_DEG = 5;
    private static final int OUTLINE_DEG = 5;

    /** How the stem is. */
    public enum State {
        HUNG,
        LYING,
        TILTED;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What the radius is measured from. */
    public enum Shape {
        CIRCLE_ABOUT_FOOT,
        BAND_ALONG_STEM;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A part of the ring that cannot be given, by its name in the open interface. */
    public enum Part {
        RADIUS("radius_m"),
        DOWNSLOPE("downslope_m"),
        STRIP("strip_half_m"),
        PLATE("plate_m"),
        SWEEP("sweep_m");
        private final String key;

        Part(String key) {
            this.key = key;
        }

        public String key() {
            return key;
        }
    }

    /** Where the guard stands. */
    public enum GuardPlace {
        ACROSS_THE_SLOPE_OR_ABOVE,
        OUTSIDE_THE_RING_BESIDE_THE_STEM;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Warnings of the ring. */
    public enum Warning {
        RING_NOT_KNOWN,
        WHOLE_SLOPE_BELOW_CLOSED,
        CLOSURE_SHORT
    }

    /**
     * What the ring is asked for.
     *
     * @param lengthM of the stem, tilted: of the tree; empty when nobody measured it
     * @param slopeDeg of the ground
     * @param boundLongestM longest of the others it is bound to; empty and {@code bound}: not known
     * @param plateHeightM along the fall
     * @param closure what is closed around it, empty when nobody said
     */
    public record Ask(
            State state,
            Optional<Double> lengthM,
            double slopeDeg,
            boolean springLoaded,
            boolean rootPlate,
            boolean bound,
            Optional<Double> plateHeightM,
            double plateThickM,
            Optional<Double> boundLongestM,
            Optional<Closure> closure) {
        public Ask {
            lengthM.ifPresent(l -> Require.within(l, 0.1, 120, "length_m"));
            Require.within(slopeDeg, 0, 60, "slope_deg");
        }
    }

    /**
     * What is closed around a stem, metres.
     *
     * @param toSlopeFoot closed down to the foot of the slope
     */
    public record Closure(double aroundM, double downhillM, boolean toSlopeFoot) {}

    /**
     * A closure measured against the ring.
     *
     * @param shortM what is missing, 0 for none; empty when the ring is not known
     */
    public record Closed(Optional<Double> shortM, boolean ok) {}

    public static GuardRing of(Ask a) {
        Optional<Double> radius = radius(a);
        boolean wholeSlope = a.slopeDeg >= WHOLE_SLOPE_DEG;
        Optional<Double> downslope =
                wholeSlope ? Optional.empty() : radius.map(r -> r * (1 + a.slopeDeg / WHOLE_SLOPE_DEG));
        Optional<Double> strip = a.state == State.HUNG ? a.lengthM.map(l -> Math.max(5, l / 4)) : Optional.empty();
        Optional<Double> height = a.rootPlate ? a.plateHeightM : Optional.empty();
        Optional<Double> plate = height.map(h -> Math.hypot(h, a.plateThickM) + 2);
        Optional<Double> sweep = a.springLoaded ? a.lengthM.map(l -> 1.5 * l) : Optional.empty();
        List<Part> notKnown = new ArrayList<>();
        missing(notKnown, radius.isEmpty(), Part.RADIUS);
        missing(notKnown, radius.isEmpty() && !wholeSlope, Part.DOWNSLOPE);
        missing(notKnown, a.state == State.HUNG && strip.isEmpty(), Part.STRIP);
        missing(notKnown, a.rootPlate && plate.isEmpty(), Part.PLATE);
        missing(notKnown, a.springLoaded && sweep.isEmpty(), Part.SWEEP);
        Optional<Double> envelope = notKnown.isEmpty()
                ? radius.map(r -> Math.max(r, Math.max(plate.orElse(0.0), sweep.orElse(0.0))))
                : Optional.empty();
        return new GuardRing(
                a.state == State.LYING ? Shape.BAND_ALONG_STEM : Shape.CIRCLE_ABOUT_FOOT,
                radius,
                downslope,
                wholeSlope,
                strip,
                plate,
                height.map(h -> h + 2),
                sweep,
                envelope,
                List.copyOf(notKnown),
                envelope.map(e -> e + GUARD_BACK_M),
                a.slopeDeg >= SLOPED_DEG
                        ? GuardPlace.ACROSS_THE_SLOPE_OR_ABOVE
                        : GuardPlace.OUTSIDE_THE_RING_BESIDE_THE_STEM,
                a.closure.map(c -> closed(c, envelope, downslope, wholeSlope)));
    }

    private static void missing(List<Part> parts, boolean when, Part part) {
        if (when) {
            parts.add(part);
        }
    }

    private static Optional<Double> radius(Ask a) {
        Optional<Double> own = a.lengthM.map(l -> switch (a.state) {
            case HUNG -> 2 * l;
            case LYING -> Math.max(5, l / 2);
            case TILTED -> 1.5 * l;
        });
        if (!a.bound) {
            return own;
        }
        return own.flatMap(
                r -> a.boundLongestM.map(longest -> Math.max(r, 2 * Math.max(longest, a.lengthM.orElseThrow()))));
    }

    private static Closed closed(Closure c, Optional<Double> envelope, Optional<Double> downslope, boolean wholeSlope) {
        Optional<Double> missing = envelope.map(e ->
                Math.max(Math.max(0, e - c.aroundM), wholeSlope ? 0 : Math.max(e, downslope.orElse(e)) - c.downhillM));
        return new Closed(missing, missing.filter(m -> m <= 0).isPresent() && (!wholeSlope || c.toSlopeFoot));
    }

    /**
     * @param ground the ring as it lies on the plan
     * @param closed what is closed, as drawn
     * @return the closure measured against the ring: what of the ring lies farthest outside it
     */
    public Closed measured(org.antevid.core.site.Shape ground, org.antevid.core.site.Shape closed) {
        if (envelopeM.isEmpty()) {
            return new Closed(Optional.empty(), false);
        }
        double missing = ground.outlines().stream()
                .flatMap(List::stream)
                .mapToDouble(closed::distanceTo)
                .max()
                .orElse(0);
        return new Closed(Optional.of(missing), missing <= 0);
    }

    /** @return a closure of which only its distances are known, measured against the ring */
    public Closed measured(Closure c) {
        return closed(c, envelopeM, downslopeM, wholeSlope);
    }

    /**
     * @return how far it reaches in its worst direction; empty where that is not known or the whole slope below is
     *     closed
     */
    public Optional<Double> reachM() {
        return wholeSlope ? Optional.empty() : envelopeM.map(e -> Math.max(e, downslopeM.orElse(e)));
    }

    /**
     * @param foot what it is measured from, of a stem that hangs or stands tilted
     * @param axis where a lying stem lies, or the same place twice
     * @param otherwiseM radius where the ring is not known or the whole slope below is closed
     * @return the closed ground on the plan: round uphill, reaching out downhill
     */
    public org.antevid.core.site.Shape on(Spot foot, List<Spot> axis, Ground ground, double otherwiseM) {
        double around = envelopeM.orElse(otherwiseM);
        double down = wholeSlope ? otherwiseM : Math.max(around, downslopeM.orElse(around));
        List<Spot> outline = new ArrayList<>();
        for (int az = 0; az < 360; az += OUTLINE_DEG) {
            double direction = Math.toRadians(az);
            double downhill = Math.max(0, Math.cos(Math.toRadians(az - ground.downhillDeg())));
            double reach = around + (down - around) * downhill;
            // of a lying stem from the end that lies farthest that way
            Spot from = axis.stream()
                    .max(Comparator.comparingDouble(p -> along(p, direction)))
                    .filter(s -> shape == Shape.BAND_ALONG_STEM)
                    .orElse(foot);
            outline.add(from.at(az, reach));
        }
        return org.antevid.core.site.Shape.polygon(outline);
    }

    private static double along(Spot p, double direction) {
        return p.eastM() * Math.sin(direction) + p.northM() * Math.cos(direction);
    }

    public List<Warning> warnings() {
        List<Warning> w = new ArrayList<>();
        if (!notKnown.isEmpty()) {
            w.add(Warning.RING_NOT_KNOWN);
        }
        if (wholeSlope) {
            w.add(Warning.WHOLE_SLOPE_BELOW_CLOSED);
        }
        if (closure.filter(c -> !c.ok()).isPresent()) {
            w.add(Warning.CLOSURE_SHORT);
        }
        return w;
    }
}
