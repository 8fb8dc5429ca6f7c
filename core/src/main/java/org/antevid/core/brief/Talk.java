package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.brief.TalkCard.Line;
import org.antevid.core.brief.TalkCard.Part;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Task;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.run.Surprise;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemState;

/**
 * A briefing as ten cards for one step: what and why, what kills here, plan, lay, cut, who and where, signals, when we
 * stop, help, what if it does not go. Everything is the frozen plan's; nothing is worked out anew but distances.
 */
public final class Talk {
    /** More lines than these are not read from three metres. */
    private static final int MOST_LINES = 7;

    /** Measures are short: all of a cut card are shown. */
    private static final int MOST_MEASURES = 12;

    private static final double LINE_NEAR_RINGS = 1.5;

    private final PlanDocument plan;
    private final PlanDocument.StepPart step;
    private final Optional<PlanDocument.StemPart> stem;
    private final Optional<PlanDocument.LayPart> lay;
    private final List<Message> dangers;

    private Talk(PlanDocument plan, PlanDocument.StepPart step, List<Message> dangers) {
        this.plan = plan;
        this.step = step;
        this.dangers = dangers;
        stem = step.stem().flatMap(plan::stem);
        lay = stem.flatMap(PlanDocument.StemPart::lay);
    }

    /** @return steps that are told on their own: those that need a go and were not done when the plan was frozen */
    public static List<PlanDocument.StepPart> steps(PlanDocument plan) {
        return plan.steps().stream()
                .filter(s -> !s.done() && s.work().map(w -> w.kind().gated()).orElse(true))
                .toList();
    }

    /**
     * @param dangers what was found of the step when the plan was frozen, worst first
     * @return a card for each part, in order, with as many lines as are read from three metres
     */
    public static List<TalkCard> of(PlanDocument plan, PlanDocument.StepPart step, List<Message> dangers) {
        return whole(plan, step, dangers).stream()
                .map(c -> new TalkCard(
                        c.part(),
                        c.lines().stream()
                                .limit(c.part() == Part.CUT ? MOST_MEASURES : MOST_LINES)
                                .toList()))
                .toList();
    }

    /** @return the same with every line, to be read on paper */
    public static List<TalkCard> whole(PlanDocument plan, PlanDocument.StepPart step, List<Message> dangers) {
        Talk talk = new Talk(plan, step, dangers);
        return Arrays.stream(Part.values())
                .map(p -> new TalkCard(p, talk.lines(p).toList()))
                .toList();
    }

    private Stream<Line> lines(Part part) {
        return switch (part) {
            case WHAT -> what();
            case KILLS -> kills();
            case PLAN -> plan();
            case LAY -> lay();
            case CUT -> cut();
            case WHO -> who();
            case SIGNALS -> signals();
            case STOP -> stops();
            case HELP -> help();
            case IF_NOT -> ifNot();
        };
    }

    private static Message said(PlanDocument.StepPart s) {
        return Phrase.step(s.kind(), s.stem(), s.work());
    }

    private Stream<Line> what() {
        Line first = stem.map(s -> Line.of(
                        said(step),
                        Message.of(TalkWords.STEM)
                                .with("species", Arg.term(s.species()))
                                .with("state", Arg.term(s.state()))
                                .with("height", s.heightHighM().map(h -> Arg.up(Dimension.LENGTH, h)))))
                .orElseGet(() -> Line.of(said(step)));
        long people = steps(plan).stream()
                .flatMap(s -> s.posts().stream())
                .map(PlanDocument.PostPart::personId)
                .distinct()
                .count();
        Line today = Line.of(Message.of(TalkWords.TODAY)
                .with(
                        "steps",
                        Arg.count(plan.steps().stream().filter(s -> !s.done()).count()))
                .with("people", Arg.count(people)));
        Stream<Line> places = plan.things().stream()
                .filter(t -> t.protection() != Protection.NONE)
                .map(t -> Line.of(Message.of(TalkWords.PLACE)
                        .with("place", Arg.name(t.name()))
                        .with("protection", Arg.term(t.protection()))
                        .with(
                                "who",
                                Optional.of(t.protectedBy())
                                        .filter(w -> !w.isBlank())
                                        .map(Arg::name))));
        return Stream.concat(Stream.of(first, today), places);
    }

    private Stream<Line> kills() {
        List<Line> all = new ArrayList<>();
        stem.flatMap(s -> s.ringM()
                        .map(m -> Line.of(Message.of(TalkWords.RING)
                                .with("stem", Arg.name(s.label()))
                                .with("ring", Arg.up(Dimension.DISTANCE, m)))))
                .ifPresent(all::add);
        if (Cues.pulled(plan, step)) {
            all.add(Line.of(Message.of(TalkWords.UNDER_TENSION)));
        }
        plan.stems().stream()
                .filter(s -> s.state() == StemState.HUNG)
                // of its own stem the ring is said already
                .filter(s ->
                        !s.label().equals(step.stem().orElse("")) || s.ringM().isEmpty())
                .map(s -> Line.of(Message.of(TalkWords.HANGS)
                        .with("stem", Arg.name(s.label()))
                        .with(
                                "ring",
                                s.closed()
                                        .flatMap(PlanDocument.ClosedPart::ringM)
                                        .map(m -> Arg.up(Dimension.DISTANCE, m)))))
                .forEach(all::add);
        plan.things().stream()
                .filter(t -> t.kind() == FeatureKind.OVERHEAD_LINE)
                .flatMap(t -> overhead(t).stream())
                .forEach(all::add);
        dangers.forEach(d -> all.add(Line.of(d)));
        return all.stream().distinct();
    }

    private Optional<Line> overhead(PlanDocument.Thing t) {
        return stem.flatMap(s -> {
            double awayM = shape(t).distanceTo(s.at());
            boolean near = s.ringM().filter(r -> awayM <= LINE_NEAR_RINGS * r).isPresent();
            return near
                    ? Optional.of(Line.of(Message.of(TalkWords.LINE_OVERHEAD)
                            .with("line", Arg.name(t.name()))
                            .with("away", Arg.down(Dimension.DISTANCE, awayM))
                            .with("stem", Arg.name(s.label()))))
                    : Optional.empty();
        });
    }

    private static Shape shape(PlanDocument.Thing t) {
        List<Spot> o = t.outline();
        return o.size() == 1 ? Shape.disc(o.get(0), t.radiusM()) : Shape.line(o);
    }

    private Stream<Line> plan() {
        return plan.steps().stream()
                .filter(s -> !s.done())
                .map(s -> Line.of(
                        Message.of(TalkWords.STEP)
                                .with("turn", Arg.count(s.turn()))
                                .with("step", Arg.said(said(s)))
                                .with("now", Arg.flag(s.id().equals(step.id()))),
                        Message.of(TalkWords.WITH)
                                .with("minutes", Arg.count(s.endMin() - s.startMin()))
                                .with(
                                        "people",
                                        Arg.names(s.posts().stream()
                                                .map(PlanDocument.PostPart::person)
                                                .distinct()
                                                .toList()))));
    }

    private Stream<Line> lay() {
        return lay.map(this::lines)
                .orElseGet(() -> Stream.concat(
                        Stream.of(Line.of(Message.of(TalkWords.NO_LAY).with("step", Arg.said(said(step))))),
                        step.ticks().stream().map(t -> Line.of(t.says()))));
    }

    private Stream<Line> lines(PlanDocument.LayPart l) {
        String label = stem.orElseThrow().label();
        Stream<Line> first = Stream.of(
                Line.of(
                        Message.of(TalkWords.LAY)
                                .with("stem", Arg.name(label))
                                .with("lay", ReadBack.heading(l.layDeg())),
                        Message.of(TalkWords.BY_MEANS)
                                .with("means", Arg.term(l.means()))
                                .with("gust", Arg.down(Dimension.SPEED, plan.gustLimitMs(step.stem())))),
                Line.of(Message.of(TalkWords.REACHES)
                        .with("reach", Arg.up(Dimension.LENGTH, l.reachM()))
                        .with("ring", Arg.up(Dimension.DISTANCE, l.exclusionM()))),
                Line.of(l.sigmaDeg()
                        .filter(s -> !l.wholeCircle())
                        .map(s -> Message.of(TalkWords.SPREAD).with("spread", Arg.up(Dimension.ANGLE, s)))
                        .orElseGet(() -> Message.of(TalkWords.SPREAD_NOT_KNOWN))));
        Stream<Line> learned = step.ticks().stream()
                .map(t -> new Line(t.says(), t.measures().stream().findFirst(), Optional.empty()));
        return Stream.of(first, l.waysOut().stream().map(Talk::way), learned).flatMap(lines -> lines);
    }

    private static Line way(PlanDocument.WayPart w) {
        return Line.of(Message.of(TalkWords.WAY_OUT)
                .with("way", Arg.name(w.name()))
                .with("toward", ReadBack.heading(w.azimuthDeg()))
                .with("length", Arg.up(Dimension.DISTANCE, w.lengthM())));
    }

    private Stream<Line> cut() {
        Optional<CutPart> card = lay.flatMap(PlanDocument.LayPart::cuts);
        if (card.isEmpty()) {
            return Stream.of(Line.of(Message.of(TalkWords.BY_THE_CARD)));
        }
        CutPart c = card.get();
        Line way = Line.of(
                Message.of(TalkWords.CUT_WAY)
                        .with("school", Arg.term(c.school()))
                        .with("back", Arg.term(c.backCut())),
                Message.of(TalkWords.STAND).with("side", Arg.term(c.stand())));
        return Stream.concat(
                Stream.of(way),
                c.measures().stream()
                        .map(m -> Line.of(Message.of(TalkWords.MEASURE)
                                .with("measure", Arg.term(m.key()))
                                .with("size", m.shown()))));
    }

    private Stream<Line> who() {
        return step.posts().stream()
                .map(p -> Line.of(
                        Message.of(TalkWords.WHO)
                                .with("person", Arg.name(p.person()))
                                .with("role", Arg.term(p.role())),
                        stands(p)));
    }

    private Message stands(PlanDocument.PostPart p) {
        boolean atStump = p.role() == Role.CUTTER && lay.isPresent();
        Optional<Double> away = p.stand().flatMap(at -> stem.map(s -> at.distanceTo(s.at())));
        Message where = atStump
                ? Message.of(TalkWords.AT_THE_STUMP)
                : away.map(m -> Message.of(TalkWords.AWAY).with("away", Arg.down(Dimension.DISTANCE, m)))
                        .orElseGet(() -> Message.of(TalkWords.NOT_SET));
        return where.with("stem", step.stem().map(Arg::name))
                .with("task", Arg.term(Task.of(step.kind(), step.work(), p.role())));
    }

    /** Each signal once, whoever it is for. */
    private Stream<Line> signals() {
        Map<Message, Line> all = new LinkedHashMap<>();
        step.posts().stream()
                .flatMap(p -> Cues.of(plan, step, p.role()).stream())
                .forEach(c -> all.putIfAbsent(c.says(), new Line(c.says(), Optional.empty(), Optional.of(c.sign()))));
        return Stream.concat(Signals.ALL.stream().map(Line::of), all.values().stream());
    }

    private Stream<Line> stops() {
        return Signals.stopConditions(plan, plan.gustLimitMs(step.stem())).stream()
                .map(Line::of);
    }

    private Stream<Line> help() {
        return Arrays.stream(EmergencyCard.Entry.values())
                .filter(e -> !plan.emergency().entry(e).isBlank())
                .map(e -> Line.of(Message.of(TalkWords.ENTRY)
                        .with("entry", Arg.term(e))
                        .with("says", Arg.name(plan.emergency().entry(e)))));
    }

    private Stream<Line> ifNot() {
        Stream<Message> own = lay.flatMap(PlanDocument.LayPart::cuts).stream()
                .flatMap(c -> c.help().stream())
                .filter(m -> m.code() == HelpLine.FALLBACK);
        Stream<Line> first = Stream.of(
                        Surprise.STALLED,
                        Surprise.SAT_BACK,
                        Surprise.HUNG,
                        Surprise.FACE_ROTTEN,
                        Surprise.SOMEBODY_INSIDE)
                .map(s -> Line.of(Message.of(s), Message.of(s.first())));
        return Stream.concat(own.map(Line::of), first);
    }
}
