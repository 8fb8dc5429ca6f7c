package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Never cut the tree that holds a hung one. */
public final class SupportOfHung implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stillHanging()
                .filter(h -> s.ahead(h.support())
                        .anyMatch(st -> st.kind() != Step.Kind.CLEAR && !s.releasedBefore(h.hung(), st)))
                .map(h -> Finding.of(RuleId.SUPPORT_CUT, STOP, h.support()).with("hung", Arg.name(h.hung())));
    }
}
