package org.antevid.app.tangle.web;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Preparation;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.Ways;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;

/** The order as screens read it: one card a step, each way with its force, and why the others are out. */
final class OrderViews {
    private OrderViews() {}

    /** A way to bring a stem down, or why it is out. */
    record ReleaseWay(Ways.Way way, String words, Optional<String> why) {}

    /**
     * How one stem of a step is dealt with.
     *
     * @param laid it stands on its foot: it is felled by its own lay, not by this
     * @param rated what it has to be rated for: one and a half times the force
     * @param atHand the strongest winch that is there, rated; empty for none
     * @param pull what a winch has to bring, on the rope; empty while the mass is not known
     */
    record StemWays(
            String stem,
            boolean laid,
            List<ReleaseWay> ladder,
            List<ReleaseWay> out,
            Optional<String> pull,
            Optional<String> rated,
            Optional<String> atHand,
            TangleViews.RingView ring) {}

    /**
     * One step of the order.
     *
     * @param turn number of the removal, from 1; a tie has the one of the removal it comes before
     * @param why what makes it come now
     * @param reveals parts nobody saw that it may lay open
     */
    record OrderStep(
            int turn,
            Release.Kind kind,
            String kindWords,
            List<String> stems,
            Optional<String> tie,
            List<String> why,
            List<String> before,
            List<String> changes,
            List<String> reveals,
            List<StemWays> methods) {}

    /**
     * A ring of stems.
     *
     * @param loop around them on the plan, as far as it is known where they lie
     */
    record DeadlockView(List<String> stems, List<String> holdOneOf, List<List<Spot>> loop) {}

    static List<OrderStep> steps(Tangles.Tangle t) {
        List<Release.Step> steps = t.release().map(Release::steps).orElse(List.of());
        int turn = 1;
        List<OrderStep> views = new java.util.ArrayList<>();
        for (Release.Step s : steps) {
            views.add(step(t, s, turn));
            if (s.kind().removes()) {
                turn++;
            }
        }
        return views;
    }

    static List<DeadlockView> deadlocks(Tangles.Tangle t) {
        return t.release().map(Release::deadlocks).orElse(List.of()).stream()
                .map(d -> new DeadlockView(
                        d.stems(),
                        d.holdOneOf(),
                        t.picture().around(d.stems()).map(Shape::outlines).orElse(List.of())))
                .toList();
    }

    private static OrderStep step(Tangles.Tangle t, Release.Step s, int turn) {
        return new OrderStep(
                turn,
                s.kind(),
                Speech.words().term(s.kind()),
                s.stems(),
                s.tie().map(Pile.Relation::b).map(t::called),
                why(t, s),
                s.before().stream()
                        .filter(b -> b.kind() != Preparation.Kind.SEVER_TIE || s.kind() != Release.Kind.SEVER_TIE)
                        .map(b -> Speech.words().say(b.message(t::called)))
                        .toList(),
                s.changes().stream()
                        .map(c -> Speech.words().say(c.message(t::called)))
                        .toList(),
                reveals(t.picture(), s),
                s.stems().stream()
                        .filter(s.method()::containsKey)
                        .map(id -> method(t, s, id))
                        .toList());
    }

    private static List<String> why(Tangles.Tangle t, Release.Step s) {
        return s.stems().stream()
                .flatMap(id -> t.release().orElseThrow().closedSpots().getOrDefault(id, List.of()).stream())
                .distinct()
                .map(t::called)
                .toList();
    }

    private static List<String> reveals(Picture p, Release.Step s) {
        List<String> around = p.allRelations().stream()
                .filter(r -> s.stems().contains(r.a()) || s.stems().contains(r.b()))
                .flatMap(r -> Stream.of(r.a(), r.b()))
                .distinct()
                .toList();
        return p.members().stream()
                .filter(m -> !m.notSeen().isEmpty())
                .map(Member::label)
                .filter(l -> around.contains(l) || s.stems().contains(l))
                .toList();
    }

    private static StemWays method(Tangles.Tangle t, Release.Step s, String id) {
        Ways w = Require.present(s.method(), id);
        boolean laid = t.picture()
                .member(id)
                .filter(m -> m.reading().notFelled().isEmpty())
                .isPresent();
        GuardRing ring = Require.present(s.zone(), id);
        return new StemWays(
                id,
                laid,
                w.ladder().stream()
                        .map(way -> new ReleaseWay(way, Speech.words().term(way), Optional.empty()))
                        .toList(),
                Stream.of(Ways.Way.values())
                        .filter(way -> w.whyNot().containsKey(way))
                        .map(way -> new ReleaseWay(
                                way,
                                Speech.words().term(way),
                                Optional.of(Speech.words().term(reason(w.whyNot(), way)))))
                        .toList(),
                w.pullN().map(n -> Speech.words().show(Arg.up(Dimension.PULL, n))),
                w.pullN().map(n -> Speech.words().show(Arg.up(Dimension.FORCE, Ways.WINCH_RESERVE * n))),
                strongest(t.picture().atHand()).map(n -> Speech.words().show(Arg.down(Dimension.FORCE, n))),
                TangleViews.RingView.of(ring));
    }

    static Optional<Double> strongest(Picture.AtHand h) {
        return Stream.of(h.tractorWinchN(), h.handWinchN())
                .flatMap(Optional::stream)
                .max(Double::compare);
    }

    private static Ways.Reason reason(Map<Ways.Way, Ways.Reason> whyNot, Ways.Way way) {
        return Require.present(whyNot, way);
    }
}
