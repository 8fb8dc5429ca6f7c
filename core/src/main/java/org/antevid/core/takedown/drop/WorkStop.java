package org.antevid.core.takedown.drop;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * When the work stops: a line or person in the drop zone, somebody at a running line, a piece that hangs. Practice
 * rules.
 *
 * @param keepOutM round the drop point
 */
public record WorkStop(boolean stop, double keepOutM, List<Remarks.Told> remarks) {
    private static final double AT_LINE_M = 1;
    private static final double CAUGHT = 1.3;
    private static final double PAID_OUT_M = 0.5;

    /** Metres from the drop point, east and north. */
    public record PlaceBelow(double x, double y) {}

    /** @param heldBy who holds it; empty: nobody named */
    public record Rope(String name, List<PlaceBelow> points, boolean lowering, Optional<String> heldBy) {
        private double distance(PlaceBelow p) {
            double least = Math.hypot(points.get(0).x - p.x, points.get(0).y - p.y);
            for (int i = 1; i < points.size(); i++) {
                least = Math.min(least, segment(points.get(i - 1), points.get(i), p));
            }
            return least;
        }

        private static double segment(PlaceBelow a, PlaceBelow b, PlaceBelow p) {
            double dx = b.x - a.x;
            double dy = b.y - a.y;
            double along = dx * dx + dy * dy;
            double t = along == 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / along));
            return Math.hypot(a.x + t * dx - p.x, a.y + t * dy - p.y);
        }
    }

    public record Person(String name, PlaceBelow at) {}

    /**
     * @param moving a line is running
     * @param persons empty where nobody said who stands where
     * @param payoutM line that was let out; {@code movedM} the piece went
     * @param hungHeightM a piece hangs this high
     */
    public record Seen(
            double zoneRadiusM,
            boolean moving,
            List<Rope> ropes,
            Optional<List<Person>> persons,
            Optional<Double> tensionN,
            Optional<Double> expectedN,
            Optional<Double> payoutM,
            Optional<Double> movedM,
            Optional<Double> hungHeightM,
            double hungLengthM) {}

    public static WorkStop of(Seen s) {
        PlaceBelow middle = new PlaceBelow(0, 0);
        Remarks remarks = new Remarks();
        s.ropes.stream()
                .filter(r -> !r.lowering && r.distance(middle) < s.zoneRadiusM)
                .forEach(r -> remarks.say(Remark.ROPE_IN_ZONE, r.name));
        s.persons.ifPresentOrElse(
                all -> all.forEach(p -> person(s, p, remarks)), () -> remarks.say(Remark.NOT_CHECKED, "persons"));
        if (s.tensionN.isEmpty() || s.expectedN.isEmpty()) {
            remarks.say(Remark.NOT_CHECKED, "tension_n");
        } else {
            remarks.when(s.tensionN.orElseThrow() > CAUGHT * s.expectedN.orElseThrow(), Remark.TENSION_OVER_EXPECTED);
        }
        if (s.payoutM.isEmpty() || s.movedM.isEmpty()) {
            remarks.say(Remark.NOT_CHECKED, "payout_m");
        } else {
            remarks.when(s.payoutM.orElseThrow() - s.movedM.orElseThrow() > PAID_OUT_M, Remark.PAYOUT_WITHOUT_MOTION);
        }
        remarks.when(s.hungHeightM.isPresent(), Remark.PIECE_HUNG_UP);
        List<Remarks.Told> told = remarks.told();
        return new WorkStop(
                Remarks.worst(told) == Finding.STOP,
                s.hungHeightM
                        .map(h -> Math.max(s.zoneRadiusM, h + s.hungLengthM))
                        .orElse(s.zoneRadiusM),
                told);
    }

    private static void person(Seen s, Person p, Remarks remarks) {
        remarks.when(Math.hypot(p.at.x, p.at.y) < s.zoneRadiusM, Remark.PERSON_IN_ZONE, p.name);
        if (s.moving) {
            s.ropes.stream()
                    .filter(r -> r.heldBy.filter(p.name::equals).isEmpty())
                    .filter(r -> r.distance(p.at) < AT_LINE_M)
                    .forEach(r -> remarks.say(Remark.PERSON_AT_RUNNING_ROPE, r.name, p.name));
        }
    }
}
