package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.Splitting;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.stump.SplitRisk;

/**
 * Cut like this, pull counted, in still air: what is so by the best values stops, what is so only at their 95 % side
 * asks to measure; what the wind adds is said once for the day.
 */
final class SplitsUp implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return p.splitting().stream().flatMap(x -> judge(p, x).stream());
    }

    private static Optional<Finding> judge(CutPlan p, Splitting x) {
        SplitRisk.Level level = x.risk().result();
        boolean high = level.compareTo(SplitRisk.Level.HIGH) >= 0;
        boolean sure = p.lay()
                .judged()
                .map(r -> p.strapLeft()
                        ? r.cuts().split().bore()
                        : r.cuts().split().backCut())
                .filter(l -> l.compareTo(SplitRisk.Level.HIGH) >= 0)
                .isPresent();
        boolean never = sure
                && (level == SplitRisk.Level.EXTREME
                        || x.risk().advice() == SplitRisk.Advice.DO_NOT_HAND_FELL && high && notWorkedRound(p));
        SplitRisk.Advice advice =
                p.lay().judged().map(r -> r.cuts().split().advice()).orElse(SplitRisk.Advice.STANDARD);
        if (!high && (advice == SplitRisk.Advice.STANDARD || p.strapLeft() || upright(p))) {
            return Optional.empty();
        }
        List<Arg> better = x.changes().stream()
                .filter(c -> c.level().filter(l -> l.compareTo(level) < 0).isPresent())
                .map(c -> Arg.said(Message.of(Phrase.CHANGE)
                        .with("change", Arg.said(c.says()))
                        .with("level", Arg.term(c.level().orElseThrow()))))
                .toList();
        return Optional.of(Finding.of(
                        RuleId.SPLITS,
                        never ? STOP : high && (sure || !upright(p)) ? SECOND_OPINION : CAUTION,
                        CardRule.label(p))
                .with("pulled", Arg.flag(p.lay().choice().means().isLine()))
                .with("level", Arg.term(level))
                .with("never", Arg.flag(never))
                .with("advice", Arg.term(advice))
                .with("likely", Arg.all(x.likely()))
                .with("any", Arg.flag(!x.likely().isEmpty()))
                .with("sure", Arg.flag(sure))
                .with("helps", Arg.flag(!better.isEmpty()))
                .with("better", new Arg.Several(better, Arg.Joint.SEMICOLON)));
    }

    /** Hardly leaning and not pulled: moderate by its species is how it is cut every day. */
    private static boolean upright(CutPlan p) {
        return !p.lay().choice().means().isLine()
                && p.lay()
                        .judged()
                        .filter(r -> r.lean().deg() < Sweep.UPRIGHT_DEG)
                        .isPresent();
    }

    /**
     * A leaner that cannot be bored is not felled by hand; one that was judged so only by the margin of its lean asks
     * for a second opinion.
     */
    private static boolean notWorkedRound(CutPlan p) {
        return p.lay()
                .judged()
                .filter(r -> r.cuts().split().advice() == SplitRisk.Advice.DO_NOT_HAND_FELL)
                .isPresent();
    }
}
