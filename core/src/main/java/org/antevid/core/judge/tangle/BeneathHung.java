package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Nobody works or walks beneath a hung stem. */
public final class BeneathHung implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stillHanging().flatMap(h -> s.steps().stream()
                .filter(st -> !st.done() && !after(s, h, st))
                .flatMap(st -> Stream.concat(stands(h, st), works(s, h, st))));
    }

    private static Stream<Finding> stands(Situation.Hang h, Step st) {
        return st.posts().stream()
                .filter(p ->
                        p.stand().filter(at -> h.beneath().distanceTo(at) <= 0).isPresent())
                .map(p -> Finding.of(RuleId.STANDS_BENEATH, STOP, h.hung(), st.id(), p.personId())
                        .with("turn", Arg.count(st.turn()))
                        .with("role", Arg.term(p.role())));
    }

    private static Stream<Finding> works(Situation s, Situation.Hang h, Step st) {
        return st.stem().filter(l -> !l.equals(h.hung()) && !h.supports().contains(l)).flatMap(s::stem).stream()
                .filter(f -> h.beneath().distanceTo(f.reading().at()) <= 0)
                .map(f -> Finding.of(RuleId.WORK_BENEATH, STOP, h.hung(), st.id())
                        .with("turn", Arg.count(st.turn()))
                        .with("worked", Arg.name(f.label())));
    }

    private static boolean after(Situation s, Situation.Hang h, Step st) {
        boolean isRelease = st.kind() == Step.Kind.RELEASE
                && st.stem().filter(h.hung()::equals).isPresent();
        return !isRelease && s.releasedBefore(h.hung(), st);
    }
}
