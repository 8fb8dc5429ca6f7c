package org.antevid.core.crew;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is wrong with who does what: R01 a person in two places at once, R02 competence missing, R13 unknown person.
 * Every violation is listed, none hides another. Touching times do not overlap. Practice rules.
 */
public final class CrewCheck {
    private CrewCheck() {}

    /** One broken rule, with the reason as a sentence. */
    public record Violation(String code, String stepId, String personId, String words) {}

    public static List<Violation> of(List<Step> steps, List<Person> people) {
        Map<String, Person> byId = people.stream().collect(Collectors.toMap(Person::id, Function.identity()));
        List<Violation> found = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            for (int p = 0; p < step.posts().size(); p++) {
                Step.Post post = step.posts().get(p);
                Person person = byId.get(post.personId());
                if (person == null) {
                    found.add(new Violation("R13", step.id(), post.personId(), "not a person of this job"));
                    continue;
                }
                if (!person.competences().contains(post.role().needs())) {
                    found.add(new Violation(
                            "R02",
                            step.id(),
                            person.id(),
                            person.name() + " is not competent for "
                                    + post.role().needs().words() + ", which the "
                                    + post.role().words() + " needs"));
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

    private static Violation twice(Step a, Step b, Person person, Role one, Role other) {
        String where = a.id().equals(b.id())
                ? "in " + a.title()
                : "in " + a.title() + " and, from minute " + Math.max(a.startMin(), b.startMin()) + ", " + b.title();
        return new Violation(
                "R01",
                b.id(),
                person.id(),
                person.name() + " would be in two places at once: " + one.words() + " and " + other.words() + " "
                        + where);
    }
}
