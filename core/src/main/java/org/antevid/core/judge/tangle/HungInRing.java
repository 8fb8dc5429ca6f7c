package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Felling near a hung stem shakes it: it comes down first. */
public final class HungInRing implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stillHanging().flatMap(h -> s.steps().stream()
                .filter(st -> st.kind() == Step.Kind.FELL && !st.done() && !s.releasedBefore(h.hung(), st))
                .flatMap(st -> st.stem().flatMap(s::stem).stream())
                .filter(f -> !h.supports().contains(f.label()))
                .filter(f -> f.lay()
                        .filter(l -> h.beneath().distanceTo(f.reading().at())
                                <= l.zone().exclusionM())
                        .isPresent())
                .map(f -> Finding.of(RuleId.HUNG_IN_RING, STOP, f.label(), h.hung())
                        .with("hung", Arg.name(h.hung()))));
    }
}
