package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.message.Dimension.SHARE;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** A side lean that asks this much of the hinge is guyed. */
final class SideLean implements CardRule {
    /** From here a hinge is not left alone with a side lean (judgement). */
    private static final double MOST_USE = 0.6;

    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return p
                .lay()
                .judged()
                .filter(r -> p.lay().control().proven() && r.control().withGuy())
                .stream()
                .map(r -> Finding.of(RuleId.SIDE_LEAN, CAUTION, CardRule.label(p))
                        .with("use", Arg.up(SHARE, r.control().use()))
                        .with("most", Arg.of(SHARE, MOST_USE))
                        .with(Margin.atMost(SHARE, r.control().use(), MOST_USE)));
    }
}
