package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.crew.CrewCheck;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;

/** Whether the steps are staffed by people who can do it and stand somewhere. Practice rules. */
final class CrewRules {
    static final List<Rule> ALL =
            List.of(CrewRules::violations, CrewRules::staffed, CrewRules::stands, CrewRules::insideRing);

    private CrewRules() {}

    private static Stream<Finding> violations(Situation s) {
        return CrewCheck.of(s.steps(), s.people()).stream()
                .map(v -> Finding.of(
                        "crew:" + v.code() + ":" + v.stepId() + ":" + v.personId(),
                        STOP,
                        6,
                        v.stepId(),
                        v.words(),
                        "one person, one place, and only what they are competent for",
                        "practice rule",
                        "give the role to someone else"));
    }

    private static Stream<Finding> staffed(Situation s) {
        List<Finding> found = new ArrayList<>();
        for (Step st : s.steps()) {
            for (Role needed : needed(st)) {
                if (!st.done() && st.posts().stream().noneMatch(p -> p.role() == needed)) {
                    found.add(Finding.of(
                            "post:" + st.id() + ":" + needed,
                            STOP,
                            6,
                            st.id(),
                            "step " + st.turn() + ", " + st.title() + ": no " + needed.words() + " named",
                            "nobody works alone, and someone only watches",
                            "practice rule",
                            "name the " + needed.words()));
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

    /**
     * While the saw runs only the cutter is inside the ring; while a hung stem is brought down only the winch's
     * operator is named.
     */
    private static Stream<Finding> insideRing(Situation s) {
        return s.steps().stream().filter(st -> !st.done()).flatMap(st -> st.posts().stream()
                .filter(p -> !p.role().handlesTheTree() || st.kind() == Step.Kind.FELL)
                .filter(p -> p.role() != Role.CUTTER && p.stand().isPresent())
                .flatMap(p -> st.stem().flatMap(s::stem).stream()
                        .filter(f -> inside(s, st, f, p.stand().get()))
                        .map(f -> Finding.of(
                                "inside:" + st.id() + ":" + p.personId(),
                                STOP,
                                6,
                                st.id(),
                                "step " + st.turn() + ": the " + p.role().words() + " would stand "
                                        + Rounding.downText(p.stand()
                                                .get()
                                                .distanceTo(f.reading().at())) + " m from "
                                        + f.reading().label() + ", inside its ring of "
                                        + Rounding.upText(ringM(s, st, f)) + " m",
                                "nobody but the named people is inside the ring while the saw runs",
                                "practice rule",
                                "stand outside the ring"))));
    }

    private static boolean inside(Situation s, Step st, Situation.StemFacts f, Spot stand) {
        return st.kind() == Step.Kind.FELL
                ? ZoneRules.ring(f).filter(z -> z.takesIn(stand)).isPresent()
                : stand.distanceTo(f.reading().at()) < ringM(s, st, f);
    }

    private static double ringM(Situation s, Step st, Situation.StemFacts f) {
        return switch (st.kind()) {
            case FELL -> f.lay().map(l -> l.zone().exclusionM()).orElse(0.0);
            case RELEASE ->
                s.hangs().stream()
                        .filter(h -> h.hung().equals(f.reading().label()))
                        .mapToDouble(Situation.Hang::keepOutM)
                        .max()
                        .orElse(0);
            case CROSSCUT, CLEAR -> 0;
        };
    }

    private static Stream<Finding> stands(Situation s) {
        return s.steps().stream().filter(st -> !st.done()).flatMap(st -> st.posts().stream()
                .filter(p -> p.stand().isEmpty() && p.role() != Role.CUTTER)
                .map(p -> Finding.of(
                        "stand:" + st.id() + ":" + p.personId(),
                        CAUTION,
                        6,
                        st.id(),
                        "step " + st.turn() + ": where the " + p.role().words() + " stands is not set",
                        "everybody knows where they stand at each step",
                        "practice rule",
                        "set the place on the plan")));
    }
}
