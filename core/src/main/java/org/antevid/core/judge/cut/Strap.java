package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.SHORT;
import static org.antevid.core.message.Dimension.TIMES;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** The strap holds lean, wind and pretension twice over, or it is a stop. */
final class Strap implements CardRule {
    private static final double TWICE = 2;

    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        boolean holds = p.strap().filter(h -> h.holds()).isPresent();
        return Stream.concat(
                p.strap().filter(h -> !h.holds()).stream().map(h -> Finding.of(RuleId.STRAP, STOP, CardRule.label(p))
                        .with("times", Arg.down(TIMES, h.ratio().orElse(0.0)))
                        .with("needed", h.neededM().map(n -> Arg.up(SHORT, n)))
                        .with(Margin.atLeast(TIMES, h.ratio().orElse(0.0), TWICE))),
                p.strapFull().filter(h -> holds && h.ratio().filter(r -> r < 1).isPresent()).stream()
                        .map(h -> Finding.of(RuleId.STRAP_UNDER_FULL_PULL, CAUTION, CardRule.label(p))
                                .with("times", Arg.down(TIMES, h.ratio().orElse(0.0)))
                                .with(Margin.atLeast(TIMES, h.ratio().orElse(0.0), 1))));
    }
}
