package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.tangle.Release;

/** A ring of stems has no first: one of them is held, or nobody touches it. */
public final class NobodyKnowsWhichFirst implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream().flatMap(p -> p.release().stream()
                .flatMap(r -> r.deadlocks().stream())
                .map(NobodyKnowsWhichFirst::said));
    }

    private static Finding said(Release.Deadlock d) {
        return Finding.of(RuleId.RING_OF_STEMS, STOP, d.stems().get(0))
                .with("stems", Arg.names(d.stems()))
                .with("hold", Arg.names(d.holdOneOf()));
    }
}
