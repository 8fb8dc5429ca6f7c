package org.antevid.core.takedown.rope;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Where a lowered limb may reach: it swings about its anchor, turning any way about its knot, and is lowered straight
 * down after it. Geometry without losses, wider than true.
 *
 * @param lineM anchor to knot
 * @param startDeg line from straight down as it lets go
 * @param speedMs as it swings through the lowest place
 * @param lowestM of the piece above the ground; below none it touches
 * @param farSideXM farthest place on the other side
 */
public record SwingRoom(
        double lineM,
        double startDeg,
        double speedMs,
        double lowestM,
        double farSideXM,
        List<Row> rows,
        List<Remarks.Told> remarks) {
    private static final double SHORTEST_M = 0.1;
    private static final double WIDE_DEG = 45;

    /**
     * @param reachM farthest end of the piece from its knot
     * @param runM line let out and stretch while it swings
     * @param holdDeg a tag line stops it this far on the other side; empty: it swings as far as it started
     */
    public record Limb(
            double anchorXM,
            double anchorZM,
            double tieXM,
            double tieZM,
            double reachM,
            double runM,
            Optional<Double> holdDeg,
            double groundZM) {}

    /** @param offPlaneM distance from the plane of the swing */
    public record Target(String name, double xM, double zM, double offPlaneM, double radiusM, boolean person) {}

    /** @param clearanceM the smaller of both; negative: it is hit */
    public record Row(String name, double clearanceSwingM, double clearanceLowerM, double clearanceM) {}

    /** @throws RefusedInput {@code ZERO_LENGTH}, {@code TIE_ABOVE_ANCHOR}: that is a fall, no swing */
    public static SwingRoom of(Limb l, List<Target> targets, double marginM) {
        double dx = l.tieXM - l.anchorXM;
        double dz = l.anchorZM - l.tieZM;
        double r = Math.hypot(dx, dz);
        if (r < SHORTEST_M) {
            throw new RefusedInput(Refusal.ZERO_LENGTH, "tie_x_m");
        }
        if (dz < 0) {
            throw new RefusedInput(Refusal.TIE_ABOVE_ANCHOR, "tie_z_m");
        }
        double side = dx < 0 ? -1 : 1;
        double start = Math.atan2(Math.abs(dx), dz);
        double other = Math.min(start, l.holdDeg.map(Math::toRadians).orElse(start));
        double lowest = l.anchorZM - r - l.runM - l.reachM - l.groundZM;
        Remarks remarks = new Remarks()
                .when(Math.toDegrees(start) > WIDE_DEG, Remark.WIDE_SWING)
                .when(lowest < 0, Remark.TOUCHES_GROUND_IN_SWING);
        List<Row> rows = targets.stream()
                .map(t -> {
                    double tx = side * (t.xM - l.anchorXM);
                    double down = l.anchorZM - t.zM;
                    double swing = clear(sector(tx, down, r, r + l.runM, start, other), t, l.reachM);
                    double top = Math.max(l.anchorZM - r, l.groundZM);
                    double beside = Math.max(0, Math.max(t.zM - top, l.groundZM - t.zM));
                    double lower = clear(Math.hypot(tx, beside), t, l.reachM);
                    return new Row(t.name, swing, lower, Math.min(swing, lower));
                })
                .sorted(Comparator.comparingDouble(Row::clearanceM).thenComparing(Row::name))
                .toList();
        rows.forEach(row -> {
            boolean person = targets.stream().anyMatch(t -> t.person && t.name.equals(row.name));
            if (person) {
                remarks.when(row.clearanceM < marginM, Remark.PERSON_TOO_CLOSE, row.name);
            } else if (row.clearanceM < 0) {
                remarks.say(Remark.TARGET_HIT, row.name);
            } else {
                remarks.when(row.clearanceM < marginM, Remark.TARGET_CLOSE, row.name);
            }
        });
        return new SwingRoom(
                r,
                Math.toDegrees(start),
                Math.sqrt(2 * StemMass.G * r * (1 - Math.cos(start))),
                lowest,
                l.anchorXM - side * ((r + l.runM) * Math.sin(other) + l.reachM),
                rows,
                remarks.told());
    }

    private static double clear(double inPlaneM, Target t, double reachM) {
        return Math.hypot(inPlaneM, t.offPlaneM) - reachM - t.radiusM;
    }

    /** @return distance in the plane from what the knot sweeps: {@code x} towards the side it starts on */
    private static double sector(double x, double down, double inner, double outer, double start, double other) {
        double rho = Math.hypot(x, down);
        double angle = Math.atan2(x, down);
        if (angle <= start && angle >= -other) {
            return Math.max(0, Math.max(inner - rho, rho - outer));
        }
        return Math.min(edge(x, down, inner, outer, start), edge(x, down, inner, outer, -other));
    }

    private static double edge(double x, double down, double inner, double outer, double angle) {
        double along = x * Math.sin(angle) + down * Math.cos(angle);
        double at = Math.max(inner, Math.min(outer, along));
        return Math.hypot(x - at * Math.sin(angle), down - at * Math.cos(angle));
    }
}
