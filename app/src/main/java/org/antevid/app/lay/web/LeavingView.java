package org.antevid.app.lay.web;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.WayOut;
import org.antevid.core.site.Spot;

/**
 * How the cutter gets away.
 *
 * @param differ why one way is the better
 * @param reachedM by the cutter when it lands; {@code reachedIfClearedM} on a cleared way
 * @param clearM of butt and crown
 * @param leastAwayM by the rule of the house
 * @param helps what gets him farther away in time
 * @param escapeM length a way out must have
 */
record LeavingView(
        List<WayView> ways,
        List<BarredSectorView> dangers,
        Optional<String> differ,
        @Shown(in = Dimension.TIME, to = Side.DOWN) Optional<Double> fallFastS,
        Optional<Double> marginS,
        @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> reachedM,
        @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> reachedIfClearedM,
        LayPlan.Away away,
        @Shown(in = Dimension.LENGTH, to = Side.UP) double clearM,
        @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double leastAwayM,
        @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double wayWideM,
        List<String> helps,
        double escapeM) {
    /**
     * @param ground in words
     * @param clearedBy who cleared it, empty while nobody has
     */
    record WayView(
            String name,
            EscapeRoutes.Side side,
            boolean open,
            boolean best,
            Optional<Double> relDeg,
            Optional<Double> azimuthDeg,
            Optional<Double> lengthM,
            Optional<String> length,

            @Shown(in = Dimension.SECTOR, to = Side.UP, unsigned = true)
            Optional<Double> slopeUpDeg,

            @Shown(in = Dimension.TIME, to = Side.UP) Optional<Double> walkS,

            @Shown(in = Dimension.TIME, to = Side.DOWN, unsigned = true)
            Optional<Double> marginS,

            List<Spot> path,
            List<String> blockedBy,
            String ground,
            Optional<String> clearedBy) {}

    /** Directions nobody leaves by, clockwise from one edge to the other. */
    record BarredSectorView(String words, double fromDeg, double toDeg) {}

    static LeavingView of(LayPlan p, Map<EscapeRoutes.Side, String> clearedBy) {
        return new LeavingView(
                ways(p, clearedBy),
                EscapeRoutes.dangers(p.choice().layDeg()).stream()
                        .map(d -> new BarredSectorView(Speech.words().term(d.danger()), d.fromDeg(), d.toDeg()))
                        .toList(),
                p.escape().differ().map(Speech.words()::say),
                p.fallTime().fastS(),
                p.escape().marginS().map(m -> Rounding.down(m, 1)),
                p.escape().reachedM(),
                p.reachedIfClearedM(),
                p.away(),
                p.clearM(),
                p.limits().leastAwayM(),
                WayOut.CORRIDOR_M,
                Speech.words().say(p.timeHelps()),
                p.escape().requiredM());
    }

    private static List<WayView> ways(LayPlan p, Map<EscapeRoutes.Side, String> clearedBy) {
        return p.escape().routes().stream()
                .map(r -> {
                    boolean cleared = p.choice().leaving().cleared().contains(r.side());
                    return new WayView(
                            r.side().wayName(),
                            r.side(),
                            r.open(),
                            p.escape().best().filter(b -> b.side() == r.side()).isPresent(),
                            r.way().map(w -> w.relDeg()),
                            r.way().map(w -> w.azimuthDeg()),
                            r.way().map(w -> Rounding.up(w.lengthM(), 1)),
                            r.way().map(w -> Lengths.up(w.lengthM())),
                            r.way().map(w -> Math.toDegrees(Math.atan(w.slopeUp()))),
                            r.way().map(w -> Rounding.up(w.walkS(), 1)),
                            r.way().flatMap(w -> w.marginS()).map(m -> Rounding.down(m, 1)),
                            r.way().map(p::onPlan).orElse(List.of()),
                            r.blockedBy().stream().map(Speech.words()::show).toList(),
                            Speech.words().say(p.escape().footing(cleared)),
                            cleared ? Optional.of(clearedBy.getOrDefault(r.side(), "")) : Optional.empty());
                })
                .toList();
    }
}
