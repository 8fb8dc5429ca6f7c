package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Shape;
import org.antevid.core.tangle.picture.Member;

/** People of a stem's own steps who stand where its line or its butt comes. */
final class StandsIn {
    private StandsIn() {}

    /** @return a stop for each place of an open step of this stem that lies on that ground */
    static Stream<Finding> of(Situation s, Member m, Shape ground, RuleId rule) {
        return s.steps().stream()
                .filter(st -> !st.done() && st.stem().filter(m.label()::equals).isPresent())
                .flatMap(st -> st.posts().stream()
                        .filter(p -> p.stand()
                                .filter(at -> ground.distanceTo(at) <= 0)
                                .isPresent())
                        .map(p -> Finding.of(rule, STOP, m.label(), st.id(), p.personId())
                                .with("turn", Arg.count(st.turn()))
                                .with("role", Arg.term(p.role()))));
    }
}
