package org.antevid.core.rule;

import static org.antevid.core.rule.Severity.CAUTION;
import static org.antevid.core.rule.Severity.NOTE;
import static org.antevid.core.rule.Severity.SECOND_OPINION;
import static org.antevid.core.rule.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.cut.SplitRisk;
import org.antevid.core.cut.StrapHold;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.stem.StemState;

/** What the chosen lays do to targets, people and the cutter's way out. */
final class LayRules {
    static final List<Rule> ALL = List.of(LayRules::strike, LayRules::touched, LayRules::lost, LayRules::hangUp, LayRules::guy, LayRules::split, LayRules::reach,
        LayRules::control, LayRules::people, LayRules::escape, LayRules::fixed);

    private LayRules() {
    }

    private static Stream<LayPlan> lays(Situation s) {
        return s.stems().stream().filter(f -> f.reading().state() != StemState.FELLED).flatMap(f -> f.lay().stream());
    }

    /** A target likelier hit than its worth allows is a stop; where control is not proven, one anywhere in the circle. */
    private static Stream<Finding> strike(Situation s) {
        return lays(s).flatMap(p -> p.targets().stream().filter(t -> t.blocks(p.control().proven())).map(t -> Finding.of(
            "fan:" + p.stem().label() + ":" + t.feature().id(), p.control().proven() || t.feature().worth() > 1 ? STOP : CAUTION, 3, p.stem().label(),
            p.stem().label() + ": " + t.struck().map(k -> "lay " + Azimuth.digits(p.choice().layDeg()) + "° strikes the " + t.feature().name() + " with a chance of " + Rounding.chance(k.strike().controlled())
                + ", at worth " + t.feature().worth() + " " + Rounding.chance(k.limit()) + " is the limit")
                .orElse("control not proven, the whole circle counts; it takes in the " + t.feature().name()),
            "spread, bias, crown and throw must clear every target as far as its worth asks", "geometry and mechanics",
            p.control().proven() ? "turn the lay, or take the target away" : "prove control (" + String.join("; ", p.control().reasons()) + ") or take the target away")));
    }

    /** In the fan, though less likely hit than its worth allows. */
    private static Stream<Finding> touched(Situation s) {
        return lays(s).flatMap(p -> p.targets().stream().filter(t -> t.inFan() && t.feature().mustNotBeHit() && p.control().proven() && !t.blocks(true)).map(t -> Finding.of(
            "touched:" + p.stem().label() + ":" + t.feature().id(), CAUTION, 3, p.stem().label(),
            p.stem().label() + ": the " + t.feature().name() + " lies in the fan of " + Azimuth.digits(p.choice().layDeg()) + "°" + t.struck().map(k -> ", chance of a strike " + Rounding.chance(k.strike().decision())).orElse(", thrown wood reaches it"),
            "what may be struck or showered is known before the cut", "geometry and mechanics", "turn the lay, take it away, or acknowledge")));
    }

    /** Only losing control altogether makes it too likely: that is for restraint or dismantling, not for aim. */
    private static Stream<Finding> lost(Situation s) {
        return lays(s).filter(p -> p.control().proven()).flatMap(p -> p.targets().stream().flatMap(t -> t.struck().filter(k -> k.onlyWhenLost() && t.feature().mustNotBeHit()).stream()
            .map(k -> Finding.of("lost:" + p.stem().label() + ":" + t.feature().id(), SECOND_OPINION, 3, p.stem().label(),
                p.stem().label() + ": should control be lost, the " + t.feature().name() + " is struck with a chance of " + Rounding.chance(k.strike().decision()) + ", limit " + Rounding.chance(k.limit()),
                "no aim helps once the hinge has gone; only restraint or dismantling does", "mechanics and judgement",
                "restrain it with guys, dismantle it, take the target away, or a second opinion"))));
    }

    /** Crowns that would catch it. */
    private static Stream<Finding> hangUp(Situation s) {
        return lays(s).flatMap(p -> p.row().stream().filter(r -> r.hangUp() > 0.2).map(r -> Finding.of("hangup:" + p.stem().label(), r.blocks().contains("HANG_UP") ? STOP : CAUTION, 3, p.stem().label(),
            p.stem().label() + ": may hang up in " + String.join(", ", r.hangUps().entrySet().stream().sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .map(e -> e.getKey() + " (" + Rounding.chance(e.getValue()) + ")").toList()),
            "crowns that meet early in the fall hold it", "judgement on an energy argument", r.blocks().contains("HANG_UP") ? "turn the lay or take the neighbour first" : "turn the lay, have a line ready, or acknowledge")));
    }

    /** A side lean that asks this much of the hinge is guyed. */
    private static Stream<Finding> guy(Situation s) {
        return lays(s).filter(p -> p.control().proven()).flatMap(p -> p.row().stream().filter(Sweep.Row::withGuy).map(r -> Finding.of("guy:" + p.stem().label(), CAUTION, 3, p.stem().label(),
            p.stem().label() + ": the side lean uses " + Math.round(Math.ceil(100 * r.use())) + " % of what the hinge holds", "from 60 % on a hinge is not left alone with a side lean", "mechanics and judgement",
            "guy it to the side, turn the lay, or acknowledge")));
    }

    /** Splitting up the stem by this lay's forward moment. */
    private static Stream<Finding> split(Situation s) {
        return lays(s).flatMap(p -> p.row().stream().map(Sweep.Row::split).filter(r -> r.advice() != SplitRisk.Advice.STANDARD && !CutRules.heeds(p, r.advice())).map(r -> {
            boolean never = r.advice() == SplitRisk.Advice.DO_NOT_HAND_FELL;
            return Finding.of("split:" + p.stem().label(), never ? STOP : CAUTION, 3, p.stem().label(),
                p.stem().label() + ": with this lay the stem can split up while it is cut (" + r.backCut().key() + "): " + r.advice().key().replace('_', ' '),
                "a leaning stem cut from the back splits before it goes", "practice rule and mechanics, the worse decides", never ? "another lay, a machine, or dismantle" : r.advice().key().replace('_', ' ') + ", and acknowledge");
        }));
    }

    /** A target inside the reach but clear of the fan is listed. */
    private static Stream<Finding> reach(Situation s) {
        return lays(s).flatMap(p -> p.targets().stream().filter(t -> t.inReach() && !t.inFan() && t.feature().mustNotBeHit())
            .map(t -> Finding.of("reach:" + p.stem().label() + ":" + t.feature().id(), NOTE, 3, p.stem().label(),
                p.stem().label() + ": " + t.feature().name() + " is within reach, " + Rounding.downText(t.clearanceM()) + " m clear of the fan",
                "whatever lies in reach is told in the briefing", "geometry", "told in the briefing")));
    }

    private static Stream<Finding> control(Situation s) {
        return lays(s).filter(p -> !p.control().proven()).map(p -> Finding.of("control:" + p.stem().label(), CAUTION, 3, p.stem().label(),
            p.stem().label() + ": the lay is not proven: " + String.join("; ", p.control().reasons()),
            "where hinge and means cannot be shown to govern the fall, every direction counts", "mechanics",
            "measure the lean, choose stronger means or another lay"));
    }

    /** People inside an exclusion ring: somebody must be named for getting them out. */
    private static Stream<Finding> people(Situation s) {
        List<Finding> found = new ArrayList<>();
        for (Feature f : s.site().features()) {
            if (!f.mayHoldPeopleNow()) {
                continue;
            }
            List<String> rings = lays(s).filter(p -> f.shape().distanceTo(p.stem().at()) <= p.zone().exclusionM()).map(p -> p.stem().label()).toList();
            if (rings.isEmpty()) {
                continue;
            }
            boolean named = f.peopleTakenCareOf();
            found.add(Finding.of("people:" + f.id(), named ? CAUTION : STOP, named ? 8 : 1, f.id(),
                f.name() + (f.kind() == FeatureKind.ANIMAL_PEN ? " may hold animals inside the ring of " : " may hold people inside the ring of ") + String.join(", ", rings)
                    + (named ? ": " + f.protectedBy() + " sees to it, not done yet" : ": nobody is named to clear it"),
                "nobody but the named people is inside the ring while the saw runs", "practice rule",
                named ? "done and confirmed before the go" : "name who empties, moves or closes it"));
        }
        return found.stream();
    }

    private static Stream<Finding> escape(Situation s) {
        return lays(s).flatMap(p -> {
            String label = p.stem().label();
            EscapeRoutes e = p.escape();
            if (e.best().isEmpty()) {
                return Stream.of(Finding.of("escape:" + label, STOP, 3, label, label + ": no way out for the cutter, both sides barred by "
                    + String.join(", ", e.routes().stream().flatMap(r -> r.blockedBy().stream()).distinct().toList()),
                    "no cut without two ways out, 135 degrees to either side of the lay", "practice rule", "clear a way or turn the lay"));
            }
            Stream<Finding> barred = e.routes().stream().filter(r -> !r.open()).map(r -> Finding.of("escape:" + label + ":" + r.side().key(),
                CAUTION, 3, label, label + ": the way out to the " + r.side().key() + " is barred by " + String.join(", ", r.blockedBy()),
                "each cutting position has a main and an alternate way out", "practice rule", "clear it, turn the lay, or acknowledge one way"));
            Stream<Finding> slow = e.warnings().contains("TOO_SLOW_TO_CLEAR") ? tooSlow(p) : Stream.empty();
            return Stream.of(barred, slow, cover(p)).flatMap(x -> x);
        });
    }

    /** Stepping behind a tree is no distance, whatever the clock says. */
    private static Stream<Finding> cover(LayPlan p) {
        String label = p.stem().label();
        return p.choice().leaving().coverTree().stream().map(tree -> Finding.of("cover:" + label, SECOND_OPINION, 3, label, label + ": he is to step behind " + tree + " instead of being clear in time",
            "a cover tree is no distance", "practice rule", "clear the way, pull after he has left, name no cover tree, or a second opinion"));
    }

    /** Too slow stops until the plan changes; says which change would do. */
    private static Stream<Finding> tooSlow(LayPlan p) {
        String label = p.stem().label();
        if (p.choice().leaving().clock() == Leaving.Clock.AT_PULL && p.choice().means().isLine()) {
            return Stream.empty();
        }
        if (p.choice().leaving().coverTree().isPresent()) {
            return Stream.empty();
        }
        List<String> helps = new ArrayList<>();
        p.reachedIfClearedM().filter(m -> m >= 3).ifPresent(m -> helps.add("clear the way: then " + Rounding.downText(m) + " m"));
        if (p.choice().means().isLine() && p.strap().filter(StrapHold::holds).isPresent()) {
            helps.add("pull only when he has left, the strap holds");
        }
        helps.add("another lay");
        helps.add("a cover tree, with a second opinion");
        return Stream.of(Finding.of("slow:" + label, STOP, 3, label, label + ": only " + Rounding.downText(p.escape().reachedM().orElse(0.0)) + " m walked when the tree lands",
            "three metres are to be covered by then", "mechanics", String.join("; or ", helps)));
    }

    /** A stem that is to be felled has its lay and drop zone fixed. */
    private static Stream<Finding> fixed(Situation s) {
        return s.steps().stream().filter(st -> st.kind() == Step.Kind.FELL && !st.done()).flatMap(st -> st.stem().stream()).distinct()
            .flatMap(label -> s.stem(label).stream()).flatMap(f -> {
                String label = f.reading().label();
                if (f.lay().isEmpty()) {
                    List<String> missing = f.reading().notKnown();
                    return Stream.of(Finding.of("lay:" + label, STOP, missing.isEmpty() ? 3 : 2, label, label + ": is to be felled, but "
                        + (missing.isEmpty() ? "has no lay" : "its " + String.join(", ", missing) + " is not known"),
                        "no cut without a lay that was computed", "practice rule", missing.isEmpty() ? "choose a lay" : "measure it"));
                }
                return f.fixed() && f.dropZone().isPresent() ? Stream.empty() : Stream.of(Finding.of("fix:" + label, STOP, 3, label,
                    label + ": lay and drop zone are not fixed", "the crew is briefed on a lay that stands", "practice rule",
                    "fix the lay and the drop zone"));
            });
    }
}
