package org.antevid.app.tangle.web;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.Closures;
import org.antevid.app.tangle.Holdings;
import org.antevid.app.tangle.StruckThings;
import org.antevid.app.tangle.TangleRecords;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Holding;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Struck;

/** Holds, closures and what is asked of buildings, as screens read them. */
final class GuardViews {
    private GuardViews() {}

    /**
     * A hold as it stands.
     *
     * @param rated as read; empty when nobody read it
     * @param needed one and a half times the stem at its heaviest; empty while it is not measured
     * @param verdict whether it counts
     */
    record HoldingView(
            String id,
            String stem,
            String byWords,
            Optional<String> anchor,
            String mindedBy,
            Optional<String> rated,
            Optional<String> needed,
            Holding.Verdict verdict,
            String verdictWords,
            Instant at) {}

    /**
     * What is closed around a hung stem.
     *
     * @param shortM what is missing, up; empty when the ring is not known
     */
    record ClosureView(
            @Shown(in = Dimension.DISTANCE, to = Side.DOWN) Optional<Double> aroundM,
            @Shown(in = Dimension.DISTANCE, to = Side.DOWN) Optional<Double> downhillM,
            boolean toSlopeFoot,
            List<Spot> outline,
            Optional<Instant> until,
            String handedTo,
            boolean ok,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> shortM,
            String who,
            Instant at) {}

    /** A question about a thing a stem lies on, and its newest answer. */
    record StruckQuestionView(
            Struck.Question question,
            String words,
            boolean answered,
            boolean inOrder,
            String note,
            Optional<String> who,
            Optional<Instant> at) {}

    /** A thing stems lie on. */
    record StruckThingView(String featureId, String name, int open, List<StruckQuestionView> questions) {}

    static List<HoldingView> holdings(Tangles.Tangle t, List<Holdings.Standing> standing) {
        return standing.stream()
                .map(h -> {
                    Holding.Verdict v = t.picture().verdict(h.holding());
                    return new HoldingView(
                            h.id(),
                            h.holding().stem(),
                            Speech.words().term(h.entered().by()),
                            h.entered().anchor(),
                            h.entered().mindedBy(),
                            h.entered().ratedN().map(n -> Speech.words().show(Arg.down(Dimension.FORCE, n))),
                            Holding.neededN(t.picture()
                                            .member(h.holding().stem())
                                            .flatMap(Member::massHighKg))
                                    .map(n -> Speech.words().show(Arg.up(Dimension.FORCE, n))),
                            v,
                            Speech.words().term(v),
                            h.seen().at());
                })
                .toList();
    }

    static Optional<ClosureView> closure(
            Optional<TangleRecords.Noted<Closures.Closed>> closed, Optional<GuardRing.Closed> against) {
        return closed.map(c -> new ClosureView(
                c.what().aroundM(),
                c.what().downhillM(),
                c.what().toSlopeFoot(),
                c.what().outline(),
                c.what().until(),
                c.what().handedTo(),
                against.filter(GuardRing.Closed::ok).isPresent(),
                against.flatMap(GuardRing.Closed::shortM),
                c.seen().who(),
                c.seen().at()));
    }

    static List<StruckThingView> struck(
            Tangles.Tangle t, Map<String, Map<Struck.Question, StruckThings.Answer>> answers) {
        return t.picture().struck().stream()
                .map(s -> new StruckThingView(
                        s.id(),
                        s.name(),
                        s.open().size(),
                        Struck.asked(s.kind()).stream()
                                .map(q -> question(
                                        q,
                                        Optional.ofNullable(answers.getOrDefault(s.id(), Map.of())
                                                .get(q))))
                                .toList()))
                .toList();
    }

    private static StruckQuestionView question(Struck.Question q, Optional<StruckThings.Answer> a) {
        return new StruckQuestionView(
                q,
                Speech.words().term(q),
                a.isPresent(),
                a.filter(StruckThings.Answer::inOrder).isPresent(),
                a.map(StruckThings.Answer::note).orElse(""),
                a.map(x -> x.seen().who()),
                a.map(x -> x.seen().at()));
    }
}
