package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Plain;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemState;

/** What differs between two plans, with the places on the plan. Nothing is left out that a person acts on. */
public final class PlanComparison {
    private static final String WAS = "was";
    private static final String NOW = "now";
    private final PlanDocument before;
    private final PlanDocument after;
    private final List<Change> changes = new ArrayList<>();

    private PlanComparison(PlanDocument before, PlanDocument after) {
        this.before = before;
        this.after = after;
    }

    /**
     * One difference; {@code from} and {@code to} are places on the plan where there are any.
     *
     * @param subject id of the feature or step, label of the stem, or the name of what belongs to the whole job
     */
    public record Change(String subject, Message says, Optional<Spot> from, Optional<Spot> to) {}

    public static List<Change> between(PlanDocument before, PlanDocument after) {
        PlanComparison c = new PlanComparison(before, after);
        c.job();
        c.things();
        c.stems();
        c.steps();
        return List.copyOf(c.changes);
    }

    private void job() {
        differs(
                ChangeWords.WIND_LIMIT,
                "wind",
                "",
                Arg.down(Dimension.SPEED, before.windLimitMs()),
                Arg.down(Dimension.SPEED, after.windLimitMs()));
        if (before.slopeDeg() != after.slopeDeg() || before.downhillDeg() != after.downhillDeg()) {
            plain(
                    "ground",
                    Message.of(ChangeWords.GROUND)
                            .with("slope", Arg.of(Dimension.SECTOR, after.slopeDeg()))
                            .with("down", Arg.azimuth(after.downhillDeg()))
                            .with("slopeWas", Arg.of(Dimension.SECTOR, before.slopeDeg()))
                            .with("downWas", Arg.azimuth(before.downhillDeg())));
        }
        if (!before.radioChannel().equals(after.radioChannel())) {
            plain(
                    "radio",
                    Message.of(ChangeWords.RADIO)
                            .with("now", after.radioChannel().map(Arg::name))
                            .with("was", before.radioChannel().map(Arg::name)));
        }
        if (!before.emergency().equals(after.emergency())) {
            plain("emergency", Message.of(ChangeWords.EMERGENCY_CARD));
        }
    }

    private void things() {
        Map<String, PlanDocument.Thing> old = index(before.things(), PlanDocument.Thing::id);
        for (PlanDocument.Thing t : after.things()) {
            PlanDocument.Thing was = old.remove(t.id());
            if (was == null) {
                changes.add(new Change(t.id(), said(ChangeWords.NEW_THING, t.name()), Optional.empty(), place(t)));
                continue;
            }
            moved(was, t);
            differs(ChangeWords.RENAMED, t.id(), t.name(), name(was.name()), name(t.name()));
            differs(ChangeWords.WORTH, t.id(), t.name(), Arg.count(was.worth()), Arg.count(t.worth()));
            differs(ChangeWords.MAY_BE_HIT, t.id(), t.name(), Arg.flag(was.mayBeHit()), Arg.flag(t.mayBeHit()));
            differs(ChangeWords.PROTECTION, t.id(), t.name(), Arg.term(was.protection()), Arg.term(t.protection()));
            differs(ChangeWords.PROTECTED_BY, t.id(), t.name(), name(was.protectedBy()), name(t.protectedBy()));
            differs(
                    ChangeWords.SIZE,
                    t.id(),
                    t.name(),
                    Arg.of(Dimension.LENGTH, was.radiusM()),
                    Arg.of(Dimension.LENGTH, t.radiusM()));
        }
        old.values()
                .forEach(t ->
                        changes.add(new Change(t.id(), said(ChangeWords.GONE, t.name()), place(t), Optional.empty())));
    }

    private void moved(PlanDocument.Thing was, PlanDocument.Thing now) {
        if (was.outline().equals(now.outline())) {
            return;
        }
        Spot from = was.outline().get(0);
        Spot to = now.outline().get(0);
        changes.add(new Change(
                now.id(),
                said(ChangeWords.MOVED, now.name())
                        .with("by", Arg.of(Dimension.LENGTH, from.distanceTo(to)))
                        .with("to", Arg.azimuth(from.bearingTo(to))),
                Optional.of(from),
                Optional.of(to)));
    }

    private static Optional<Spot> place(PlanDocument.Thing t) {
        return Optional.of(t.outline().get(0));
    }

    private void stems() {
        Map<String, PlanDocument.StemPart> old = index(before.stems(), PlanDocument.StemPart::label);
        for (PlanDocument.StemPart s : after.stems()) {
            PlanDocument.StemPart was = old.remove(s.label());
            if (was == null) {
                changes.add(new Change(
                        s.label(), said(ChangeWords.NEW_STEM, s.label()), Optional.empty(), Optional.of(s.at())));
                continue;
            }
            if (asPlanned(s)) {
                continue;
            }
            differs(ChangeWords.STATE, s.label(), s.label(), Arg.term(was.state()), Arg.term(s.state()));
            differs(ChangeWords.HEIGHT, s.label(), s.label(), high(was), high(s));
            if (!was.at().equals(s.at())) {
                changes.add(new Change(
                        s.label(),
                        said(ChangeWords.STANDS_ELSEWHERE, s.label()),
                        Optional.of(was.at()),
                        Optional.of(s.at())));
            }
            lay(s, was);
            closed(s, was);
        }
        old.keySet().forEach(l -> plain(l, said(ChangeWords.GONE, l)));
    }

    private static Arg high(PlanDocument.StemPart s) {
        return s.heightHighM().map(h -> Arg.up(Dimension.LENGTH, h)).orElseGet(() -> Arg.name(""));
    }

    /** A stem that came down by a step of the plan is no change of the plan. */
    private boolean asPlanned(PlanDocument.StemPart now) {
        boolean down = now.state().gone() || now.state() == StemState.LYING;
        return down
                && before.steps().stream()
                        .anyMatch(st -> (st.kind() == Step.Kind.FELL
                                        || st.kind() == Step.Kind.RELEASE
                                        || st.kind() == Step.Kind.CROSSCUT
                                        || st.kind() == Step.Kind.ALOFT)
                                && st.stem().filter(now.label()::equals).isPresent());
    }

    /** Older documents do not say what is closed round a stem that hangs or lies. */
    private void closed(PlanDocument.StemPart s, PlanDocument.StemPart was) {
        if (was.closed().isPresent() && s.closed().isPresent()) {
            differs(ChangeWords.RING, s.label(), s.label(), ring(was), ring(s));
        }
    }

    private static Arg ring(PlanDocument.StemPart s) {
        return s.ringM().map(m -> Arg.up(Dimension.DISTANCE, m)).orElseGet(() -> Arg.name(""));
    }

    private void lay(PlanDocument.StemPart s, PlanDocument.StemPart was) {
        String label = s.label();
        if (was.lay().isEmpty() || s.lay().isEmpty()) {
            if (was.lay().isPresent() != s.lay().isPresent()) {
                plain(
                        label,
                        said(s.lay().isPresent() ? ChangeWords.LAY_FIXED : ChangeWords.LAY_NO_LONGER_FIXED, label));
            }
            return;
        }
        PlanDocument.LayPart a = was.lay().get();
        PlanDocument.LayPart b = s.lay().get();
        differs(ChangeWords.LAY, label, label, Arg.azimuth(a.layDeg()), Arg.azimuth(b.layDeg()));
        differs(
                ChangeWords.RING,
                label,
                label,
                Arg.up(Dimension.DISTANCE, a.exclusionM()),
                Arg.up(Dimension.DISTANCE, b.exclusionM()));
        differs(ChangeWords.REACH, label, label, up(a.reachM()), up(b.reachM()));
        differs(ChangeWords.TYPE_OF_CUT, label, label, Arg.term(a.school()), Arg.term(b.school()));
        differs(ChangeWords.MEANS, label, label, Arg.term(a.means()), Arg.term(b.means()));
        cuts(label, a, b);
        if (!a.dropZone().equals(b.dropZone())) {
            plain(label, said(ChangeWords.DROP_ZONE, label));
        }
        if (!ways(a.waysOut()).equals(ways(b.waysOut()))) {
            plain(label, said(ChangeWords.WAYS_OUT, label));
        }
        if (!clips(a).equals(clips(b))) {
            plain(label, said(ChangeWords.CLIPS, label));
        }
    }

    /** Everything on the card that somebody cuts or pulls by. */
    private void cuts(String label, PlanDocument.LayPart before, PlanDocument.LayPart after) {
        if (before.cuts().isEmpty() || after.cuts().isEmpty()) {
            return;
        }
        CutPart a = before.cuts().get();
        CutPart b = after.cuts().get();
        Map<Object, Arg.Amount> was = a.measures().stream()
                .collect(Collectors.toMap(CutPart.CardMeasure::key, CutPart.CardMeasure::shown, (x, y) -> x));
        b.measures().forEach(m -> {
            Arg then = was.getOrDefault(m.key(), m.shown());
            if (!was.containsKey(m.key()) || moved(then, m.shown())) {
                plain(
                        label,
                        said(ChangeWords.MEASURE, label)
                                .with("measure", Arg.term(m.key()))
                                .with(WAS, was.containsKey(m.key()) ? Optional.of(then) : Optional.empty())
                                .with(NOW, m.shown()));
            }
        });
        differs(ChangeWords.BACK_CUT, label, label, Arg.term(a.backCut()), Arg.term(b.backCut()));
        differs(ChangeWords.CUT_HEIGHT, label, label, height(a.cutHeightM()), height(b.cutHeightM()));
        differs(ChangeWords.BAR, label, label, height(a.barM()), height(b.barM()));
        differs(ChangeWords.STAND, label, label, Arg.term(a.stand()), Arg.term(b.stand()));
        differs(ChangeWords.SOUND_WOOD, label, label, sound(a), sound(b));
        if (a.help().stream().noneMatch(h -> h.code() == Plain.AS_SAID)) {
            help(label, a.help(), b.help());
        }
    }

    /** What helps it over, line by line: what is said now, and what was said. */
    private void help(String label, List<Message> was, List<Message> now) {
        for (HelpLine line : HelpLine.values()) {
            Optional<Message> before = one(was, line);
            Optional<Message> after = one(now, line);
            if (!before.equals(after)) {
                plain(
                        label,
                        said(ChangeWords.HELP, label)
                                .with(WAS, before.map(Arg::said))
                                .with(NOW, after.map(Arg::said)));
            }
        }
    }

    private static Optional<Message> one(List<Message> help, HelpLine line) {
        return help.stream().filter(m -> m.code() == line).findFirst();
    }

    private static Arg sound(CutPart c) {
        return c.soundLeftM()
                .map(l -> Arg.said(Message.of(ChangeWords.SOUND_IN_FACE)
                        .with("left", Arg.down(Dimension.SHORT, l))
                        .with("right", Arg.down(Dimension.SHORT, c.soundRightM().orElse(0.0)))))
                .orElseGet(() -> Arg.name(""));
    }

    /** Where each way ends: how it is drawn in between follows from that and the obstacles. */
    private static List<List<Object>> ways(List<PlanDocument.WayPart> ways) {
        return ways.stream()
                .map(w -> List.<Object>of(w.name(), w.azimuthDeg(), w.lengthM()))
                .toList();
    }

    private static List<List<Object>> clips(PlanDocument.LayPart lay) {
        return lay.zones().stream()
                .flatMap(z -> z.clippedBy().stream().map(c -> List.<Object>of(z.kind(), c)))
                .toList();
    }

    private void steps() {
        Map<String, PlanDocument.StepPart> old = index(before.steps(), PlanDocument.StepPart::id);
        for (PlanDocument.StepPart s : after.steps()) {
            PlanDocument.StepPart was = old.remove(s.id());
            if (was == null) {
                plain(s.id(), step(ChangeWords.NEW_STEP, s));
                continue;
            }
            if (was.turn() != s.turn()) {
                plain(s.id(), step(ChangeWords.STEP_ORDER, s).with(WAS, Arg.count(was.turn())));
            }
            if (was.startMin() != s.startMin() || was.endMin() != s.endMin()) {
                plain(s.id(), step(ChangeWords.STEP_TIME, s));
            }
            if (!s.done()
                    && !was.piece().equals(s.piece())
                    && !was.piece().flatMap(a -> s.piece().filter(a::same)).isPresent()) {
                plain(s.id(), step(ChangeWords.PIECE, s));
            }
            if (s.stem().flatMap(after::stem).filter(this::asPlanned).isEmpty()) {
                posts(was, s);
            }
        }
        old.values().forEach(s -> plain(s.id(), step(ChangeWords.STEP_GONE, s)));
    }

    private void posts(PlanDocument.StepPart was, PlanDocument.StepPart now) {
        Map<String, PlanDocument.PostPart> old = index(was.posts(), p -> p.role() + p.personId());
        for (PlanDocument.PostPart p : now.posts()) {
            PlanDocument.PostPart before = old.remove(p.role() + p.personId());
            if (before == null) {
                plain(now.id(), post(ChangeWords.POST_NEW, now, p));
            } else if (!before.stand().equals(p.stand())) {
                changes.add(new Change(now.id(), post(ChangeWords.STAND_ELSEWHERE, now, p), before.stand(), p.stand()));
            } else if (!ways(before.waysOut()).equals(ways(p.waysOut()))) {
                changes.add(new Change(now.id(), post(ChangeWords.OTHER_WAY_OUT, now, p), before.stand(), p.stand()));
            }
        }
        old.values().forEach(p -> plain(now.id(), post(ChangeWords.POST_GONE, now, p)));
    }

    private static Message step(ChangeWords says, PlanDocument.StepPart s) {
        return Message.of(says)
                .with("turn", Arg.count(s.turn()))
                .with("title", Arg.said(Phrase.step(s.kind(), s.stem(), s.work())));
    }

    private static Message post(ChangeWords says, PlanDocument.StepPart s, PlanDocument.PostPart p) {
        return step(says, s).with("person", Arg.name(p.person())).with("role", Arg.term(p.role()));
    }

    private void differs(ChangeWords says, String subject, String name, Arg was, Arg now) {
        if (moved(was, now)) {
            plain(subject, said(says, name).with(WAS, said(was)).with(NOW, said(now)));
        }
    }

    /** What nobody would see is no change: a number that reads the same. */
    private static boolean moved(Arg was, Arg now) {
        return was instanceof Arg.Amount a && now instanceof Arg.Amount b && a.dimension() == b.dimension()
                ? Math.abs(a.value() - b.value()) > 1e-9
                : !Objects.equals(was, now);
    }

    /** A name that is empty is nobody or nothing. */
    private static Optional<Arg> said(Arg arg) {
        return Optional.of(arg)
                .filter(a -> !(a instanceof Arg.Name n && n.text().isEmpty()));
    }

    private static Message said(ChangeWords says, String name) {
        return Message.of(says).with("name", Arg.name(name));
    }

    private void plain(String subject, Message says) {
        changes.add(new Change(subject, says, Optional.empty(), Optional.empty()));
    }

    private static Arg name(String text) {
        return Arg.name(text);
    }

    private static Arg up(double metres) {
        return Arg.up(Dimension.LENGTH, metres);
    }

    private static Arg height(double metres) {
        return Arg.of(Dimension.HEIGHT, metres);
    }

    private static <T> Map<String, T> index(List<T> list, Function<T, String> key) {
        return list.stream().collect(Collectors.toMap(key, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }
}
