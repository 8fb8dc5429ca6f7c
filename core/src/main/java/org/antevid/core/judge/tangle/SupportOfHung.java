package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Never cut a tree that holds a hung one, also through others. */
public final class SupportOfHung implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stillHanging().flatMap(h -> h.supports().stream()
                .filter(t -> s.ahead(t).anyMatch(st -> st.kind() != Step.Kind.CLEAR && !s.releasedBefore(h.hung(), st)))
                .map(t -> Finding.of(RuleId.SUPPORT_CUT, STOP, t).with("hung", Arg.name(h.hung()))));
    }
}
