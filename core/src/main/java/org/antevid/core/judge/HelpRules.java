package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.Pull;
import org.antevid.core.lay.Guy;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.Rounding;

/** Whether wedges, line and guy are enough, bear what they get, and are in somebody's hands. */
final class HelpRules {
    static final List<CutRules.OfCard> CHECKS = List.of(
            HelpRules::rigging, HelpRules::unchecked, HelpRules::fallback, HelpRules::atTheLine, HelpRules::guy);

    private HelpRules() {}

    private static String label(CutPlan p) {
        return p.lay().stem().label();
    }

    /** @return what would be enough next, easiest first */
    static String next(LayPlan p) {
        return switch (p.choice().means().kind()) {
            case NOTHING, LEVER -> "wedges, a line from the front";
            case WEDGES -> "a thinner hinge within the rule, a second pair of wedges, a lever, a hand line, a machine";
            case HAND_LINE -> "a hauling system with more parts, or a machine";
            case MACHINE_LINE ->
                p.control()
                        .neededN()
                        .map(n -> "a pull of " + Rounding.pull(n) + ", tied higher, or farther out")
                        .orElse("a stronger pull");
        };
    }

    private static Stream<Finding> rigging(CutPlan p, Situation s) {
        return Stream.concat(
                        p.refused().stream()
                                .map(r -> Finding.of(
                                        "pull:" + label(p),
                                        STOP,
                                        4,
                                        label(p),
                                        label(p) + ": " + r,
                                        "a pull that cannot be computed is none",
                                        "statics",
                                        "measure or move the line")),
                        Stream.of(p.pull(), p.fallback())
                                .flatMap(Optional::stream)
                                .flatMap(l -> l.checks().stream()
                                        .filter(c -> c.ok().filter(ok -> !ok).isPresent())
                                        .map(c -> failed(p, l, c))))
                .distinct();
    }

    private static Finding failed(CutPlan p, Pull l, Pull.Check c) {
        boolean second = p.fallback().filter(l::equals).isPresent();
        boolean lull = c.key().equals(Pull.LULL);
        boolean old = c.lookAgain();
        return Finding.of(
                "rig:" + label(p) + ":" + (second ? "fallback:" : "") + c.key(),
                old || second ? CAUTION : STOP,
                4,
                label(p),
                label(p) + (second ? ", fallback: " : ": ") + c.words(),
                "a line is as strong as its weakest piece; the pull in the wind counts",
                "statics",
                lull
                        ? "wait for a lull, more people or parts, or acknowledge"
                        : c.key().equals("bends")
                                ? "tied lower, less pull, or acknowledge"
                                : old
                                        ? "another rope, or acknowledge the maker's life"
                                        : "stronger kit, less pull, or another way to rig it");
    }

    private static Stream<Finding> unchecked(CutPlan p, Situation s) {
        return p.pull().stream()
                .map(l -> l.checks().stream()
                        .filter(c -> c.ok().isEmpty())
                        .map(Pull.Check::words)
                        .collect(Collectors.joining("; ")))
                .filter(w -> !w.isEmpty())
                .map(w -> Finding.of(
                        "kit:" + label(p),
                        CAUTION,
                        4,
                        label(p),
                        label(p) + ": not checked: " + w,
                        "what nobody chose from the list nobody has checked",
                        "practice rule",
                        "choose it from the house's list, or acknowledge"));
    }

    private static Stream<Finding> fallback(CutPlan p, Situation s) {
        boolean onOneLine =
                p.lay().row().filter(r -> r.backHighNm() > Sweep.PUSH_NM).isPresent()
                        && p.lay().choice().means().isLine()
                        && p.lay().choice().support().fallback().isEmpty();
        return !onOneLine
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "fallback:" + label(p),
                        CAUTION,
                        4,
                        label(p),
                        label(p) + ": it hangs on one line, and no fallback is named",
                        "what is done when it does not move is decided before it does not move",
                        "practice rule",
                        "name a second line, or acknowledge"));
    }

    /** Somebody stands at the line who is named for it. */
    private static Stream<Finding> atTheLine(CutPlan p, Situation s) {
        if (!p.lay().choice().means().isLine()) {
            return Stream.empty();
        }
        Role puller = p.lay().choice().means().kind() == Means.Kind.MACHINE_LINE ? Role.WINCH : Role.GROUND;
        return s.ahead(label(p))
                .filter(st -> st.kind() == Step.Kind.FELL && st.posts().stream().noneMatch(x -> x.role() == puller))
                .map(st -> Finding.of(
                        "atline:" + st.id(),
                        STOP,
                        6,
                        st.id(),
                        "step " + st.turn() + ", " + st.title() + ": nobody is named at the "
                                + p.lay().choice().means().kind().words(),
                        "one gives the signal, one reads it back and pulls",
                        "practice rule",
                        "name the " + puller.words()));
    }

    private static Stream<Finding> guy(CutPlan p, Situation s) {
        return p.lay().choice().support().guy().stream().flatMap((Guy g) -> {
            if (p.guy().isEmpty()) {
                return Stream.of(Finding.of(
                        "guy:" + label(p) + ":side",
                        STOP,
                        4,
                        label(p),
                        label(p) + ": the guy is anchored where it cannot hold the side lean",
                        "a guy only pulls toward its anchor",
                        "statics",
                        "anchor it on the side away from the lean, square to the lay, or leave it out"));
            }
            List<String> w = p.guy().orElseThrow().warnings();
            double most = p.guy().orElseThrow().lengthChangeM().values().stream()
                    .mapToDouble(x -> x)
                    .max()
                    .orElse(0);
            return Stream.of(
                            w.contains("GUY_TIGHTENS_AS_TREE_FALLS")
                                    ? Optional.of(Finding.of(
                                            "guy:" + label(p) + ":tight",
                                            STOP,
                                            4,
                                            label(p),
                                            String.format(
                                                    Locale.ROOT,
                                                    "%s: the guy tightens by %.1f m as it falls, brakes "
                                                            + "it and breaks",
                                                    label(p),
                                                    Rounding.up(most, 1)),
                                            "only an anchor on the extended hinge line keeps its length",
                                            "geometry",
                                            "move the anchor to the extended hinge line, level with it, "
                                                    + "or ahead of it"))
                                    : Optional.<Finding>empty(),
                            w.contains("GUY_GOES_SLACK")
                                    ? Optional.of(Finding.of(
                                            "guy:" + label(p) + ":slack",
                                            CAUTION,
                                            4,
                                            label(p),
                                            label(p) + ": the guy goes slack as it falls and no longer holds",
                                            "only an anchor on the extended hinge line keeps its length",
                                            "geometry",
                                            "move the anchor back to the hinge line, or acknowledge"))
                                    : Optional.<Finding>empty(),
                            g.rope().isEmpty()
                                    ? Optional.of(Finding.of(
                                            "guy:" + label(p) + ":rope",
                                            CAUTION,
                                            4,
                                            label(p),
                                            label(p) + ": no rope chosen for the guy; nothing is counted on it",
                                            "what nobody chose from the list nobody has checked",
                                            "practice rule",
                                            "choose a rope from the house's list"))
                                    : Optional.<Finding>empty(),
                            w.contains("ROPE_OVERLOADED")
                                    ? Optional.of(Finding.of(
                                            "guy:" + label(p) + ":weak",
                                            STOP,
                                            4,
                                            label(p),
                                            String.format(
                                                    Locale.ROOT,
                                                    "%s: the guy gets %s, more than its rope may carry",
                                                    label(p),
                                                    Rounding.pull(p.guy()
                                                            .orElseThrow()
                                                            .tensionN())),
                                            "a line is as strong as its weakest piece",
                                            "statics",
                                            "a stronger rope, tied higher, or another lay"))
                                    : Optional.<Finding>empty())
                    .flatMap(Optional::stream);
        });
    }
}
