package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;
import static org.antevid.core.message.Dimension.PULL;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.assist.SideGuy;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.Guy;
import org.antevid.core.message.Arg;

/** A guy only pulls toward its anchor, keeps its length only on the extended hinge line, and bears what it gets. */
final class SideGuyHolds implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return p.lay().choice().support().guy().stream().flatMap(g -> p.guy()
                .map(guy -> judge(p, g, guy))
                .orElseGet(() -> Stream.of(Finding.of(RuleId.GUY_WRONG_SIDE, STOP, CardRule.label(p), "side"))));
    }

    private static Stream<Finding> judge(CutPlan p, Guy planned, SideGuy guy) {
        String label = CardRule.label(p);
        List<Finding> found = new ArrayList<>();
        if (guy.warnings().contains(SideGuy.Warning.GUY_TIGHTENS_AS_TREE_FALLS)) {
            double most = guy.lengthChangeM().values().stream()
                    .mapToDouble(x -> x)
                    .max()
                    .orElse(0);
            found.add(Finding.of(RuleId.GUY_TIGHTENS, STOP, label, "tight").with("by", Arg.up(LENGTH, most)));
        }
        if (guy.warnings().contains(SideGuy.Warning.GUY_GOES_SLACK)) {
            found.add(Finding.of(RuleId.GUY_SLACK, CAUTION, label, "slack"));
        }
        if (planned.rope().isEmpty()) {
            found.add(Finding.of(RuleId.GUY_NO_ROPE, CAUTION, label, "rope"));
        }
        if (guy.warnings().contains(SideGuy.Warning.ROPE_OVERLOADED)) {
            found.add(Finding.of(RuleId.GUY_WEAK, STOP, label, "weak").with("gets", Arg.up(PULL, guy.tensionN())));
        }
        return found.stream();
    }
}
