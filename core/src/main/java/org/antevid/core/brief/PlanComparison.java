package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.core.crew.Step;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemState;

/**
 * What differs between two plans, in words and with the places on the plan. Nothing is left out that a person acts on.
 */
public final class PlanComparison {
    private PlanComparison() {}

    /** One difference; {@code from} and {@code to} are places on the plan where there are any. */
    public record Change(String subject, String words, Optional<Spot> from, Optional<Spot> to) {}

    public static List<Change> between(PlanDocument before, PlanDocument after) {
        List<Change> changes = new ArrayList<>();
        if (before.windLimitMs() != after.windLimitMs()) {
            changes.add(plain(
                    "wind",
                    String.format(
                            Locale.ROOT, "wind limit %.1f, was %.1f m/s", after.windLimitMs(), before.windLimitMs())));
        }
        if (before.slopeDeg() != after.slopeDeg() || before.downhillDeg() != after.downhillDeg()) {
            changes.add(plain(
                    "ground",
                    String.format(
                            Locale.ROOT,
                            "slope %.0f° down to %s, was %.0f° to %s",
                            after.slopeDeg(),
                            Azimuth.digits(after.downhillDeg()),
                            before.slopeDeg(),
                            Azimuth.digits(before.downhillDeg()))));
        }
        if (!before.emergency().equals(after.emergency())) {
            changes.add(plain("emergency", "the emergency card changed"));
        }
        things(before, after, changes);
        stems(before, after, changes);
        steps(before, after, changes);
        return List.copyOf(changes);
    }

    private static void things(PlanDocument before, PlanDocument after, List<Change> changes) {
        Map<String, PlanDocument.Thing> old = index(before.things(), PlanDocument.Thing::id);
        for (PlanDocument.Thing t : after.things()) {
            PlanDocument.Thing was = old.remove(t.id());
            if (was == null) {
                changes.add(new Change(
                        t.id(),
                        t.name() + " is new on the plan",
                        Optional.empty(),
                        Optional.of(t.outline().get(0))));
                continue;
            }
            if (!was.outline().equals(t.outline())) {
                Spot from = was.outline().get(0);
                Spot to = t.outline().get(0);
                changes.add(new Change(
                        t.id(),
                        String.format(
                                Locale.ROOT,
                                "%s moved %.1f m to %s°",
                                t.name(),
                                from.distanceTo(to),
                                Azimuth.digits(from.bearingTo(to))),
                        Optional.of(from),
                        Optional.of(to)));
            }
            differs(t.name() + " is now called", was.name(), t.name(), t.id(), changes);
            differs("worth of " + t.name(), was.worth(), t.worth(), t.id(), changes);
            differs(
                    t.name() + " may be hit",
                    was.mayBeHit() ? "yes" : "no",
                    t.mayBeHit() ? "yes" : "no",
                    t.id(),
                    changes);
            differs("protection of " + t.name(), was.protection(), t.protection(), t.id(), changes);
            differs("who sees to " + t.name(), was.protectedBy(), t.protectedBy(), t.id(), changes);
            differs("size of " + t.name(), was.radiusM(), t.radiusM(), t.id(), changes);
        }
        old.values()
                .forEach(t -> changes.add(new Change(
                        t.id(),
                        t.name() + " is gone from the plan",
                        Optional.of(t.outline().get(0)),
                        Optional.empty())));
    }

    private static void stems(PlanDocument before, PlanDocument after, List<Change> changes) {
        Map<String, PlanDocument.StemPart> old = index(before.stems(), PlanDocument.StemPart::label);
        for (PlanDocument.StemPart s : after.stems()) {
            PlanDocument.StemPart was = old.remove(s.label());
            if (was == null) {
                changes.add(new Change(s.label(), s.label() + " is new", Optional.empty(), Optional.of(s.at())));
                continue;
            }
            if (asPlanned(before, s)) {
                continue;
            }
            differs(s.label() + " is", was.state(), s.state(), s.label(), changes);
            differs("height of " + s.label(), round(was.heightHighM()), round(s.heightHighM()), s.label(), changes);
            if (!was.at().equals(s.at())) {
                changes.add(new Change(
                        s.label(),
                        s.label() + " stands elsewhere on the plan",
                        Optional.of(was.at()),
                        Optional.of(s.at())));
            }
            lay(s, was, changes);
        }
        old.keySet().forEach(l -> changes.add(plain(l, l + " is gone from the plan")));
    }

    /** A stem that came down by a step of the plan is no change of the plan. */
    private static boolean asPlanned(PlanDocument before, PlanDocument.StemPart now) {
        boolean down =
                now.state().equals(StemState.FELLED.words()) || now.state().equals(StemState.LYING.words());
        return down
                && before.steps().stream()
                        .anyMatch(st -> (st.kind() == Step.Kind.FELL || st.kind() == Step.Kind.RELEASE)
                                && st.stem().filter(now.label()::equals).isPresent());
    }

    private static void lay(PlanDocument.StemPart s, PlanDocument.StemPart was, List<Change> changes) {
        if (was.lay().isEmpty() || s.lay().isEmpty()) {
            if (was.lay().isPresent() != s.lay().isPresent()) {
                changes.add(plain(
                        s.label(),
                        "lay of " + s.label() + (s.lay().isPresent() ? " is now fixed" : " is no longer fixed")));
            }
            return;
        }
        PlanDocument.LayPart a = was.lay().get();
        PlanDocument.LayPart b = s.lay().get();
        differs(
                "lay of " + s.label(),
                Azimuth.digits(a.layDeg()) + "°",
                Azimuth.digits(b.layDeg()) + "°",
                s.label(),
                changes);
        differs("exclusion ring of " + s.label() + " (m)", a.exclusionM(), b.exclusionM(), s.label(), changes);
        differs("reach of " + s.label() + " (m)", a.reachM(), b.reachM(), s.label(), changes);
        differs("type of cut of " + s.label(), a.school(), b.school(), s.label(), changes);
        differs("what brings " + s.label() + " over", a.means(), b.means(), s.label(), changes);
        cuts(s.label(), a, b, changes);
        if (!a.dropZone().equals(b.dropZone())) {
            changes.add(plain(s.label(), "drop zone of " + s.label() + " is drawn anew"));
        }
        if (!ways(a.waysOut()).equals(ways(b.waysOut()))) {
            changes.add(plain(s.label(), "ways out at " + s.label() + " changed"));
        }
        if (!clips(a).equals(clips(b))) {
            changes.add(plain(s.label(), "what is taken out of the zones of " + s.label() + " changed"));
        }
    }

    /** Everything on the card that somebody cuts or pulls by. */
    private static void cuts(
            String label, PlanDocument.LayPart before, PlanDocument.LayPart after, List<Change> changes) {
        if (before.cuts().isEmpty() || after.cuts().isEmpty()) {
            return;
        }
        CutPart a = before.cuts().get();
        CutPart b = after.cuts().get();
        Map<String, String> was =
                a.measures().stream().collect(Collectors.toMap(CutPart.Said::key, CutPart.Said::metric, (x, y) -> x));
        b.measures()
                .forEach(m -> differs(
                        m.words() + " of " + label, was.getOrDefault(m.key(), "none"), m.metric(), label, changes));
        differs("back cut of " + label, a.backCut(), b.backCut(), label, changes);
        differs("height of the cut of " + label, metres(a.cutHeightM()), metres(b.cutHeightM()), label, changes);
        differs("bar for " + label, metres(a.barM()), metres(b.barM()), label, changes);
        differs("side to stand on at " + label, a.stand(), b.stand(), label, changes);
        differs("sound wood in the opened face of " + label, sound(a), sound(b), label, changes);
        if (!a.help().equals(b.help())) {
            changes.add(plain(label, "wedges, line or signal of " + label + " changed"));
        }
    }

    private static String metres(double m) {
        return String.format(Locale.ROOT, "%.2f m", m);
    }

    private static String sound(CutPart c) {
        return c.soundLeftM()
                .map(l -> String.format(
                        Locale.ROOT,
                        "%.0f mm left, %.0f mm right",
                        1000 * l,
                        1000 * c.soundRightM().orElse(0.0)))
                .orElse("not looked at");
    }

    /** Where each way ends: how it is drawn in between follows from that and the obstacles. */
    private static List<List<Object>> ways(List<PlanDocument.WayPart> ways) {
        return ways.stream()
                .map(w -> List.<Object>of(w.name(), w.azimuthDeg(), w.lengthM()))
                .toList();
    }

    private static List<String> clips(PlanDocument.LayPart lay) {
        return lay.zones().stream()
                .flatMap(z -> z.clippedBy().stream().map(c -> z.words() + ": " + c))
                .toList();
    }

    private static void steps(PlanDocument before, PlanDocument after, List<Change> changes) {
        Map<String, PlanDocument.StepPart> old = index(before.steps(), PlanDocument.StepPart::id);
        for (PlanDocument.StepPart s : after.steps()) {
            PlanDocument.StepPart was = old.remove(s.id());
            String name = "step " + s.turn() + ", " + s.title();
            if (was == null) {
                changes.add(plain(s.id(), name + ", is new"));
                continue;
            }
            differs("order of " + s.title(), was.turn(), s.turn(), s.id(), changes);
            if (was.startMin() != s.startMin() || was.endMin() != s.endMin()) {
                changes.add(plain(s.id(), name + ": other time"));
            }
            if (s.stem()
                    .flatMap(after::stem)
                    .filter(stem -> asPlanned(before, stem))
                    .isEmpty()) {
                posts(name, was, s, changes);
            }
        }
        old.values().forEach(s -> changes.add(plain(s.id(), s.title() + " is no longer a step")));
    }

    private static void posts(String name, PlanDocument.StepPart was, PlanDocument.StepPart now, List<Change> changes) {
        Map<String, PlanDocument.PostPart> old = index(was.posts(), p -> p.role() + p.personId());
        for (PlanDocument.PostPart p : now.posts()) {
            PlanDocument.PostPart before = old.remove(p.role() + p.personId());
            if (before == null) {
                changes.add(plain(
                        now.id(),
                        name + ": " + p.person() + " is now " + p.role().words()));
            } else if (!before.stand().equals(p.stand())) {
                changes.add(new Change(
                        now.id(), name + ": " + p.person() + " stands elsewhere", before.stand(), p.stand()));
            } else if (!ways(before.waysOut()).equals(ways(p.waysOut()))) {
                changes.add(new Change(
                        now.id(), name + ": " + p.person() + " has another way out", before.stand(), p.stand()));
            }
        }
        old.values()
                .forEach(p -> changes.add(plain(
                        now.id(),
                        name + ": " + p.person() + " is no longer " + p.role().words())));
    }

    private static void differs(String what, Object was, Object now, String subject, List<Change> changes) {
        if (!was.equals(now)) {
            changes.add(plain(
                    subject,
                    what + " " + (now.toString().isEmpty() ? "nobody" : now) + ", was "
                            + (was.toString().isEmpty() ? "nobody" : was)));
        }
    }

    private static String round(Optional<Double> metres) {
        return metres.map(m -> String.format(Locale.ROOT, "%.1f m", m)).orElse("not known");
    }

    private static Change plain(String subject, String words) {
        return new Change(subject, words, Optional.empty(), Optional.empty());
    }

    private static <T> Map<String, T> index(List<T> list, Function<T, String> key) {
        return list.stream().collect(Collectors.toMap(key, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }
}
