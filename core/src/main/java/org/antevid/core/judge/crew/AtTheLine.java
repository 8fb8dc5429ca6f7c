package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;

/** Somebody stands at the line who is named for it: one gives the signal, one reads it back and pulls. */
public final class AtTheLine implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().filter(p -> p.choice().means().isLine()).flatMap(p -> {
            Means.Kind line = p.choice().means().kind();
            Role puller = line == Means.Kind.MACHINE_LINE ? Role.WINCH : Role.GROUND;
            return s.ahead(p.stem().label())
                    .filter(st ->
                            st.kind() == Step.Kind.FELL && st.posts().stream().noneMatch(x -> x.role() == puller))
                    .map(st -> Finding.of(RuleId.NOBODY_AT_LINE, STOP, st)
                            .with("step", Steps.said(st))
                            .with("line", Arg.term(line))
                            .with("role", Arg.term(puller)));
        });
    }
}
