package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;

/**
 * What the readings of a stem say against themselves, its union, its root plate, and how the leader wants it taken
 * down.
 */
final class StemRules {
    static final List<Rule> ALL = List.of(
            StemRules::contradictions, StemRules::waiting, StemRules::heave, StemRules::union, StemRules::chosen);
    /** From here a lifted plate is no reading error and no frost (judgement). */
    private static final double HEAVED_M = 0.03;

    private StemRules() {}

    private static Stream<Situation.StemFacts> live(Situation s) {
        return s.stems().stream()
                .filter(f ->
                        f.reading().state() != StemState.FELLED && !f.reading().toBeKept());
    }

    private static Stream<Finding> contradictions(Situation s) {
        return live(s).map(Situation.StemFacts::reading).flatMap(r -> r.more().contradictions().stream()
                .map(c -> Finding.of(
                        "disagree:" + r.label() + ":" + c.split(" ", 0)[0],
                        CAUTION,
                        2,
                        r.label(),
                        r.label() + ": " + c,
                        "readings that contradict each other are not averaged away",
                        "practice rule",
                        "measure once more or set one aside, or acknowledge")));
    }

    private static Stream<Finding> waiting(Situation s) {
        return live(s).map(Situation.StemFacts::reading)
                .filter(r -> r.more().waiting() > 0)
                .map(r -> Finding.of(
                        "waiting:" + r.label(),
                        NOTE,
                        2,
                        r.label(),
                        r.label() + ": " + r.more().waiting()
                                + " from the crew to look at; until then it only tightens the plan",
                        "who is on the job may see what the leader did not",
                        "practice rule",
                        "accept it or set it aside"));
    }

    private static Stream<Finding> heave(Situation s) {
        return live(s).map(Situation.StemFacts::reading)
                .filter(r -> r.more().heave().filter(h -> h.high() >= HEAVED_M).isPresent())
                .map(r -> Finding.of(
                        "heave:" + r.label(),
                        SECOND_OPINION,
                        2,
                        r.label(),
                        String.format(
                                Locale.ROOT,
                                "%s: root plate lifted by up to %.0f cm; not climbed, not an anchor, machine only",
                                r.label(),
                                Math.ceil(100 * r.more().heave().orElseThrow().high())),
                        "the anchorage is past its peak and may go with no wind",
                        "practice rule",
                        "a second opinion and a machine from outside its reach"));
    }

    private static Stream<Finding> union(Situation s) {
        return live(s).filter(f -> f.reading().more().union().isPresent()).map(f -> {
            StemReading r = f.reading();
            StemReading.Union u = r.more().union().orElseThrow();
            double cut = f.lay().map(l -> l.choice().cutHeightM()).orElse(0.3);
            String others = String.join(", ", u.others());
            return u.heightM() > cut
                    ? Finding.of(
                            "union:" + r.label(),
                            CAUTION,
                            2,
                            r.label(),
                            String.format(
                                    Locale.ROOT,
                                    "%s is one with %s up to %.1f m, above the cut: fell the stems singly above "
                                            + "%.1f m, or one cut takes all of them",
                                    r.label(),
                                    others,
                                    u.heightM(),
                                    u.heightM()),
                            "a cut below the union brings all stems down at once, each its own way",
                            "practice rule",
                            "cut above the union, tie them together, or acknowledge")
                    : Finding.of(
                            "union:" + r.label(),
                            NOTE,
                            2,
                            r.label(),
                            String.format(
                                    Locale.ROOT,
                                    "%s parts from %s at %.1f m, below the cut: fell the stems singly",
                                    r.label(),
                                    others,
                                    u.heightM()),
                            "stems of one stump hang in each other",
                            "practice rule",
                            "told in the briefing");
        });
    }

    private static Stream<Finding> chosen(Situation s) {
        return live(s).flatMap(f -> {
            Verdict v = s.place().chosen().get(f.reading().label());
            if (v == null) {
                return Stream.empty();
            }
            List<String> against = Verdicts.against(v, f, s);
            String label = f.reading().label();
            Stream<Finding> excluded = against.isEmpty()
                    ? Stream.empty()
                    : Stream.of(Finding.of(
                            "verdict:" + label + ":" + v,
                            SECOND_OPINION,
                            2,
                            label,
                            label + ": \"" + v.words() + "\" is chosen and excluded here: "
                                    + String.join("; ", against),
                            "what is excluded is not chosen by one person alone",
                            "practice rule",
                            "choose another way, or a second opinion"));
            Stream<Finding> planned = v.left() && s.ahead(label).findAny().isPresent()
                    ? Stream.of(Finding.of(
                            "left:" + label,
                            Severity.STOP,
                            2,
                            label,
                            label + " is left, yet a step works on it",
                            "one plan, one meaning",
                            "practice rule",
                            "take the step out, or choose another way"))
                    : Stream.empty();
            Stream<Finding> felling = v.left() && f.fixed()
                    ? Stream.of(Finding.of(
                            "left-lay:" + label,
                            CAUTION,
                            2,
                            label,
                            label + " is left, yet its lay of "
                                    + Rounding.upText(f.lay()
                                            .map(l -> l.choice().layDeg())
                                            .orElse(0.0)) + "° is fixed",
                            "one plan, one meaning",
                            "practice rule",
                            "let go of the lay, or choose another way"))
                    : Stream.empty();
            return Stream.of(excluded, planned, felling).flatMap(x -> x);
        });
    }
}
