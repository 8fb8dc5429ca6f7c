package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Everybody knows where they stand at each step. */
public final class StandNotSet implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.steps().stream().filter(st -> !st.done() && st.gated()).flatMap(st -> st.posts().stream()
                .filter(p -> p.stand().isEmpty() && !p.role().cuts())
                .map(p -> Finding.of(RuleId.STAND_NOT_SET, CAUTION, st, p.personId())
                        .with("role", Arg.term(p.role()))));
    }
}
