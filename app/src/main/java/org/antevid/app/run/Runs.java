package org.antevid.app.run;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.Change;
import org.antevid.app.job.Deputies;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.Turns;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.brief.StemDid;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.Against;
import org.antevid.core.run.Happening;
import org.antevid.core.run.LogWords;
import org.antevid.core.run.PieceWent;
import org.antevid.core.run.Unticked;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.picture.Moved;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;

/**
 * The work while it runs: nobody goes before everything is green; whatever ends a go is written down with its reason.
 */
@Service
public class Runs {
    /** Who ends a go when nobody in particular did. */
    static final SignedIn WATCH = SignedIn.nobody("Watch");

    private static final Duration LONGEST_STEP = Duration.ofHours(8);

    private final RunBook book;
    private final GoCheck check;
    private final Crews crews;
    private final Places places;
    private final Stems stems;
    private final Jobs jobs;
    private final Turns turns;
    private final JobLog log;
    private final Deputies deputies;
    private final GoPlaces goPlaces;
    private final Clock clock;

    Runs(
            RunBook book,
            GoCheck check,
            Crews crews,
            Places places,
            Stems stems,
            Jobs jobs,
            Turns turns,
            JobLog log,
            Deputies deputies,
            GoPlaces goPlaces,
            Clock clock) {
        this.goPlaces = goPlaces;
        this.clock = clock;
        this.deputies = deputies;
        this.book = book;
        this.check = check;
        this.crews = crews;
        this.places = places;
        this.stems = stems;
        this.jobs = jobs;
        this.turns = turns;
        this.log = log;
    }

    private Step current(RunFacts facts) {
        return facts.step().orElseThrow(() -> new RefusedInput(Refusal.NO_STEP, "step"));
    }

    /** A log line and the news go with the happening, in its transaction. */
    private boolean write(
            String jobId, RunBook.Line line, String id, SignedIn who, Optional<Message> words, Runnable along) {
        return book.append(jobId, line, id, who, () -> {
            along.run();
            words.ifPresent(w -> log.write(jobId, who.name(), w));
            jobs.touched(jobId, Change.RUN);
        });
    }

    private boolean write(String jobId, RunBook.Line line, String id, SignedIn who, Message words) {
        return write(jobId, line, id, who, Optional.of(words), () -> {});
    }

    private static Arg title(Step step) {
        return Arg.said(Phrase.step(step.kind(), step.stem(), step.work()));
    }

    public void signalTried(String jobId, String id, SignedIn who) {
        write(jobId, RunBook.Line.of(Happening.Kind.SIGNAL_TRIED, ""), id, who, Message.of(LogWords.SIGNAL_TRIED));
    }

    public void ready(String jobId, boolean isReady, String id, SignedIn who) {
        RunFacts facts = check.facts(jobId);
        Step step = current(facts);
        if (!facts.posted().contains(who.personId())) {
            throw new RefusedInput(Message.of(Refusal.NOT_POSTED).with("step", title(step)), "ready");
        }
        write(
                jobId,
                RunBook.Line.of(isReady ? Happening.Kind.READY : Happening.Kind.NOT_READY, step.id()),
                id,
                who,
                Message.of(isReady ? LogWords.READY : LogWords.NOT_READY).with("step", title(step)));
    }

    /**
     * Somebody whose phone is lost or flat is ready, as the lookout, the leader or the deputy sees; both names are
     * kept.
     *
     * @throws NotAllowed for anybody else
     */
    public void readySeen(String jobId, String personId, boolean isReady, String id, SignedIn who) {
        RunFacts facts = check.facts(jobId);
        Step step = current(facts);
        boolean himself = personId.equals(who.personId());
        if (himself || !maySeeReady(facts, deputies.is(jobId, who.personId()), who)) {
            throw new NotAllowed(Message.of(Answer.WHO_SEES_READY));
        }
        Arg name = facts.people().stream()
                .filter(p -> p.id().equals(personId) && facts.posted().contains(personId))
                .findFirst()
                .map(p -> Arg.name(p.name()))
                .orElseThrow(
                        () -> new RefusedInput(Message.of(Refusal.NOT_POSTED).with("step", title(step)), "personId"));
        write(
                jobId,
                RunBook.Line.of(
                        isReady ? Happening.Kind.READY_SEEN : Happening.Kind.NOT_READY_SEEN, step.id(), personId),
                id,
                who,
                Message.of(isReady ? LogWords.READY_SEEN : LogWords.NOT_READY_SEEN)
                        .with("person", name)
                        .with("step", title(step)));
    }

    /** @return whether this person's eyes count for somebody who has no phone */
    public static boolean maySeeReady(RunFacts facts, boolean deputy, SignedIn who) {
        return deputy
                || facts.leaderId().equals(who.personId())
                || facts.step().stream()
                        .flatMap(s -> s.posts().stream())
                        .anyMatch(p -> p.role() == Role.LOOKOUT && p.personId().equals(who.personId()));
    }

    public void confirmProtection(String jobId, String featureId, boolean done, String id, SignedIn who) {
        Places.PlacedFeature f = places.features(jobId).stream()
                .filter(x -> x.id().equals(featureId))
                .findFirst()
                .orElseThrow(NotThere::new);
        write(
                jobId,
                RunBook.Line.of(done ? Happening.Kind.STILL_SO : Happening.Kind.NOT_SO, featureId),
                id,
                who,
                Optional.of(Message.of(LogWords.PROTECTION)
                        .with("name", Arg.name(f.entry().name()))
                        .with("protection", Arg.term(f.entry().protection()))
                        .with("done", Arg.flag(done))),
                () -> {
                    if (f.entry().protectionDone() != done) {
                        places.protectionDone(jobId, featureId, done);
                    }
                });
    }

    /**
     * A step that needs no go is done, or open again; what it protects or clears is so too.
     *
     * @throws NotAllowed unless whoever says so does it or leads
     */
    public void tickStep(String jobId, String stepId, boolean done, String id, SignedIn who) {
        Step step = crews.steps(jobId).stream()
                .filter(s -> s.id().equals(stepId) && !s.gated())
                .findFirst()
                .orElseThrow(NotThere::new);
        if (!mayTickStep(step, jobs.leaderOf(jobId), who)) {
            throw new NotAllowed(Message.of(Answer.WHO_TICKS_STEP));
        }
        write(
                jobId,
                RunBook.Line.of(done ? Happening.Kind.STEP_TICKED : Happening.Kind.STEP_OPEN_AGAIN, stepId),
                id,
                who,
                Optional.of(Message.of(done ? LogWords.STEP_TICKED : LogWords.STEP_OPEN_AGAIN)
                        .with("step", title(step))),
                () -> crews.ticked(jobId, step, done, who));
    }

    public static boolean mayTickStep(Step step, String leaderId, SignedIn who) {
        return leaderId.equals(who.personId())
                || step.posts().stream().anyMatch(p -> p.personId().equals(who.personId()));
    }

    /** @throws RefusedInput naming everything that stands against it */
    public void go(String jobId, String id, SignedIn leader) {
        RunFacts facts = check.facts(jobId);
        if (facts.going().isPresent()) {
            return;
        }
        refuse(facts.beforeGo());
        Step step = current(facts);
        String briefing = facts.briefing().map(b -> String.valueOf(b.number())).orElse("");
        String goId = id == null || id.isBlank() ? UUID.randomUUID().toString() : id;
        write(
                jobId,
                new RunBook.Line(
                        Happening.Kind.GO, step.id(), briefing, facts.course().newest(), "", Optional.empty()),
                goId,
                leader,
                Optional.of(Message.of(LogWords.GO).with("step", title(step))),
                () -> goPlaces.put(jobId, goId, facts));
        RunFacts after = check.facts(jobId);
        refuse(after.against());
        if (after.going().isEmpty()) {
            throw new RefusedInput(Refusal.CROSSED, "go");
        }
    }

    private static void refuse(List<Against> against) {
        if (!against.isEmpty()) {
            throw new RefusedInput(against.stream()
                    .map(a -> new Fault(a.why().name(), a.subject(), a.message()))
                    .toList());
        }
    }

    /**
     * The step is done: its stem is down, everybody gets ready anew.
     *
     * @param openTicks how many cuts nobody has ticked off, as the leader has seen it
     * @param why why they are open; without it a step with open cuts is not ended
     * @param told what the stem did, of one that hung or lay; without it such a step is not ended
     * @param piece how it went, of one that takes pieces off a tree; without it such a step is not ended
     * @throws RefusedInput unless the step is going; while more cuts are open than the leader has seen
     */
    public void done(
            String jobId,
            int openTicks,
            Optional<Unticked> why,
            Optional<StemDid> told,
            Optional<PieceWent> piece,
            String id,
            SignedIn leader) {
        RunFacts facts = check.facts(jobId);
        Step step = current(facts);
        if (facts.going().isEmpty()) {
            throw new RefusedInput(Refusal.NOT_GOING, "step");
        }
        long open = facts.cuts().stream()
                .filter(c -> !facts.course().ticked(step.id()).containsKey(c.key()))
                .count();
        if (open > openTicks) {
            throw new RefusedInput(
                    Message.of(Refusal.OPEN_TICKS)
                            .with("open", Arg.count(open))
                            .with("all", Arg.count(facts.cuts().size())),
                    "openTicks");
        }
        boolean tangled = turns.asksWhatItDid(jobId, step);
        needed("piece", step.takesPieces() && piece.isEmpty());
        needed("moved", tangled && told.isEmpty());
        needed("nowOn", tangled && !told.get().whole(step));
        if (tangled && told.get().stillUp(step)) {
            stillUp(jobId, step, told.get(), leader);
            return;
        }
        needed("unticked", open > 0 && why.isEmpty());
        Message words = Message.of(LogWords.DONE)
                .with("step", title(step))
                .with("open", Optional.of(Arg.count(open)).filter(n -> open > 0))
                .with("why", why.map(Arg::term).filter(n -> open > 0))
                .with("piece", piece.filter(p -> step.takesPieces()).map(Arg::term));
        String went = piece.filter(p -> step.takesPieces()).map(Enum::name).orElse("");
        write(jobId, RunBook.Line.of(Happening.Kind.DONE, step.id(), went), id, leader, Optional.of(words), () -> {
            crews.done(jobId, step.id(), took(facts, step));
            if (tangled) {
                told.ifPresent(d -> turns.ended(jobId, step, d, leader));
            }
            becomes(step, tangled)
                    .ifPresent(now -> stems.becomes(jobId, step.stem().orElseThrow(), now));
        });
    }

    private static void needed(String field, boolean missing) {
        if (missing) {
            throw new RefusedInput(Refusal.NEEDED, field);
        }
    }

    /** @return whole minutes since the first was ready for it; empty of what stood over night and says nothing */
    private Optional<Integer> took(RunFacts facts, Step step) {
        return facts.course()
                .begun(step.id())
                .map(h -> Duration.between(facts.line(h).at(), clock.instant()))
                .filter(d -> d.compareTo(LONGEST_STEP) < 0)
                .map(d -> (int) d.toMinutes() + 1);
    }

    /** @return what the step leaves of its stem: a tree that is felled and then crosscut stays felled */
    private static Optional<StemState> becomes(Step step, boolean tangled) {
        return step.stem().flatMap(l -> switch (step.kind()) {
            case FELL -> Optional.of(StemState.FELLED);
            case RELEASE -> Optional.of(StemState.LYING);
            case CROSSCUT -> Optional.of(StemState.CUT_UP).filter(x -> tangled && step.cutsUp());
            case ALOFT -> Optional.of(StemState.CUT_UP).filter(x -> step.cutsUp());
            case CLEAR, PREPARE -> Optional.empty();
        });
    }

    /** The step is not done: its go ends, everybody gets ready anew, what moved is entered anew. */
    private void stillUp(String jobId, Step step, StemDid told, SignedIn leader) {
        Message why = Message.of(LogWords.STILL_UP)
                .with("step", title(step))
                .with("moved", Arg.flag(told.moved() != Moved.NOT_AT_ALL));
        write(
                jobId,
                new RunBook.Line(Happening.Kind.ENDED, "", "", 0, StoredJson.write(why), Optional.empty()),
                "",
                leader,
                Optional.of(Message.of(LogWords.STAND_FAST).with("why", Arg.said(why))),
                () -> turns.ended(jobId, step, told, leader));
    }

    /** Ends the go that is open, with its reason; nothing happens while none is. */
    public void end(String jobId, Message why, SignedIn who) {
        if (book.course(jobId).openGo().isPresent()) {
            write(
                    jobId,
                    new RunBook.Line(Happening.Kind.ENDED, "", "", 0, StoredJson.write(why), Optional.empty()),
                    "",
                    who,
                    Message.of(LogWords.STAND_FAST).with("why", Arg.said(why)));
        }
    }

    /** @return the instrument whose reading stops everything; empty while no go is open */
    Optional<Instruments.Now> forced(String jobId) {
        return check.course(jobId).openGo().isEmpty()
                ? Optional.empty()
                : check.facts(jobId).watch().now().stream()
                        .filter(n -> n.watched().forces().isPresent())
                        .findFirst();
    }

    /** @return whether a go is open still; one that no longer goes is ended with what stands against it */
    boolean watch(String jobId) {
        // most changes are made while nothing runs: then nothing of the plan is asked
        if (check.course(jobId).openGo().isEmpty()) {
            return false;
        }
        RunFacts facts = check.facts(jobId);
        if (facts.going().isPresent()) {
            return true;
        }
        end(jobId, facts.ended().orElseGet(() -> Message.of(LogWords.RESTED_ON_GONE)), WATCH);
        if (facts.against().stream().anyMatch(a -> a.why() == Against.Why.GUST)) {
            turns.shaken(jobId, WATCH);
        }
        return false;
    }

    /** @return the stem this person fells in the step whose turn it is */
    public static Optional<String> cuts(RunFacts facts, SignedIn who) {
        return facts.step()
                .filter(s -> s.kind() == Step.Kind.FELL)
                .filter(s -> s.posts().stream()
                        .anyMatch(p -> p.role() == Role.CUTTER && p.personId().equals(who.personId())))
                .flatMap(Step::stem);
    }

    public static boolean mayTick(RunFacts facts, SignedIn who) {
        return facts.leaderId().equals(who.personId())
                || facts.step().stream()
                        .flatMap(s -> s.posts().stream())
                        .anyMatch(p -> p.personId().equals(who.personId()) && seesTheSaw(p.role()));
    }

    private static boolean seesTheSaw(Role role) {
        return role == Role.CUTTER || role == Role.LOOKOUT;
    }

    /** Cutter, lookout or leader ticks off a step of the cut, or takes the tick back. */
    public void tick(String jobId, String key, boolean isDone, String id, SignedIn who) {
        RunFacts facts = check.facts(jobId);
        Step step = current(facts);
        if (!mayTick(facts, who)) {
            throw new NotAllowed(Message.of(Answer.WHO_TICKS));
        }
        CutStep cut = facts.cuts().stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow(NotThere::new);
        write(
                jobId,
                RunBook.Line.of(isDone ? Happening.Kind.TICKED : Happening.Kind.UNTICKED, step.id(), key),
                id,
                who,
                Message.of(isDone ? LogWords.TICKED : LogWords.UNTICKED).with("step", Arg.said(cut.says())));
    }

    /** @return who was where when the go of this fall was given */
    public List<AtGo> there(String jobId, FallOf fall) {
        return goPlaces.of(jobId, fall.goId());
    }

    /** @return what felled this stem; empty while it stands, and of one that nobody gave a go for */
    public Optional<FallOf> fallOf(String jobId, String stem) {
        return crews.steps(jobId).stream()
                .filter(s -> s.done()
                        && s.kind() == Step.Kind.FELL
                        && s.stem().filter(stem::equals).isPresent())
                .flatMap(s -> book.lastGo(jobId, s.id()).stream())
                .filter(go -> !go.detail.isEmpty())
                .map(go -> new FallOf(
                        Integer.parseInt(go.detail),
                        go.at,
                        Optional.ofNullable(go.gustMs),
                        Optional.ofNullable(go.gustFromDeg),
                        go.clientId))
                .reduce((a, b) -> b);
    }

    public RunFacts facts(String jobId) {
        return check.facts(jobId);
    }
}
