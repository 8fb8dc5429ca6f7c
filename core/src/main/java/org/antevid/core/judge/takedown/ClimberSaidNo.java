package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;

/** The climber's No ends this way at once; only that climber takes it back, or the plan is made anew. */
public final class ClimberSaidNo implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream()
                .flatMap(t -> t.saidNo().stream().map(no -> Finding.of(RuleId.CLIMBER_SAID_NO, STOP, t.label())
                        .with("who", Arg.name(no.who()))
                        .with("at", Arg.of(Dimension.LENGTH, no.atM()))
                        .with("fallback", no.fallback().map(Arg::term))
                        .with("agreed", no.agreedWith().map(Arg::name))));
    }
}
