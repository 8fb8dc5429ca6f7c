package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.crew.CrewCheck;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.Subject;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** One person, one place, and only what they are competent for; nobody works alone, and someone only watches. */
public final class Staffing implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return Stream.concat(
                CrewCheck.of(s.steps(), s.people()).stream().map(Staffing::violation),
                s.steps().stream().filter(st -> !st.done()).flatMap(Staffing::empty));
    }

    private static Finding violation(CrewCheck.Violation v) {
        Finding found = Finding.of(
                        RuleId.CREW,
                        STOP,
                        new Subject.Work(v.step().id(), v.step().turn()),
                        v.code().name(),
                        v.personId())
                .saying(v.code());
        for (Map.Entry<String, Arg> e : message(v).args().entrySet()) {
            found = found.with(e.getKey(), e.getValue());
        }
        return found;
    }

    /** @return what is wrong, to be said */
    public static Message message(CrewCheck.Violation v) {
        return Message.of(v.code())
                .with("step", Steps.said(v.step()))
                .with("person", Arg.name(v.person()))
                .with("role", v.role().map(Arg::term))
                .with("other", v.other().map(Arg::term))
                .with("later", v.later().map(Steps::said))
                .with("from", v.fromMin().map(Arg::count))
                .with("competence", v.competence().map(Arg::term));
    }

    private static Stream<Finding> empty(Step st) {
        return needed(st).stream()
                .filter(r -> st.posts().stream().noneMatch(p -> p.role() == r))
                .map(r -> Finding.of(RuleId.POST_EMPTY, STOP, st, r.name())
                        .with("step", Steps.said(st))
                        .with("role", Arg.term(r)));
    }

    private static List<Role> needed(Step st) {
        return switch (st.kind()) {
            case FELL -> List.of(Role.CUTTER, Role.LOOKOUT);
            case RELEASE -> List.of(Role.WINCH, Role.LOOKOUT);
            case CROSSCUT -> List.of(Role.CUTTER);
            case CLEAR -> List.of();
            case PREPARE -> st.work().map(t -> t.kind().roles()).orElse(List.of());
        };
    }
}
