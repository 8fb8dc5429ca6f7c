package org.antevid.core.rule;

import static org.antevid.core.rule.Severity.CAUTION;
import static org.antevid.core.rule.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.crew.CrewCheck;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;

/** Whether the steps are staffed by people who can do it and stand somewhere. Practice rules. */
final class CrewRules {
    static final List<Rule> ALL = List.of(CrewRules::violations, CrewRules::staffed, CrewRules::stands);

    private CrewRules() {
    }

    private static Stream<Finding> violations(Situation s) {
        return CrewCheck.of(s.steps(), s.people()).stream().map(v -> Finding.of("crew:" + v.code() + ":" + v.stepId() + ":" + v.personId(), STOP, 6,
            v.stepId(), v.words(), "one person, one place, and only what they are competent for", "practice rule", "give the role to someone else"));
    }

    private static Stream<Finding> staffed(Situation s) {
        List<Finding> found = new ArrayList<>();
        for (Step st : s.steps()) {
            for (Role needed : needed(st)) {
                if (!st.done() && st.posts().stream().noneMatch(p -> p.role() == needed)) {
                    found.add(Finding.of("post:" + st.id() + ":" + needed, STOP, 6, st.id(), "step " + st.turn() + ", " + st.title() + ": no "
                        + needed.words() + " named", "nobody works alone, and someone only watches", "practice rule", "name the " + needed.words()));
                }
            }
        }
        return found.stream();
    }

    private static List<Role> needed(Step st) {
        return switch (st.kind()) {
            case FELL -> List.of(Role.CUTTER, Role.LOOKOUT);
            case RELEASE -> List.of(Role.WINCH, Role.LOOKOUT);
            case CROSSCUT -> List.of(Role.CUTTER);
            case CLEAR -> List.of();
        };
    }

    private static Stream<Finding> stands(Situation s) {
        return s.steps().stream().filter(st -> !st.done()).flatMap(st -> st.posts().stream().filter(p -> p.stand().isEmpty() && p.role() != Role.CUTTER)
            .map(p -> Finding.of("stand:" + st.id() + ":" + p.personId(), CAUTION, 6, st.id(), "step " + st.turn() + ": where the " + p.role().words()
                + " stands is not set", "everybody knows where they stand at each step", "practice rule", "set the place on the plan")));
    }
}
