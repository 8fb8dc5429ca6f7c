package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/**
 * Whoever stands by to rescue can do it, and does nothing else at the same time: not aloft, not at the brake, not
 * watching, not operating. Practice rule.
 */
public final class RescuerNotFree implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.steps().stream().filter(st -> !st.done() && st.gated()).flatMap(st -> st.posts().stream()
                .filter(p -> p.role() == Role.RESCUER)
                .flatMap(p -> found(s, st, p).stream()));
    }

    private static Optional<Finding> found(Situation s, Step st, Step.Post p) {
        Optional<Person> who =
                s.people().stream().filter(x -> x.id().equals(p.personId())).findFirst();
        boolean able =
                who.filter(x -> x.competences().contains(Role.RESCUER.needs())).isPresent();
        Optional<Role> other = s.steps().stream()
                .filter(o -> !o.done() && (o.id().equals(st.id()) || o.overlaps(st)))
                .flatMap(o -> o.posts().stream())
                .filter(x -> x.personId().equals(p.personId()) && x.role() != Role.RESCUER)
                .map(Step.Post::role)
                .findFirst();
        return able && other.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(RuleId.RESCUER_NOT_FREE, STOP, st, p.personId())
                        .with("person", Arg.name(who.map(Person::name).orElse(p.personId())))
                        .with("other", other.map(Arg::term)));
    }
}
