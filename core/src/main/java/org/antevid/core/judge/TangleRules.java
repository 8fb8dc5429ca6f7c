package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.quantity.Rounding;

/** What a hung-up stem forbids. All practice rules. */
final class TangleRules {
    static final List<Rule> ALL = List.of(
            TangleRules::opinion,
            TangleRules::support,
            TangleRules::beneath,
            TangleRules::insideRing,
            TangleRules::guard);

    private TangleRules() {}

    private static Stream<Situation.Hang> hangs(Situation s) {
        return s.hangs().stream().filter(h -> s.stillHung(h.hung()));
    }

    private static Stream<Finding> opinion(Situation s) {
        return hangs(s).map(h -> Finding.of(
                "hung:" + h.hung(),
                SECOND_OPINION,
                5,
                h.hung(),
                h.hung() + " hangs in " + h.support() + ": work for people competent for hung-up trees",
                "a hung-up tree can come down at any moment and kills the one beneath",
                "practice rule",
                "a named person competent for hung-up trees, neither planner nor cutter, takes it"));
    }

    private static Stream<Finding> support(Situation s) {
        return hangs(s).flatMap(h -> s.ahead(h.support())
                .filter(st -> st.kind() != Step.Kind.CLEAR && !s.releasedBefore(h.hung(), st))
                .map(st -> Finding.of(
                        "support:" + h.support(),
                        STOP,
                        5,
                        h.support(),
                        h.support() + " is to be cut while " + h.hung() + " hangs in it",
                        "never cut the tree that holds a hung one",
                        "practice rule",
                        "bring " + h.hung() + " down first"))
                .limit(1));
    }

    private static Stream<Finding> beneath(Situation s) {
        return hangs(s).flatMap(h -> s.steps().stream()
                .filter(st -> !st.done() && !after(s, h, st))
                .flatMap(st -> Stream.concat(
                        st.posts().stream()
                                .filter(p -> p.stand()
                                        .filter(at -> h.beneath().distanceTo(at) <= 0)
                                        .isPresent())
                                .map(p -> Finding.of(
                                        "beneath:" + h.hung() + ":" + st.id() + ":" + p.personId(),
                                        STOP,
                                        5,
                                        h.hung(),
                                        "step " + st.turn() + ": the "
                                                + p.role().words() + " would stand beneath " + h.hung(),
                                        "nobody works or walks beneath a hung stem",
                                        "practice rule",
                                        "stand elsewhere")),
                        st
                                .stem()
                                .filter(l -> !l.equals(h.hung()) && !l.equals(h.support()))
                                .flatMap(s::stem)
                                .filter(f -> h.beneath().distanceTo(f.reading().at()) <= 0)
                                .stream()
                                .map(f -> Finding.of(
                                        "work-beneath:" + h.hung() + ":" + st.id(),
                                        STOP,
                                        5,
                                        h.hung(),
                                        "step " + st.turn() + ": " + f.reading().label() + " stands beneath "
                                                + h.hung(),
                                        "nobody works or walks beneath a hung stem",
                                        "practice rule",
                                        "bring " + h.hung() + " down first")))));
    }

    private static boolean after(Situation s, Situation.Hang h, Step st) {
        boolean isRelease = st.kind() == Step.Kind.RELEASE
                && st.stem().filter(h.hung()::equals).isPresent();
        return !isRelease && s.releasedBefore(h.hung(), st);
    }

    /** Felling near a hung stem shakes it: it comes down first. */
    private static Stream<Finding> insideRing(Situation s) {
        return hangs(s).flatMap(h -> s.steps().stream()
                .filter(st -> st.kind() == Step.Kind.FELL && !st.done() && !s.releasedBefore(h.hung(), st))
                .flatMap(st -> st.stem().flatMap(s::stem).stream())
                .filter(f -> !f.reading().label().equals(h.support()))
                .filter(f -> f.lay()
                        .filter(l -> h.beneath().distanceTo(f.reading().at())
                                <= l.zone().exclusionM())
                        .isPresent())
                .map(f -> Finding.of(
                        "ring:" + f.reading().label() + ":" + h.hung(),
                        STOP,
                        6,
                        f.reading().label(),
                        h.hung() + " hangs inside the ring of " + f.reading().label() + " and is not down before it",
                        "a fall nearby can bring a hung stem down",
                        "practice rule",
                        "put the release of " + h.hung() + " before it")));
    }

    private static Stream<Finding> guard(Situation s) {
        return hangs(s).filter(h -> s.guards().stream().noneMatch(g -> g.stem().equals(h.hung()) && g.named()))
                .map(h -> Finding.of(
                        "guard:" + h.hung(),
                        CAUTION,
                        5,
                        h.hung(),
                        h.hung() + ": no guard or closure named; keep " + Math.round(Rounding.up(h.keepOutM(), 0))
                                + " m clear",
                        "a hung-up tree is never left unmarked",
                        "practice rule",
                        "name who guards it and how the ground is closed"));
    }
}
