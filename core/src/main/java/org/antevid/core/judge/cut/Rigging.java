package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.Pull;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** A line is as strong as its weakest piece, is chosen from what the house has, and is not the only one. */
final class Rigging implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return Stream.of(refused(p), failed(p), unchecked(p), onOneLine(p)).flatMap(x -> x);
    }

    private static Stream<Finding> refused(CutPlan p) {
        return p.refused().stream()
                .map(r ->
                        Finding.of(RuleId.PULL_REFUSED, STOP, CardRule.label(p)).with("because", Arg.said(r)))
                .distinct();
    }

    private static Stream<Finding> failed(CutPlan p) {
        return Stream.of(p.pull(), p.fallback())
                .flatMap(Optional::stream)
                .flatMap(l -> l.checks().stream()
                        .filter(c -> c.ok().filter(ok -> !ok).isPresent())
                        .map(c -> failed(p, l, c)))
                .distinct();
    }

    private static Finding failed(CutPlan p, Pull l, Pull.Check c) {
        boolean second = p.fallback().filter(l::equals).isPresent();
        return (second
                        ? Finding.of(
                                RuleId.RIGGING,
                                CAUTION,
                                CardRule.label(p),
                                "fallback",
                                c.piece().key())
                        : Finding.of(
                                RuleId.RIGGING,
                                c.lookAgain() ? CAUTION : STOP,
                                CardRule.label(p),
                                c.piece().key()))
                .with("second", Arg.flag(second))
                .with("check", Arg.said(c.says()))
                .with("piece", Arg.term(c.piece()));
    }

    private static Stream<Finding> unchecked(CutPlan p) {
        List<Message> open = p.pull().stream()
                .flatMap(l -> l.checks().stream())
                .filter(c -> c.ok().isEmpty())
                .map(Pull.Check::says)
                .toList();
        return open.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(RuleId.KIT_NOT_CHECKED, CAUTION, CardRule.label(p))
                        .with("open", Arg.all(open)));
    }

    /** What is done when it does not move is decided before it does not move. */
    private static Stream<Finding> onOneLine(CutPlan p) {
        boolean one =
                p.lay().judged().filter(r -> r.back().highNm() > Sweep.PUSH_NM).isPresent()
                        && p.lay().choice().means().isLine()
                        && p.lay().choice().support().fallback().isEmpty();
        return one ? Stream.of(Finding.of(RuleId.NO_FALLBACK, CAUTION, CardRule.label(p))) : Stream.empty();
    }
}
