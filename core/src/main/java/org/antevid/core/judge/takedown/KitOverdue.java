package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.takedown.pieces.Climb;
import org.antevid.core.takedown.pieces.TakeDown;

/** Nobody hangs in kit that was not looked over in time. Practice rule; local code may ask for it sooner. */
public final class KitOverdue implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream()
                .filter(t -> !t.overdue().isEmpty() && somebodyHangs(t.plan()))
                .map(t -> Finding.of(RuleId.CLIMB_KIT, STOP, t.label())
                        .with("kit", Arg.terms(t.overdue()))
                        .with("months", Arg.count(Climb.KIT_MONTHS)));
    }

    private static boolean somebodyHangs(TakeDown plan) {
        return plan.coming().stream().anyMatch(p -> p.climber().isPresent());
    }
}
