package org.antevid.core.crew;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is wrong with who does what: R01 a person in two places at once, R02 competence missing, R13 unknown person.
 * Every violation is listed, none hides another. Touching times do not overlap. Practice rules.
 */
public final class CrewCheck {
    private CrewCheck() {}

    /**
     * One broken rule.
     *
     * @param step the later of two
     * @param role the part that cannot be played, or the one of two at once
     * @param other the other of two at once
     * @param later the other step of two at once, where it is another
     * @param fromMin from when in it, minutes from the start of work
     */
    public record Violation(
            CrewFault code,
            Step step,
            String personId,
            String person,
            Optional<Role> role,
            Optional<Role> other,
            Optional<Step> later,
            Optional<Integer> fromMin,
            Optional<Competence> competence) {}

    public static List<Violation> of(List<Step> steps, List<Person> people) {
        Map<String, Person> byId = people.stream().collect(Collectors.toMap(Person::id, Function.identity()));
        List<Violation> found = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            for (int p = 0; p < step.posts().size(); p++) {
                Step.Post post = step.posts().get(p);
                Person person = byId.get(post.personId());
                if (person == null) {
                    found.add(simple(CrewFault.UNKNOWN_PERSON, step, post.personId(), post.personId(), post.role()));
                    continue;
                }
                if (!person.competences().contains(post.role().needs())) {
                    found.add(simple(CrewFault.NOT_COMPETENT, step, person.id(), person.name(), post.role()));
                }
                for (int q = p + 1; q < step.posts().size(); q++) {
                    if (step.posts().get(q).personId().equals(person.id())) {
                        found.add(twice(
                                step,
                                step,
                                person,
                                post.role(),
                                step.posts().get(q).role()));
                    }
                }
                for (Step later : steps.subList(i + 1, steps.size())) {
                    later.posts().stream()
                            .filter(o -> o.personId().equals(person.id()) && step.overlaps(later))
                            .forEach(o -> found.add(twice(step, later, person, post.role(), o.role())));
                }
            }
        }
        return found;
    }

    private static Violation simple(CrewFault code, Step step, String id, String name, Role role) {
        return new Violation(
                code,
                step,
                id,
                name,
                Optional.of(role),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(role.needs()));
    }

    private static Violation twice(Step a, Step b, Person person, Role one, Role other) {
        boolean same = a.id().equals(b.id());
        return new Violation(
                same ? CrewFault.TWICE_IN_STEP : CrewFault.TWO_PLACES,
                b,
                person.id(),
                person.name(),
                Optional.of(one),
                Optional.of(other),
                same ? Optional.empty() : Optional.of(a),
                same ? Optional.empty() : Optional.of(Math.max(a.startMin(), b.startMin())),
                Optional.empty());
    }
}
