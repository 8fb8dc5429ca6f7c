package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** What is to stay does not rest on what is to go. */
public final class KeptComesDown implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream()
                .flatMap(p -> p.comesDownWithIt().stream())
                .map(r -> Finding.of(RuleId.KEPT_COMES_DOWN, STOP, r.b()).with("stays", Arg.name(r.a())));
    }
}
