package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.REACH;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.stump.Technique;

/** A cut that cannot be finished leaves a tree on a stub. */
final class BarReach implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        double across = p.card().dAcrossM();
        return switch (p.card().barReach()) {
            case NOT_REACHABLE ->
                Stream.of(Finding.of(RuleId.BAR_TOO_SHORT, STOP, CardRule.label(p))
                        .with("bar", Arg.up(REACH, across / 2.5)));
            case BOTH_SIDES_AND_FACE_BORE ->
                Stream.of(Finding.of(RuleId.FACE_BORE, SECOND_OPINION, CardRule.label(p))
                        .with("technique", Arg.term(Technique.FACE_PLUNGE))
                        .with("bar", Arg.up(REACH, across / 2 + 0.025)));
            case ONE_SIDE, BOTH_SIDES -> Stream.empty();
        };
    }
}
