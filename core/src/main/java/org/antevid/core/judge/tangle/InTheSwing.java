package org.antevid.core.judge.tangle;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;

/** Nobody stands where the butt of a stem that is tied off can swing: one line does not hold a side. */
public final class InTheSwing implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream()
                .flatMap(p -> p.members().stream().flatMap(m -> m.tiedOff().flatMap(t -> t.swing(p, m)).stream()
                        .flatMap(ground -> StandsIn.of(s, m, ground, RuleId.STANDS_IN_SWING))));
    }
}
