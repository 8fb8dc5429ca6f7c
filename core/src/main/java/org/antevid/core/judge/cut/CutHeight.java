package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.HEIGHT;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.stem.RaisedCut;

/** The cut goes where the wood is sound, never above the hips and never from a ladder. */
final class CutHeight implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        double h = p.lay().choice().cutHeightM();
        if (h > RaisedCut.WORKING_HEIGHT_M + 1e-9) {
            return Stream.of(
                    said(RuleId.CUT_TOO_HIGH, STOP, p).with(Margin.atMost(HEIGHT, h, RaisedCut.WORKING_HEIGHT_M)));
        }
        List<Message> met = p.heights().metBy(h).stream().map(r -> r.says()).toList();
        return met.isEmpty()
                ? Stream.empty()
                : Stream.of(said(RuleId.CUT_MEETS, CAUTION, p).with("met", Arg.all(met)));
    }

    private static Finding said(RuleId rule, Severity severity, CutPlan p) {
        return Finding.of(rule, severity, CardRule.label(p))
                .with("height", Arg.of(HEIGHT, p.lay().choice().cutHeightM()))
                .with("instead", Arg.said(p.heights().instead()))
                .with("suggested", p.heights().suggested().map(l -> Arg.of(HEIGHT, l)));
    }
}
