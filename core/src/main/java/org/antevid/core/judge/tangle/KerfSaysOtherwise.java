package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;

/** The kerf is the measurement: when it contradicts the picture, the picture is entered anew before the next cut. */
public final class KerfSaysOtherwise implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream()
                .flatMap(p -> p.members().stream().filter(m -> p.contradicted(m.label())))
                .map(m -> Finding.of(RuleId.KERF_SAYS_OTHERWISE, STOP, m.label()));
    }
}
