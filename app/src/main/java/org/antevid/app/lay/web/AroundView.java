package org.antevid.app.lay.web;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;

/** What it may hit, hang up in or drive away. */
record AroundView(List<TargetView> targets, List<HangUpView> hangUps, List<OccupiedView> occupied) {
    /**
     * @param chance in words, the controlled one; {@code atMost} over every spread up to this one, {@code chanceLost}
     *     with control lost altogether
     * @param limit for its worth
     */
    record TargetView(
            String id,
            String name,
            int worth,
            boolean mayBeHit,
            boolean isProtected,
            double fromStumpM,
            double clearanceM,
            String clearance,
            boolean inReach,
            boolean inFan,
            boolean inRing,
            String chance,
            Optional<String> atMost,
            Optional<String> chanceLost,
            Optional<String> limit,
            boolean blocks) {}

    /** @param severity 0..1, how badly the crowns meet */
    record HangUpView(String tree, double severity, String words) {}

    /** Somewhere people or animals may be inside the ring. */
    record OccupiedView(
            String id,
            String name,
            double fromStumpM,
            String away,
            String how,
            String by,
            boolean done,
            boolean takenCareOf) {}

    static AroundView of(LayPlan p, Site site) {
        return new AroundView(
                targets(p),
                hangUps(p),
                p.occupied(site).stream().map(f -> occupied(f, p)).toList());
    }

    private static List<TargetView> targets(LayPlan p) {
        boolean proven = p.control().proven();
        return p.targets().stream()
                .map(t -> new TargetView(
                        t.feature().id(),
                        t.feature().name(),
                        t.feature().worth(),
                        t.feature().mayBeHit(),
                        !t.feature().mustNotBeHit(),
                        Rounding.down(t.fromStumpM(), 1),
                        Rounding.down(t.clearanceM(), 1),
                        Lengths.down(t.clearanceM()),
                        t.inReach(),
                        t.inFan(),
                        t.inRing(),
                        Speech.words().show(t.chance(proven)),
                        t.struck().map(k -> chance(k.strike().most())),
                        t.struck()
                                .filter(k -> k.strike().decision() > k.strike().controlled())
                                .map(k -> chance(k.strike().decision())),
                        t.struck().filter(k -> Double.isFinite(k.limit())).map(k -> chance(k.limit())),
                        t.blocks(proven)))
                .toList();
    }

    private static String chance(double p) {
        return Speech.words().show(Arg.up(Dimension.CHANCE, p));
    }

    private static List<HangUpView> hangUps(LayPlan p) {
        return p.judged()
                .map(r -> r.hangUps().byNeighbour().entrySet().stream()
                        .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                        .map(e -> new HangUpView(e.getKey(), e.getValue(), chance(e.getValue())))
                        .toList())
                .orElse(List.of());
    }

    private static OccupiedView occupied(Feature f, LayPlan p) {
        boolean clears = f.protection().clearsPeople();
        return new OccupiedView(
                f.id(),
                f.name(),
                Rounding.down(f.shape().distanceTo(p.stem().at()), 1),
                Lengths.down(f.shape().distanceTo(p.stem().at())),
                clears ? Speech.words().term(f.protection()) : "",
                clears ? f.protectedBy() : "",
                f.protectionDone() && clears,
                f.peopleTakenCareOf());
    }
}
