package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.STOP;

import java.util.Optional;
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
        return s.steps().stream()
                .filter(st -> !st.done())
                .flatMap(st -> line(s, st)
                        .filter(line -> st.posts().stream().noneMatch(x -> x.role() == puller(line)))
                        .map(line -> Finding.of(RuleId.NOBODY_AT_LINE, STOP, st)
                                .with("step", Steps.said(st))
                                .with("line", Arg.term(line))
                                .with("role", Arg.term(puller(line))))
                        .stream());
    }

    /** @return who pulls in a step; nobody where nothing is pulled */
    static Optional<Role> puller(Situation s, Step st) {
        return line(s, st).map(AtTheLine::puller);
    }

    private static Role puller(Means.Kind line) {
        return line == Means.Kind.MACHINE_LINE ? Role.WINCH : Role.GROUND;
    }

    private static Optional<Means.Kind> line(Situation s, Step st) {
        return st.kind() == Step.Kind.FELL
                ? st.stem()
                        .flatMap(s::stem)
                        .filter(f -> !f.reading().state().gone())
                        .flatMap(Situation.StemFacts::lay)
                        .map(p -> p.choice().means())
                        .filter(Means::isLine)
                        .map(Means::kind)
                : Optional.empty();
    }
}
