package org.antevid.app.run;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.briefing.Visitors;
import org.antevid.app.crew.Crews;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.judgement.Judgement;
import org.antevid.app.place.Places;
import org.antevid.app.run.store.RunEventEntity;
import org.antevid.app.tangle.Turns;
import org.antevid.core.brief.PieceCard;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.WatchedStep;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.run.Against;
import org.antevid.core.run.Against.Why;
import org.antevid.core.run.Course;
import org.antevid.core.run.Happening;
import org.antevid.core.site.Protection;
import org.antevid.core.takedown.step.PiecePart;
import org.antevid.core.tangle.picture.LookAgain;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands against a go, asked of everything it rests on; once for each version of the job. */
@Service
@Transactional(readOnly = true)
class GoCheck {
    /**
     * A wind reading older than this says nothing about the gust that comes (practice rule: look again each minute).
     */
    static final Duration OLDEST_WIND = Duration.ofSeconds(60);

    private final RunBook book;
    private final Crews crews;
    private final Briefings briefings;
    private final Judgement judgement;
    private final Places places;
    private final Jobs jobs;
    private final JobCache kept;
    private final Anemometer anemometer;
    private final Turns turns;
    private final Instruments instruments;
    private final Visitors visitors;
    private final Clock clock;

    GoCheck(
            RunBook book,
            Crews crews,
            Briefings briefings,
            Judgement judgement,
            Places places,
            Jobs jobs,
            JobCache kept,
            Anemometer anemometer,
            Turns turns,
            Instruments instruments,
            Visitors visitors,
            Clock clock) {
        this.clock = clock;
        this.book = book;
        this.crews = crews;
        this.briefings = briefings;
        this.judgement = judgement;
        this.places = places;
        this.jobs = jobs;
        this.kept = kept;
        this.anemometer = anemometer;
        this.turns = turns;
        this.instruments = instruments;
        this.visitors = visitors;
    }

    /** What the watch asks of every job that has been let go, several times a second. */
    private record Kept() {}

    /** @return what has happened, without the receipts that only say who has seen it */
    Course course(String jobId) {
        return kept.ofRun(jobId, new Kept(), () -> book.course(jobId));
    }

    RunFacts facts(String jobId) {
        Anemometer.Reading wind = anemometer.now();
        Judgement.Outside outside = judgement.outside(wind);
        RunFacts facts = kept.ofRun(jobId, outside, () -> make(jobId, outside));
        List<Against> late = new ArrayList<>();
        if (facts.step().isPresent() && silent(wind)) {
            late.add(Against.of(Why.WIND_SILENT, "wind"));
        }
        facts.lookedAt()
                .filter(at ->
                        LookAgain.old(Duration.between(at, clock.instant()).toSeconds()))
                .flatMap(at -> facts.step().flatMap(Step::stem))
                .ifPresent(l -> late.add(Against.of(Why.LOOK_AGAIN, l).with("stem", Arg.name(l))));
        List<Instruments.Now> now =
                instruments.read(facts.watch().inUse(), facts.watch().step());
        now.stream()
                .filter(n -> facts.step().isPresent() && n.watched().standsAgainst())
                .forEach(n -> late.add(
                        new Against(Why.WATCH, n.inUse().id(), n.watched().says())));
        return late.isEmpty() && now.isEmpty() ? facts : facts.at(late, now);
    }

    private boolean silent(Anemometer.Reading wind) {
        return Duration.between(wind.at(), clock.instant()).compareTo(OLDEST_WIND) > 0;
    }

    private RunFacts make(String jobId, Judgement.Outside outside) {
        List<RunEventEntity> lines = book.lines(jobId);
        Course course = RunBook.course(lines);
        List<Step> steps = crews.steps(jobId);
        Optional<Step> step = steps.stream().filter(s -> !s.done() && s.gated()).findFirst();
        Optional<Briefings.Issue> briefing = briefings.latest(jobId);
        boolean changed = briefing.isPresent() && !briefings.sinceLatest(jobId).isEmpty();
        List<Places.PlacedFeature> closed = places.features(jobId).stream()
                .filter(f -> f.entry().protection() != Protection.NONE)
                .toList();
        Set<String> asked = closed.stream()
                .filter(GoCheck::comesBack)
                .map(Places.PlacedFeature::id)
                .collect(Collectors.toCollection(HashSet::new));
        Jobs.Job job = jobs.job(jobId);
        Optional<PlanDocument> plan = briefing.map(Briefings.Issue::plan);
        double gustLimitMs =
                plan.flatMap(p -> step.map(s -> p.gustLimitMs(s.stem()))).orElse(job.windLimitMs());
        List<Person> people = crews.people(jobId);
        List<Against> against = step.map(s -> against(
                        jobId, s, steps, course, briefing, changed, closed, asked, people, job, outside, gustLimitMs))
                .orElse(List.of(Against.of(Why.NO_STEP, "step")));
        Optional<Double> ring = plan.flatMap(p -> step.flatMap(s -> p.step(s.id()))
                        .flatMap(PlanDocument.StepPart::piece)
                        .flatMap(PiecePart::keepOffM))
                .or(() -> step.flatMap(Step::stem).flatMap(l -> ring(jobId, l, plan, outside)));
        return new RunFacts(
                course,
                step,
                ticked(steps, step),
                steps.size(),
                briefing,
                changed,
                against,
                step.map(st -> cautions(jobId, st, outside)).orElse(List.of()),
                closed,
                asked,
                step.map(s -> briefed(s, plan)).orElse(List.of()),
                people,
                lines.stream().collect(Collectors.toMap(l -> l.seq, l -> new RunFacts.Line(l.who, l.at, l.reason))),
                gustLimitMs,
                jobs.leaderOf(jobId),
                ring,
                job.meetingPoint(),
                step.filter(s -> turns.asksWhatItDid(jobId, s)).isPresent(),
                step.flatMap(Step::stem).flatMap(l -> turns.lookedAt(jobId, l)),
                step.map(s -> weighedSince(jobId, s, plan, outside)).orElse(List.of()),
                new RunFacts.Watch(
                        instruments.inUse(jobId),
                        plan.flatMap(p -> step.flatMap(s -> p.step(s.id())).map(s -> WatchedStep.of(p, s))),
                        List.of()));
    }

    private List<Message> weighedSince(
            String jobId, Step step, Optional<PlanDocument> plan, Judgement.Outside outside) {
        Optional<PiecePart> briefed = plan.flatMap(p -> p.step(step.id())).flatMap(PlanDocument.StepPart::piece);
        return briefed.filter(b -> b.picked().isPresent()).isPresent()
                ? PieceCard.weighedSince(briefed, PieceSteps.briefed(judgement.situation(jobId, outside), step))
                : List.of();
    }

    /** @return steps that need no go, from the last step that had one to the next that follows this one */
    private static List<Step> ticked(List<Step> steps, Optional<Step> now) {
        int from = steps.stream()
                .filter(s -> s.gated() && s.done())
                .mapToInt(Step::turn)
                .max()
                .orElse(0);
        int to = steps.stream()
                .filter(s -> s.gated() && now.filter(n -> s.turn() > n.turn()).isPresent())
                .mapToInt(Step::turn)
                .min()
                .orElse(Integer.MAX_VALUE);
        return steps.stream()
                .filter(s -> !s.gated() && s.turn() < to && (!s.done() || s.turn() > from))
                .toList();
    }

    /**
     * @return how far everybody without a part stays from the stem: the briefed ring of its lay, for one that hangs the
     *     ring of what may come down; rounded up
     */
    private Optional<Double> ring(String jobId, String label, Optional<PlanDocument> plan, Judgement.Outside outside) {
        return plan.flatMap(p -> p.stem(label))
                .flatMap(PlanDocument.StemPart::ringM)
                .or(() -> judgement.situation(jobId, outside).hangs().stream()
                        .filter(h -> h.hung().equals(label))
                        .map(h -> Rounding.up(h.keepOutM(), 0))
                        .max(Comparator.naturalOrder()));
    }

    /** People come back to what was emptied or closed: it is looked at again before each go, whatever the plan says. */
    private static boolean comesBack(Places.PlacedFeature f) {
        return (f.entry().protection() == Protection.EMPTY || f.entry().protection() == Protection.CLOSE)
                && f.entry().protectionDone();
    }

    /** What was learned comes before the face, then the cut; a release has its own order. */
    private static List<CutStep> briefed(Step step, Optional<PlanDocument> plan) {
        if (step.kind() != Step.Kind.RELEASE && step.kind() != Step.Kind.FELL) {
            return List.of();
        }
        Stream<CutStep> ticks = plan.flatMap(p -> p.step(step.id())).stream().flatMap(s -> s.ticks().stream());
        Stream<CutStep> cuts = plan
                .flatMap(p -> step.stem().flatMap(p::stem))
                .filter(s -> step.kind() == Step.Kind.FELL)
                .flatMap(PlanDocument.StemPart::lay)
                .flatMap(PlanDocument.LayPart::cuts)
                .stream()
                .flatMap(c -> c.steps().stream());
        return Stream.concat(ticks, cuts).toList();
    }

    private List<Against> against(
            String jobId,
            Step step,
            List<Step> steps,
            Course course,
            Optional<Briefings.Issue> briefing,
            boolean changed,
            List<Places.PlacedFeature> closed,
            Set<String> asked,
            List<Person> people,
            Jobs.Job job,
            Judgement.Outside outside,
            double gustLimitMs) {
        List<Against> against = new ArrayList<>();
        if (job.closed()) {
            against.add(Against.of(Why.CLOSED, "job"));
        }
        if (course.standing().isPresent()) {
            against.add(Against.of(Why.HOLD, "hold"));
        }
        if (course.signalTried().isEmpty()) {
            against.add(Against.of(Why.SIGNAL, "signal"));
        }
        if (briefing.isEmpty()) {
            against.add(Against.of(Why.NO_BRIEFING, "briefing"));
        } else if (!briefing.get().intact()) {
            against.add(Against.of(Why.NO_BRIEFING, "briefing")
                    .with("number", Arg.count(briefing.get().number())));
        } else if (changed) {
            against.add(Against.of(Why.PLAN_CHANGED, "briefing")
                    .with("number", Arg.count(briefing.get().number())));
        }
        if (outside.gustMs().value() > gustLimitMs) {
            against.add(Against.of(Why.GUST, "wind")
                    .with("gust", Arg.up(Dimension.SPEED, outside.gustMs().value()))
                    .with("limit", Arg.down(Dimension.SPEED, gustLimitMs)));
        }
        first(step, steps, closed, people, against);
        found(jobId, step, outside, against);
        people(step, course, briefing, people, against);
        visitors.here(jobId).stream()
                .filter(Visitors.Visitor::again)
                .forEach(v -> against.add(Against.of(Why.VISITOR, v.id()).with("name", Arg.name(v.name()))));
        closed.stream()
                .filter(f -> !f.entry().protectionDone())
                .forEach(f -> against.add(Against.of(Why.NOT_DONE, f.id())
                        .with("place", Arg.name(f.entry().name()))
                        .with("protection", Arg.term(f.entry().protection()))
                        .with(
                                "who",
                                Optional.of(f.entry().protectedBy())
                                        .filter(w -> !w.isBlank())
                                        .map(Arg::name))));
        Map<String, Happening> so = course.stillSo();
        closed.stream()
                .filter(f -> asked.contains(f.id()) && !so.containsKey(f.id()))
                .forEach(f -> against.add(Against.of(Why.ASK_AGAIN, f.id())
                        .with("place", Arg.name(f.entry().name()))));
        return against;
    }

    /** What is protected in a step is asked with the other places: it is not asked twice. */
    private static void first(
            Step step,
            List<Step> steps,
            List<Places.PlacedFeature> closed,
            List<Person> people,
            List<Against> against) {
        steps.stream()
                .filter(s -> !s.done() && !s.gated() && s.turn() < step.turn())
                .filter(s -> closed.stream()
                        .noneMatch(f -> s.work().filter(w -> w.protects(f.id())).isPresent()))
                .forEach(s -> against.add(Against.of(Why.FIRST, s.id())
                        .with("step", Arg.said(Phrase.step(s.kind(), s.stem(), s.work())))
                        .with(
                                "who",
                                Optional.of(people.stream()
                                                .filter(p -> s.posts().stream().anyMatch(x -> x.personId()
                                                        .equals(p.id())))
                                                .map(Person::name)
                                                .collect(Collectors.joining(", ")))
                                        .filter(w -> !w.isEmpty())
                                        .map(Arg::name))));
    }

    private void found(String jobId, Step step, Judgement.Outside outside, List<Against> against) {
        List<Finding> findings = judgement.findings(jobId, outside);
        findings.stream()
                .filter(f -> f.severity() == Severity.STOP)
                .forEach(f -> against.add(new Against(Why.STOP, f.key(), f.message())));
        step.stem().ifPresent(label -> findings.stream()
                .filter(f -> f.severity() == Severity.SECOND_OPINION && f.open() && f.about(label))
                .forEach(f ->
                        against.add(Against.of(Why.SECOND_OPINION, f.key()).with("finding", Arg.said(f.message())))));
    }

    private List<Against> cautions(String jobId, Step step, Judgement.Outside outside) {
        return judgement.findings(jobId, outside).stream()
                .filter(f -> f.severity() == Severity.CAUTION && f.open() && f.concerns(step))
                .map(f -> Against.of(Why.CAUTION, f.key()).with("finding", Arg.said(f.message())))
                .toList();
    }

    private static void people(
            Step step, Course course, Optional<Briefings.Issue> briefing, List<Person> people, List<Against> against) {
        Map<String, Happening> ready = course.ready(step.id());
        step.posts().stream().map(Step.Post::personId).distinct().forEach(id -> {
            Optional<Arg> name = people.stream()
                    .filter(p -> p.id().equals(id))
                    .map(p -> Arg.name(p.name()))
                    .findFirst();
            if (briefing.isPresent() && !briefing.get().signedBy(id)) {
                against.add(Against.of(Why.NOT_SIGNED, id)
                        .with("person", name)
                        .with("number", Arg.count(briefing.get().number())));
            }
            if (!ready.containsKey(id)) {
                against.add(Against.of(Why.NOT_READY, id).with("person", name));
            }
        });
    }
}
