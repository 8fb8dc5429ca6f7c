package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.DISTANCE;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** A closure that ends inside the ring tells people they are safe where they are not. */
public final class ClosureShort implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.guards().stream()
                .filter(g -> s.stillHanging().anyMatch(h -> h.hung().equals(g.stem())))
                .flatMap(g -> g.closed().filter(c -> !c.ok()).stream()
                        .map(c -> Finding.of(RuleId.CLOSURE_SHORT, STOP, g.stem())
                                .with("short", c.shortM().filter(m -> m > 0).map(m -> Arg.up(DISTANCE, m)))));
    }
}
