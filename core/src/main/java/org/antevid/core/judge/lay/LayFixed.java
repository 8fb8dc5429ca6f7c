package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.STOP;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** A stem that is to be felled has its lay and drop zone fixed: the crew is briefed on a lay that stands. */
public final class LayFixed implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.fellsAhead()
                .flatMap(st -> st.stem().stream())
                .distinct()
                .flatMap(label -> s.stem(label).stream())
                .flatMap(f -> judge(f).stream());
    }

    private static Optional<Finding> judge(Situation.StemFacts f) {
        if (f.lay().isPresent()) {
            return f.fixed() && f.dropZone().isPresent()
                    ? Optional.empty()
                    : Optional.of(Finding.of(RuleId.NOT_FIXED, STOP, f.label()));
        }
        return Optional.of(
                f.reading().notKnown().isEmpty()
                        ? Finding.of(RuleId.NO_LAY, STOP, f.label())
                        : Finding.of(RuleId.READING_MISSING, STOP, f.label())
                                .with("missing", Arg.terms(f.reading().notKnown())));
    }
}
