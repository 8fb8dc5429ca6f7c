package org.antevid.core.judge.stem;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.verdict.Verdicts;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.stem.Verdict;

/** How the leader wants a stem taken down, where that is excluded here or the plan does something else. */
public final class ChosenVerdict implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked()
                .flatMap(f -> Optional.ofNullable(s.place().chosen().get(f.label())).stream()
                        .flatMap(v -> Stream.of(excluded(v, f, s), workedOn(v, f, s), laid(v, f))
                                .flatMap(Optional::stream)));
    }

    private static Optional<Finding> excluded(Verdict v, Situation.StemFacts f, Situation s) {
        List<Message> against = Verdicts.against(v, f, s);
        return against.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(RuleId.VERDICT_EXCLUDED, SECOND_OPINION, f.label(), v.name())
                        .with("verdict", Arg.term(v))
                        .with("against", Arg.all(against)));
    }

    private static Optional<Finding> workedOn(Verdict v, Situation.StemFacts f, Situation s) {
        return v.left() && s.ahead(f.label()).findAny().isPresent()
                ? Optional.of(Finding.of(RuleId.LEFT_YET_WORKED_ON, STOP, f.label()))
                : Optional.empty();
    }

    private static Optional<Finding> laid(Verdict v, Situation.StemFacts f) {
        return f.lay().filter(l -> v.left() && f.fixed()).map(l -> Finding.of(RuleId.LEFT_YET_LAID, CAUTION, f.label())
                .with("lay", Arg.azimuth(l.choice().layDeg())));
    }
}
