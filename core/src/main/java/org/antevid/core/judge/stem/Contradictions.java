package org.antevid.core.judge.stem;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Readings that contradict each other are not averaged away. */
public final class Contradictions implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked().map(Situation.StemFacts::reading).flatMap(r -> r.more().contradictions().stream()
                .map(c -> Finding.of(
                                RuleId.READINGS_DISAGREE,
                                CAUTION,
                                r.label(),
                                c.code().name())
                        .with("because", Arg.said(c))));
    }
}
