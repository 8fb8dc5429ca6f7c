package org.antevid.core.retreat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * The two ways out of the cutter, 135 degrees to either side of the lay where it is clear, never straight back and
 * never to the fall side. Horizontal metres from the stump, seconds. Sources: directions and distances are practice
 * rules; walking speed on slopes is a typical value. Person trips, brush not recorded and a second person in the way
 * are left out.
 *
 * @param requiredM distance a route must be clear for
 * @param best side of the better route, empty when both are blocked
 * @param marginS time left at the end of the best route; negative: the tree is down first
 * @param footingFactor of ground nobody cleared, on walking speed
 * @param reachedM distance covered on the best route when the tree lands, at most the way that was checked
 */
public record EscapeRoutes(
        double requiredM,
        List<Route> routes,
        Optional<Route> best,
        Optional<Double> marginS,
        Optional<Double> reachedM,
        double footingFactor,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        NO_ESCAPE_ROUTE,
        ONE_ROUTE_ONLY,
        TREE_DOWN_BEFORE_ROUTE_WALKED,
        TOO_SLOW_TO_CLEAR
    }

    private static final double[] SEARCH_DEG = {135, 130, 140, 125, 145, 120, 150, 115, 155};
    static final double START_M = 0.5;
    private static final double FALL_SIDE_DEG = 75;
    /**
     * No way leads nearer the fall side, nor nearer the line straight back, than these turns off the lay (practice
     * rule).
     */
    static final double LEAST_REL_DEG = 105;

    static final double MOST_REL_DEG = 165;

    /** Side of the lay, seen along it. */
    public enum Side {
        RIGHT(1),
        LEFT(-1);
        private final int sign;

        Side(int sign) {
            this.sign = sign;
        }

        /** @return what the way on this side is called wherever it is shown: E1 on the right, E2 on the left */
        public String wayName() {
            return this == RIGHT ? "E1" : "E2";
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What grows or lies on the ground; factor on walking speed (typical). */
    public enum Footing {
        CLEAR(1),
        LITTER(0.9),
        BRUSH(0.6),
        ROUGH(0.6),
        SNOW(0.5),
        ICE_MUD(0.4);
        private final double factor;

        Footing(double factor) {
            this.factor = factor;
        }

        /** @return footing on ground nobody cleared, as it is today */
        public static Footing today(GroundState state) {
            return switch (state) {
                case FIRM -> LITTER;
                case WET, FROZEN -> ROUGH;
                case SLIPPERY -> ICE_MUD;
            };
        }

        public double factor() {
            return factor;
        }
    }

    /** Why nobody leaves by a direction. */
    public enum Danger {
        FALL_SIDE,
        SQUARE,
        STRAIGHT_BEHIND
    }

    /** Directions nobody leaves by, clockwise from one edge to the other. */
    public record Sector(Danger danger, double fromDeg, double toDeg) {}

    /** @return the danger sectors of a lay: the fall side, square to the stem, and straight behind (practice rules) */
    public static List<Sector> dangers(double layDeg) {
        return List.of(
                new Sector(
                        Danger.FALL_SIDE,
                        Azimuth.normal(layDeg - FALL_SIDE_DEG),
                        Azimuth.normal(layDeg + FALL_SIDE_DEG)),
                new Sector(
                        Danger.SQUARE, Azimuth.normal(layDeg + FALL_SIDE_DEG), Azimuth.normal(layDeg + LEAST_REL_DEG)),
                new Sector(
                        Danger.SQUARE, Azimuth.normal(layDeg - LEAST_REL_DEG), Azimuth.normal(layDeg - FALL_SIDE_DEG)),
                new Sector(
                        Danger.STRAIGHT_BEHIND,
                        Azimuth.normal(layDeg + MOST_REL_DEG),
                        Azimuth.normal(layDeg - MOST_REL_DEG)));
    }

    /** @return what is said of the ground of a way that was cleared or was not */
    public Message footing(boolean cleared) {
        return cleared
                ? Message.of(WayRemark.CLEARED)
                : Message.of(WayRemark.NOT_CLEARED).with("share", Arg.down(Dimension.SHARE, footingFactor));
    }

    /**
     * @return where practice and walking speed do not prefer the same way; empty when they agree or only one is open
     */
    public Optional<Message> differ() {
        List<Route> open = routes.stream().filter(Route::open).toList();
        if (open.size() < 2 || best.isEmpty()) {
            return Optional.empty();
        }
        Way preferred = best.get().way.orElseThrow();
        Route quicker = open.stream()
                .min(Comparator.comparingDouble(r -> r.way.orElseThrow().walkS))
                .orElseThrow();
        double lost = preferred.walkS - quicker.way.orElseThrow().walkS;
        return quicker.side == best.get().side || lost < 0.05
                ? Optional.empty()
                : Optional.of(Message.of(WayRemark.PRACTICE_OR_QUICKER)
                        .with("best", Arg.term(best.get().side))
                        .with("quicker", Arg.term(quicker.side))
                        .with("by", Arg.of(Dimension.TIME, lost)));
    }

    /** Something that bars the way, with the name it is reported by. Coordinates relative to the stump. */
    public record Obstacle(Arg name, Shape shape) {
        public Obstacle(String name, Shape shape) {
            this(Arg.name(name), shape);
        }
    }

    /** What bars a way and has no name of its own. */
    public enum Bar implements Code {
        LOADED_ROPE,
        SLOPE_EDGE,
        /** Ground a hung stem hangs over. */
        BENEATH
    }

    /**
     * The way itself where one is open.
     *
     * @param lengthM along the way; more than the distance required where it goes round something
     * @param path from the stump, with its corners
     */
    public record Way(
            double relDeg,
            double azimuthDeg,
            double slopeUp,
            double walkS,
            double score,
            Optional<Double> marginS,
            double lengthM,
            List<Spot> path) {
        public Way {
            path = List.copyOf(path);
        }

        public boolean straight() {
            return path.size() <= 2;
        }

        /** @return of the ground along it, uphill positive */
        public double slopeUpDeg() {
            return Math.toDegrees(Math.atan(slopeUp));
        }
    }

    /** @param blockedBy what barred the directions tried before this one, or all of them */
    public record Route(Side side, Optional<Way> way, List<Arg> blockedBy) {
        public boolean open() {
            return way.isPresent();
        }
    }

    /**
     * Time he has.
     *
     * @param fastS until the stem is down; empty when not known
     * @param reactS until he walks
     */
    public record Clock(Optional<Double> fastS, double reactS) {
        /** To notice and to free the saw (practice value). */
        public static final double REACT_S = 1;
        /**
         * He parts a strap standing at the head of his way: nothing is to be noticed, the saw is dropped (judgement).
         */
        public static final double READY_S = 0.5;

        public static final Clock NOT_KNOWN = new Clock(Optional.empty(), REACT_S);

        /** @return metres walked on open ground of this footing when it is down */
        public Optional<Double> walkedM(Footing footing) {
            return fastS.map(f -> Math.max(0, f - reactS) * 1.5 * footing.factor);
        }
    }

    /** What bars a straight way along an azimuth for so many metres; lets a caller who asks for many lays remember. */
    @FunctionalInterface
    public interface Bars {
        List<Arg> along(double azimuthDeg, double requiredM);
    }

    /** @throws RefusedInput when the cutter's numbers are out of range */
    public static EscapeRoutes of(LeavingCutter c) {
        return of(c, c::barred);
    }

    /** The same with what bars each azimuth looked up. */
    public static EscapeRoutes of(LeavingCutter c, Bars bars) {
        return chosen(c, bars, required(c));
    }

    /** The same, and where a side has no straight way, one that goes round what bars it. */
    public static EscapeRoutes around(LeavingCutter c) {
        double required = required(c);
        EscapeRoutes straight = chosen(c, c::barred, required);
        if (straight.routes.stream().allMatch(Route::open)) {
            return straight;
        }
        return best(
                c,
                required,
                straight.routes.stream()
                        .map(r -> r.open()
                                ? r
                                : new Route(
                                        r.side,
                                        Detour.of(c.layDeg(), r.side.sign, required, c.corridorM(), c.obstacles())
                                                .map(p -> way(c, r.side, p)),
                                        r.blockedBy))
                        .toList());
    }

    private static double required(LeavingCutter c) {
        return Math.max(c.minDistanceM(), c.distanceRatio() * c.heightM());
    }

    private static EscapeRoutes chosen(LeavingCutter c, Bars bars, double required) {
        return best(c, required, List.of(route(c, Side.RIGHT, required, bars), route(c, Side.LEFT, required, bars)));
    }

    private static EscapeRoutes best(LeavingCutter c, double required, List<Route> routes) {
        Optional<Route> best = routes.stream()
                .filter(Route::open)
                .reduce((a, b) -> b.way.orElseThrow().score > a.way.orElseThrow().score ? b : a);
        List<Warning> warnings = new ArrayList<>();
        Optional<Double> margin = best.flatMap(r -> r.way.orElseThrow().marginS);
        Optional<Double> reached = best.flatMap(r -> c.fastS()
                .map(fast -> Math.min(1, Math.max(0, fast - c.reactS()) / r.way.orElseThrow().walkS)
                        * r.way.orElseThrow().lengthM));
        if (best.isEmpty()) {
            warnings.add(Warning.NO_ESCAPE_ROUTE);
        } else if (!routes.stream().allMatch(Route::open)) {
            warnings.add(Warning.ONE_ROUTE_ONLY);
        }
        if (margin.isPresent() && margin.get() < 0) {
            warnings.add(Warning.TREE_DOWN_BEFORE_ROUTE_WALKED);
        }
        if (reached.isPresent() && reached.get() < c.clearM()) {
            warnings.add(Warning.TOO_SLOW_TO_CLEAR);
        }
        return new EscapeRoutes(required, routes, best, margin, reached, c.footing().factor, List.copyOf(warnings));
    }

    private static Route route(LeavingCutter c, Side side, double required, Bars bars) {
        Set<Arg> blockers = new LinkedHashSet<>();
        for (double rel : SEARCH_DEG) {
            double azimuth = Azimuth.normal(c.layDeg() + side.sign * rel);
            List<Arg> hits = bars.along(azimuth, required);
            if (hits.isEmpty()) {
                return new Route(side, Optional.of(way(c, side, rel, azimuth, required)), List.copyOf(blockers));
            }
            blockers.addAll(hits);
        }
        return new Route(side, Optional.empty(), List.copyOf(blockers));
    }

    /** @return names of the obstacles that a corridor from the origin along {@code azimuth} meets */
    static List<Arg> barred(double azimuth, double fromM, double toM, double corridorM, List<Obstacle> obstacles) {
        Spot origin = new Spot(0, 0);
        Shape corridor = Shape.line(List.of(origin.at(azimuth, fromM), origin.at(azimuth, toM)));
        return obstacles.stream()
                .filter(o -> o.shape.distanceTo(corridor) < corridorM / 2)
                .map(Obstacle::name)
                .toList();
    }

    private static Way way(LeavingCutter c, Side side, double rel, double azimuth, double required) {
        double slopeUp = -Math.tan(Math.toRadians(c.ground().alongDeg(azimuth)));
        double walk = required / (c.speedMs() * c.factor(side) * onSlope(slopeUp));
        return way(
                c,
                rel,
                azimuth,
                slopeUp,
                walk,
                required,
                List.of(new Spot(0, 0), new Spot(0, 0).at(azimuth, required)));
    }

    /** A way with corners: its time leg by leg, its direction that of its end. */
    private static Way way(LeavingCutter c, Side side, List<Spot> path) {
        Spot end = path.get(path.size() - 1);
        double azimuth = path.get(0).bearingTo(end);
        double walk = 0;
        for (int i = 1; i < path.size(); i++) {
            double up =
                    -Math.tan(Math.toRadians(c.ground().alongDeg(path.get(i - 1).bearingTo(path.get(i)))));
            walk += path.get(i - 1).distanceTo(path.get(i)) / (c.speedMs() * c.factor(side) * onSlope(up));
        }
        double slopeUp = -Math.tan(Math.toRadians(c.ground().alongDeg(azimuth)));
        return way(c, Math.abs(Azimuth.turn(c.layDeg(), azimuth)), azimuth, slopeUp, walk, Detour.lengthM(path), path);
    }

    private static Way way(
            LeavingCutter c, double rel, double azimuth, double slopeUp, double walk, double length, List<Spot> path) {
        double lean = c.leanAzimuthDeg()
                .map(a -> 20 * Math.cos(Math.toRadians(azimuth - a)))
                .orElse(0.0);
        double score = 100 - Math.abs(rel - 135) + 60 * slopeUp - lean;
        return new Way(rel, azimuth, slopeUp, walk, score, c.fastS().map(f -> f - c.reactS() - walk), length, path);
    }

    private static double onSlope(double slopeUp) {
        return Math.min(1, Math.exp(-3.5 * (Math.abs(slopeUp + 0.05) - 0.05)));
    }
}
