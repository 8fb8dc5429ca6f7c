package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Cutting pieces off a stem while it hangs is work for two who can do it, and each cut is judged anew. */
public final class CutWhileItHangs implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream()
                .flatMap(p -> p.members().stream())
                .filter(m -> m.hung() && m.sections() > 0)
                .map(m ->
                        Finding.of(RuleId.SECTIONED, SECOND_OPINION, m.label()).with("cuts", Arg.count(m.sections())));
    }
}
