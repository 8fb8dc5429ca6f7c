package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Shape;
import org.antevid.core.tangle.picture.Member;

/** Nobody stands inside the bend of a line that is redirected: it strikes there when block or line gives. */
public final class InTheBight implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream().flatMap(p -> p.members().stream()).flatMap(m -> bight(m).stream()
                .flatMap(b -> s.steps().stream()
                        .filter(st -> !st.done()
                                && st.stem().filter(m.label()::equals).isPresent())
                        .flatMap(st -> stands(m, st, b))));
    }

    private static Optional<Shape> bight(Member m) {
        return m.dragLine()
                .flatMap(l -> l.bight(
                        m.pose().map(p -> p.butt().at()).orElse(m.reading().at())));
    }

    private static Stream<Finding> stands(Member m, Step st, Shape bight) {
        return st.posts().stream()
                .filter(p -> p.stand().filter(at -> bight.distanceTo(at) <= 0).isPresent())
                .map(p -> Finding.of(RuleId.STANDS_IN_BIGHT, STOP, m.label(), st.id(), p.personId())
                        .with("turn", Arg.count(st.turn()))
                        .with("role", Arg.term(p.role())));
    }
}
