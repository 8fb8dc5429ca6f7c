package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;

/**
 * A stem tied off so that its butt cannot swing far. A single line does not hold a side: the tied point stays inside a
 * disc round the anchor, and nobody stands in it. Metres, newton; geometry; long line and large stretch are the safe
 * side.
 *
 * @param distanceM between anchor and tie as the line runs
 * @param discM the tied point stays within this of the anchor
 * @param buttDiscM the butt does
 * @param restReachM while it still hangs the butt stays within this of the foot of the rest
 * @param buttMoveMaxM the farthest the butt can get from where it is; empty where line and rest contradict each other
 * @param drive what it does when the butt goes where it wants; empty when nobody knows where that is
 * @param person how a person stands to it; empty when nobody asked
 */
public record ControlLine(
        double distanceM,
        double slackM,
        double discM,
        double buttDiscM,
        Optional<Double> restReachM,
        Optional<Double> buttMoveMaxM,
        Optional<Driven> drive,
        Optional<Stands> person,
        List<Warning> warnings) {
    /** A line shorter than the distance by more than this cannot be. */
    public static final double SHORTER_M = 0.05;

    private static final double REST_MORE_M = 0.5;
    private static final double TIGHT_M = 0.05;
    private static final double SLACK_M = 0.3;
    private static final double SLACK_REL = 0.05;
    private static final double ACROSS_DEG = 60;
    private static final double CLEAR_M = 2;
    private static final double ON_EDGE_M = 1e-9;

    /** Warnings of the line. */
    public enum Warning {
        LINE_SLACK,
        REST_AND_LINE_DO_NOT_MEET,
        SNATCH_NOT_KNOWN,
        LINE_ACROSS_THE_DRIVE,
        NO_DRIVE_DIRECTION,
        PERSON_INSIDE_SWING,
        PERSON_TOO_NEAR,
        PERSON_NEAR_LINE
    }

    /**
     * The line as it is tied.
     *
     * @param lineM paid out between anchor and tie
     * @param giveM knots and anchor drawing tight
     * @param tieFromButtM tied point along the stem from the butt
     * @param driveN thrust of the butt
     * @param driveAzDeg the way it wants to go
     * @param stiffnessNm of the line, N/m, for the snatch
     * @param gamma rated over the peak
     */
    public record Line(
            Spot anchor,
            double anchorHM,
            Spot tie,
            double tieHM,
            double lineM,
            double stretchRel,
            double giveM,
            double tieFromButtM,
            Optional<Rest> rest,
            Optional<Double> driveN,
            Optional<Double> driveAzDeg,
            Optional<Double> stiffnessNm,
            double gamma,
            Optional<Spot> person) {
        public static final double ANCHOR_H_M = 0.5;
        public static final double STRETCH = 0.05;
        public static final double GIVE_M = 0.2;
        public static final double GAMMA = 1.5;

        double distanceM() {
            return Math.hypot(anchor.distanceTo(tie), tieHM - anchorHM);
        }

        /** @throws RefusedInput for a line that could not reach the tie */
        public Line {
            if (Math.hypot(anchor.distanceTo(tie), tieHM - anchorHM) - lineM > SHORTER_M) {
                throw new RefusedInput(Refusal.LINE_SHORTER_THAN_DISTANCE, "line_m");
            }
        }
    }

    /**
     * Where the stem hangs.
     *
     * @param fromButtM along the stem from the butt, not less than the height
     */
    public record Rest(Spot at, double heightM, double fromButtM) {
        double reachM() {
            return Math.sqrt(Math.max(0, fromButtM * fromButtM - heightM * heightM)) + REST_MORE_M;
        }
    }

    /**
     * The butt driven where it wants to go.
     *
     * @param end there the line stops the tied point
     * @param keepOffN pull that keeps it off; empty where the line lies across the drive, or no thrust is known
     * @param peakN with the snatch of a slack line; empty where it is not known
     */
    public record Driven(
            Spot end,
            double swingDeg,
            double swingM,
            Optional<Double> keepOffN,
            Optional<Double> peakN,
            Optional<Double> ratedNeededN) {}

    /**
     * @param clearM to where the butt can come, negative inside; empty where line and rest contradict each other
     * @param lineM to the line
     */
    public record Stands(Optional<Double> clearM, double lineM, boolean ok) {}

    /** A round piece of ground. */
    private record Disc(Spot centre, double radiusM) {
        boolean holds(Spot p) {
            return centre.distanceTo(p) <= radiusM + ON_EDGE_M;
        }

        Spot edge(double azDeg) {
            return centre.at(azDeg, radiusM);
        }

        /** @return where both edges cross */
        List<Spot> crossings(Disc o) {
            double d = centre.distanceTo(o.centre);
            if (d == 0 || d > radiusM + o.radiusM || d < Math.abs(radiusM - o.radiusM)) {
                return List.of();
            }
            double along = (d * d + radiusM * radiusM - o.radiusM * o.radiusM) / (2 * d);
            double across = Math.sqrt(Math.max(0, radiusM * radiusM - along * along));
            double az = centre.bearingTo(o.centre);
            Spot foot = centre.at(az, along);
            return List.of(foot.at(az + 90, across), foot.at(az - 90, across));
        }
    }

    public static ControlLine of(Line l) {
        double distance = l.distanceM();
        double slack = Math.max(0, l.lineM - distance);
        double disc = l.lineM * (1 + l.stretchRel) + l.giveM;
        Disc byLine = new Disc(l.anchor, disc + l.tieFromButtM);
        Optional<Disc> byRest = l.rest.map(r -> new Disc(r.at(), r.reachM()));
        List<Disc> reach = Stream.concat(Stream.of(byLine), byRest.stream()).toList();
        boolean meet = byRest.filter(r -> r.centre.distanceTo(l.anchor) > r.radiusM + byLine.radiusM)
                .isEmpty();
        List<Warning> warnings = new ArrayList<>();
        warn(warnings, slack > Math.max(SLACK_M, SLACK_REL * distance), Warning.LINE_SLACK);
        warn(warnings, !meet, Warning.REST_AND_LINE_DO_NOT_MEET);
        Optional<Driven> drive = l.driveAzDeg.map(az -> driven(l, az, disc, slack, warnings));
        warn(warnings, drive.isEmpty(), Warning.NO_DRIVE_DIRECTION);
        Optional<Stands> person = l.person.map(p -> stands(l, p, byLine, reach, meet, warnings));
        return new ControlLine(
                distance,
                slack,
                disc,
                byLine.radiusM,
                byRest.map(Disc::radiusM),
                meet ? Optional.of(farthest(butt(l), reach)) : Optional.empty(),
                drive,
                person,
                List.copyOf(warnings));
    }

    private static void warn(List<Warning> warnings, boolean when, Warning w) {
        if (when) {
            warnings.add(w);
        }
    }

    private static Spot butt(Line l) {
        return l.rest.filter(r -> r.at.distanceTo(l.tie) > 0)
                .map(r -> l.tie.at(r.at.bearingTo(l.tie), l.tieFromButtM))
                .orElse(l.tie);
    }

    /** @return distance to the farthest place that lies in all discs */
    private static double farthest(Spot from, List<Disc> reach) {
        return places(reach, d -> d.edge(d.centre.distanceTo(from) > 0 ? from.bearingTo(d.centre) : 0))
                .mapToDouble(from::distanceTo)
                .max()
                .orElse(0);
    }

    private static Stream<Spot> places(List<Disc> reach, java.util.function.Function<Disc, Spot> onEdge) {
        Stream<Spot> edges = reach.stream().map(onEdge);
        Stream<Spot> corners = reach.size() > 1 ? reach.get(0).crossings(reach.get(1)).stream() : Stream.empty();
        return Stream.concat(edges, corners).filter(p -> reach.stream().allMatch(d -> d.holds(p)));
    }

    private static Driven driven(Line l, double azDeg, double disc, double slack, List<Warning> warnings) {
        double plan = l.anchor.distanceTo(l.tie);
        double swing = plan > 0 ? Math.abs(Azimuth.turn(l.anchor.bearingTo(l.tie), azDeg)) : 0;
        boolean across = swing > ACROSS_DEG || plan == 0;
        Optional<Double> keepOff = across
                ? Optional.empty()
                : l.driveN.map(n -> n / (Math.cos(Math.toRadians(swing)) * plan / l.distanceM()));
        boolean tight = slack <= TIGHT_M;
        Optional<Double> peak = keepOff.flatMap(
                f -> tight ? Optional.of(f) : l.stiffnessNm.map(k -> f + Math.sqrt(f * f + 2 * k * slack * f)));
        warn(warnings, keepOff.isPresent() && peak.isEmpty(), Warning.SNATCH_NOT_KNOWN);
        warn(warnings, across, Warning.LINE_ACROSS_THE_DRIVE);
        return new Driven(
                l.anchor.at(azDeg, disc),
                swing,
                Math.toRadians(swing) * disc,
                keepOff,
                peak,
                peak.map(p -> l.gamma * p));
    }

    private static Stands stands(Line l, Spot p, Disc byLine, List<Disc> reach, boolean meet, List<Warning> warnings) {
        double line = toSegment(p, l.anchor, l.tie);
        Optional<Double> clear = meet ? Optional.of(clear(p, reach)) : Optional.empty();
        boolean inside = clear.map(c -> c < 0).orElseGet(() -> byLine.holds(p));
        warn(warnings, inside, Warning.PERSON_INSIDE_SWING);
        warn(warnings, !inside && clear.filter(c -> c < CLEAR_M).isPresent(), Warning.PERSON_TOO_NEAR);
        warn(warnings, line < CLEAR_M, Warning.PERSON_NEAR_LINE);
        return new Stands(clear, line, clear.filter(c -> c >= CLEAR_M).isPresent() && line >= CLEAR_M);
    }

    /** @return distance to the ground all discs share; inside it negative, to the nearest edge */
    private static double clear(Spot p, List<Disc> reach) {
        if (reach.stream().allMatch(d -> d.centre.distanceTo(p) <= d.radiusM)) {
            return reach.stream()
                    .mapToDouble(d -> d.centre.distanceTo(p) - d.radiusM)
                    .max()
                    .orElse(0);
        }
        return places(reach, d -> d.edge(d.centre.distanceTo(p) > 0 ? d.centre.bearingTo(p) : 0))
                .mapToDouble(p::distanceTo)
                .min()
                .orElse(0);
    }

    private static double toSegment(Spot p, Spot a, Spot b) {
        double e = b.eastM() - a.eastM();
        double n = b.northM() - a.northM();
        double length2 = e * e + n * n;
        double t = length2 == 0
                ? 0
                : Math.max(0, Math.min(1, ((p.eastM() - a.eastM()) * e + (p.northM() - a.northM()) * n) / length2));
        return Math.hypot(p.eastM() - a.eastM() - t * e, p.northM() - a.northM() - t * n);
    }
}
