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
import org.antevid.core.tangle.picture.Picture;

/** Nobody stands where the butt of a stem that is tied off can swing: one line does not hold a side. */
public final class InTheSwing implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream().flatMap(p -> p.members().stream()
                .flatMap(m -> swing(p, m).stream().flatMap(ground -> s.steps().stream()
                        .filter(st -> !st.done()
                                && st.stem().filter(m.label()::equals).isPresent())
                        .flatMap(st -> stands(m, st, ground)))));
    }

    private static Optional<Shape> swing(Picture p, Member m) {
        return m.tiedOff().flatMap(t -> t.swing(p, m));
    }

    private static Stream<Finding> stands(Member m, Step st, Shape swing) {
        return st.posts().stream()
                .filter(p -> p.stand().filter(at -> swing.distanceTo(at) <= 0).isPresent())
                .map(p -> Finding.of(RuleId.STANDS_IN_SWING, STOP, m.label(), st.id(), p.personId())
                        .with("turn", Arg.count(st.turn()))
                        .with("role", Arg.term(p.role())));
    }
}
