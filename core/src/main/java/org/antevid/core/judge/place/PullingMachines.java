package org.antevid.core.judge.place;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.PULL;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Access;

/** A machine line needs a machine that gets in, and is worth what that machine pulls. */
public final class PullingMachines implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead()
                .filter(l -> l.choice().means().kind() == Means.Kind.MACHINE_LINE)
                .flatMap(l -> judge(l, s));
    }

    private static Stream<Finding> judge(LayPlan l, Situation s) {
        List<Access.Machine> winches =
                s.place().machines().stream().filter(m -> m.pullN().isPresent()).toList();
        List<Access.Machine> in = winches.stream()
                .filter(m -> s.place().access().keepsOut(m).isEmpty())
                .toList();
        String label = l.stem().label();
        if (winches.isEmpty()) {
            return Stream.of(Finding.of(RuleId.MACHINE_NOT_RECORDED, NOTE, label));
        }
        if (in.isEmpty()) {
            return Stream.of(Finding.of(RuleId.MACHINE_KEPT_OUT, STOP, label)
                    .with("because", Arg.all(s.place().access().keepsOut(winches.get(0)))));
        }
        double most =
                in.stream().mapToDouble(m -> m.pullN().orElseThrow()).max().orElse(0);
        return l.choice().means().pullN().filter(p -> p > most).stream()
                .map(p -> Finding.of(RuleId.MACHINE_TOO_WEAK, CAUTION, label)
                        .with("pull", Arg.up(PULL, p))
                        .with("winch", Arg.down(PULL, most))
                        .with(Margin.atMost(PULL, p, most)));
    }
}
