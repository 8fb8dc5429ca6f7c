package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * The way of the load from the pick to where it is laid down. Geometry; the load swings out as the crane turns.
 *
 * @param outswingM while it turns steadily
 * @param stopSwingM where the turn is stopped at once
 * @param way the shorter free one; empty where none is
 */
public record SlewWay(
        double radiusPickM,
        double radiusLandM,
        double radiusMaxM,
        double outswingM,
        double radiusUsedM,
        double stopSwingM,
        double pickDeg,
        double landDeg,
        double slewCwDeg,
        double slewCcwDeg,
        boolean cwBlocked,
        boolean ccwBlocked,
        Optional<Turn> way,
        List<Remarks.Told> remarks) {
    private static final double LEAST_M = 0.5;
    private static final double GROWS_M = 0.05;

    /** Which way it turns, seen from above. */
    public enum Turn {
        CW,
        CCW;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A place, east and north, metres. */
    public record Place(double x, double y) {}

    /** Azimuths, clockwise from one to the other. */
    public record Sector(String name, double fromDeg, double toDeg) {
        private double widthDeg() {
            return normal(toDeg - fromDeg);
        }

        /** @return whether this azimuth is in it or on its edge */
        public boolean holds(double deg) {
            return normal(deg - fromDeg) <= widthDeg();
        }

        /** @return whether a turn clockwise from here over so many degrees touches it */
        private boolean touched(double startDeg, double overDeg) {
            return holds(startDeg) || normal(fromDeg - startDeg) <= overDeg;
        }
    }

    private static double normal(double deg) {
        double n = deg % 360;
        return n < 0 ? n + 360 : n;
    }

    /** @throws RefusedInput {@code ZERO_LENGTH} for a place on the crane itself */
    public static SlewWay of(
            Place crane,
            Place pick,
            Place land,
            double slewRpm,
            double hookLineM,
            boolean lineAssumed,
            List<Sector> blocked) {
        double rp = Math.hypot(pick.x - crane.x, pick.y - crane.y);
        double rl = Math.hypot(land.x - crane.x, land.y - crane.y);
        if (rp < LEAST_M) {
            throw new RefusedInput(Refusal.ZERO_LENGTH, "pick_x_m");
        }
        if (rl < LEAST_M) {
            throw new RefusedInput(Refusal.ZERO_LENGTH, "land_x_m");
        }
        double most = Math.max(rp, rl);
        double w = slewRpm * 2 * Math.PI / 60;
        double out = hookLineM * w * w * most / StemMass.G;
        double from = normal(Math.toDegrees(Math.atan2(pick.x - crane.x, pick.y - crane.y)));
        double to = normal(Math.toDegrees(Math.atan2(land.x - crane.x, land.y - crane.y)));
        double cw = normal(to - from);
        double ccw = normal(from - to);
        boolean cwBlocked = blocked.stream().anyMatch(s -> s.touched(from, cw));
        boolean ccwBlocked = blocked.stream().anyMatch(s -> s.touched(to, ccw));
        boolean cwShorter = cw <= ccw;
        Optional<Turn> way = cwBlocked && ccwBlocked
                ? Optional.empty()
                : Optional.of(ccwBlocked || cwShorter && !cwBlocked ? Turn.CW : Turn.CCW);
        return new SlewWay(
                rp,
                rl,
                most,
                out,
                most + out,
                w * most * Math.sqrt(hookLineM / StemMass.G),
                from,
                to,
                cw,
                ccw,
                cwBlocked,
                ccwBlocked,
                way,
                new Remarks()
                        .when(lineAssumed, Remark.ASSUMED, "hook_line_m")
                        .when(way.isEmpty(), Remark.SLEW_BLOCKED)
                        .when(way.filter(t -> (t == Turn.CW) != cwShorter).isPresent(), Remark.LONGER_WAY)
                        .when(blocked.stream().anyMatch(s -> s.holds(from) || s.holds(to)), Remark.OVER_BLOCKED_SECTOR)
                        .when(rl > rp + GROWS_M, Remark.RADIUS_GROWS)
                        .told());
    }
}
