package org.antevid.app.run.web;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.Deputies;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Needs;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.app.run.Holds;
import org.antevid.app.run.RunFacts;
import org.antevid.app.run.Runs;
import org.antevid.core.brief.StemDid;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.run.Against;
import org.antevid.core.run.Happening;
import org.antevid.core.run.LiftReason;
import org.antevid.core.run.Surprise;
import org.antevid.core.run.Word;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.picture.Moved;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/run")
public class RunController {
    record PersonState(
            String personId,
            String name,
            Role role,
            String roleWords,
            Optional<Spot> stand,
            boolean signed,
            Optional<Instant> readyAt,
            Optional<String> seenBy) {}

    /** @param mine the caller is named for it, or does the step that does it */
    record ProtectionState(
            String featureId, String name, String words, String by, boolean done, boolean askAgain, boolean mine) {}

    record TickView(
            String key,
            CutStep.Kind kind,
            Message says,
            List<Message> measures,
            Optional<String> who,
            Optional<Instant> at) {}

    record StepState(
            String id,
            int turn,
            String title,
            Optional<String> stem,
            List<PersonState> people,
            boolean iMayConfirmStopped,
            boolean iAmPosted,
            boolean iAmReady,
            boolean iSeeReady,
            List<TickView> cuts,
            int openTicks,
            boolean iMayTick,
            Optional<StemAsked> asksWhatItDid) {}

    /**
     * What its stem did is asked when a step ends.
     *
     * @param where what it lies on or hangs in now is asked too, of one that moved
     * @param doneIfStill the step is done even where the stem did not move
     * @param anewIfStill its picture has to be looked at again even then
     */
    record StemAsked(boolean where, boolean doneIfStill, boolean anewIfStill) {
        static StemAsked of(Step step) {
            return new StemAsked(
                    !step.cutsUp(),
                    !StemDid.NOTHING.stillUp(step),
                    !StemDid.NOTHING.lookAgain(step).isEmpty());
        }
    }

    /**
     * A step that needs no go and is not told with a place that is protected.
     *
     * @param first it has to be done before the step whose turn it is
     */
    record TickedStep(
            String id, String title, List<String> who, boolean done, boolean first, boolean mine, boolean iMayTick) {}

    record AgainstView(Against.Why why, String subject, String words) {}

    /** @param gust as it is read, with its uncertainty */
    record WindNow(double gustMs, double sigmaMs, String gust, double fromDeg, boolean simulated, Instant at) {}

    /**
     * @param tickedSteps steps round it that need no go: whoever does one ticks it off
     * @param word for the caller alone
     * @param because what ended the last go, when the word is STAND_FAST
     * @param ringM of the step's stem
     * @param iSteer the caller gives the go and lifts: the leader, or the deputy
     * @param waitAt where those without a part wait
     */
    record RunView(
            Optional<Integer> briefing,
            int stepsInAll,
            Optional<StepState> step,
            List<TickedStep> tickedSteps,
            boolean going,
            Word word,
            Optional<String> because,
            Optional<Double> ringM,
            String waitAt,
            Optional<Instant> signalTriedAt,
            List<AgainstView> against,
            List<ProtectionState> protections,
            boolean held,
            List<JobLog.Line> log,
            double gustLimitMs,
            String gustLimit,
            Optional<DeputyState> deputy,
            boolean iSteer,
            WindNow wind) {}

    /** @param accepted before that it is an offer and gives no right */
    record DeputyState(String personId, String name, boolean accepted, boolean mine) {}

    /** @param id made by the sender, so that it is done once however often it is sent */
    record ReadyRequest(
            @NotNull Boolean ready, @Size(max = 60) String id) {}

    /** @param personId who has no phone of their own at hand */
    record ReadySeenRequest(
            @NotBlank @Size(max = 60) String personId,
            @NotNull Boolean ready,
            @Size(max = 60) String id) {}

    record TickRequest(
            @NotBlank @Size(max = 60) String key,
            @NotNull Boolean done,
            @Size(max = 60) String id) {}

    record DoneRequest(
            @NotNull Boolean done, @Size(max = 60) String id) {}

    record SignalRequest(@Size(max = 60) String id) {}

    record GoRequest(@Size(max = 60) String id) {}

    /**
     * @param openTicks how many cuts and checks are not ticked off, as the leader has seen it; 0 when all are
     * @param moved what a stem that hung or lay did; {@code nowOn} with it, unless it did not move at all or nothing is
     *     left of it
     */
    record StepDoneRequest(
            @Min(0) Integer openTicks,
            @Nullable Moved moved,
            Moved.@Nullable NowOn nowOn,
            @Size(max = 60) String id) {
        Optional<StemDid> told() {
            return Optional.ofNullable(moved)
                    .map(m -> m == Moved.NOT_AT_ALL ? StemDid.NOTHING : new StemDid(m, Optional.ofNullable(nowOn)));
        }
    }

    /**
     * @param pressedAt by the phone's clock
     * @param sentAt by the same clock, so that only the time between counts
     */
    record HoldRequest(
            @NotBlank @Size(max = 60) String id,
            @Size(max = 200) String reason,
            Instant pressedAt,
            Instant sentAt) {
        Duration ago() {
            return pressedAt == null || sentAt == null ? Duration.ZERO : Duration.between(pressedAt, sentAt);
        }
    }

    record ReceiptRequest(
            @NotNull Happening.Kind state, @Size(max = 60) String id) {}

    record LiftRequest(
            @NotNull LiftReason reason,
            @NotNull Long through,
            @Size(max = 200) String words,
            @Size(max = 60) String id) {}

    record SurpriseChoice(Surprise what, String words) {}

    record SurpriseRequest(
            @NotNull Surprise what,
            @NotBlank @Size(max = 60) String id) {}

    record LiftChoice(LiftReason reason, String words) {}

    private final Runs runs;
    private final Holds holds;
    private final Deputies deputies;
    private final Anemometer anemometer;
    private final Fresh fresh;

    RunController(Runs runs, Holds holds, Deputies deputies, Anemometer anemometer, Fresh fresh) {
        this.deputies = deputies;
        this.runs = runs;
        this.holds = holds;
        this.anemometer = anemometer;
        this.fresh = fresh;
    }

    /** The run as it stands: step, who is ready, what is against a go, ticks, the newest lines of the log. */
    @GetMapping
    @Needs(Needs.Right.READ)
    RunView run(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        RunFacts f = runs.facts(job);
        boolean going = f.going().isPresent();
        boolean posted = f.posted().contains(me.personId());
        Word word = Word.of(
                f.step().isPresent(),
                f.course().standing().isPresent(),
                posted,
                going,
                f.ended().isPresent() && !readyNow(f, me));
        Anemometer.Reading w = anemometer.now();
        return new RunView(
                f.briefing().map(b -> b.number()),
                f.stepsInAll(),
                f.step().map(s -> step(f, s, deputies.is(job, me.personId()), me)),
                f.tickedAlone().map(s -> ticked(f, s, me)).toList(),
                going,
                word,
                f.ended().map(Speech.words()::say),
                f.ringM(),
                f.waitAt(),
                f.course().signalTried().map(h -> f.line(h).at()),
                f.beforeGo().stream()
                        .map(a -> new AgainstView(
                                a.why(), a.subject(), Speech.words().say(a.message())))
                        .toList(),
                protections(f, me),
                f.course().standing().isPresent(),
                f.newest(),
                f.gustLimitMs(),
                Speech.words().show(Arg.down(Dimension.SPEED, f.gustLimitMs())),
                deputy(job, me),
                f.leaderId().equals(me.personId()) || deputies.is(job, me.personId()),
                new WindNow(
                        w.gustMs().value(),
                        w.gustMs().sigma(),
                        Speech.words().plusMinus(Dimension.SPEED, w.gustMs()),
                        w.fromDeg(),
                        w.simulated(),
                        w.at()));
    }

    private static boolean readyNow(RunFacts f, SignedIn me) {
        return f.step()
                .filter(s -> f.course().ready(s.id()).containsKey(me.personId()))
                .isPresent();
    }

    private static List<ProtectionState> protections(RunFacts f, SignedIn me) {
        Map<String, Happening> so = f.course().stillSo();
        return f.protections().stream()
                .map(p -> new ProtectionState(
                        p.id(),
                        p.entry().name(),
                        Speech.words().term(p.entry().protection()),
                        p.entry().protectedBy(),
                        p.entry().protectionDone(),
                        f.asked().contains(p.id()) && !so.containsKey(p.id()),
                        p.entry().protectedBy().equals(me.name())
                                || f.protecting(p.id()).anyMatch(s -> has(s, me))))
                .toList();
    }

    private Optional<DeputyState> deputy(String job, SignedIn me) {
        return deputies.of(job)
                .map(d -> new DeputyState(
                        d.personId(), d.name(), d.accepted(), d.personId().equals(me.personId())));
    }

    private static boolean has(Step s, SignedIn me) {
        return s.posts().stream().anyMatch(p -> p.personId().equals(me.personId()));
    }

    private static TickedStep ticked(RunFacts f, Step s, SignedIn me) {
        Set<String> posted = s.posts().stream().map(Step.Post::personId).collect(Collectors.toSet());
        return new TickedStep(
                s.id(),
                Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work())),
                f.people().stream()
                        .filter(p -> posted.contains(p.id()))
                        .map(Person::name)
                        .toList(),
                s.done(),
                f.step().filter(now -> s.turn() < now.turn()).isPresent(),
                has(s, me),
                Runs.mayTickStep(s, f.leaderId(), me));
    }

    private static StepState step(RunFacts f, Step s, boolean deputy, SignedIn me) {
        Map<String, Happening> ready = f.course().ready(s.id());
        List<PersonState> states = s.posts().stream()
                .map(p -> new PersonState(
                        p.personId(),
                        f.people().stream()
                                .filter(x -> x.id().equals(p.personId()))
                                .map(Person::name)
                                .findFirst()
                                .orElse("?"),
                        p.role(),
                        Speech.words().term(p.role()),
                        p.stand(),
                        f.briefing().filter(b -> b.signedBy(p.personId())).isPresent(),
                        Optional.ofNullable(ready.get(p.personId()))
                                .map(h -> f.line(h).at()),
                        Optional.ofNullable(ready.get(p.personId()))
                                .filter(h -> h.kind() == Happening.Kind.READY_SEEN)
                                .map(h -> f.line(h).who())))
                .toList();
        List<Role> mine = s.posts().stream()
                .filter(p -> p.personId().equals(me.personId()))
                .map(Step.Post::role)
                .toList();
        Map<String, Happening> ticked = f.course().ticked(s.id());
        List<TickView> cuts = f.cuts().stream()
                .map(c -> new TickView(
                        c.key(),
                        c.kind(),
                        c.says(),
                        c.measures(),
                        Optional.ofNullable(ticked.get(c.key()))
                                .map(h -> f.line(h).who()),
                        Optional.ofNullable(ticked.get(c.key()))
                                .map(h -> f.line(h).at())))
                .toList();
        return new StepState(
                s.id(),
                s.turn(),
                Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work())),
                s.stem(),
                states,
                mine.stream().anyMatch(Runs::saysStopped),
                !mine.isEmpty(),
                ready.containsKey(me.personId()),
                Runs.maySeeReady(f, deputy, me),
                cuts,
                (int) cuts.stream().filter(c -> c.at().isEmpty()).count(),
                Runs.mayTick(f, me),
                Optional.of(s).filter(x -> f.asksWhatItDid()).map(StemAsked::of));
    }

    /** Holds alone: nothing is computed, so that everybody sees a stop call at once. */
    @GetMapping("/holds")
    @Needs(Needs.Right.READ)
    List<Holds.HoldView> holds(@PathVariable String job) {
        return holds.holds(job);
    }

    /** What a hold may have been called for, for one tap. */
    @GetMapping("/surprises")
    @Needs(Needs.Right.READ)
    List<SurpriseChoice> surprises(@PathVariable String job) {
        return List.of(Surprise.values()).stream()
                .map(w -> new SurpriseChoice(w, Speech.words().say(Message.of(w))))
                .toList();
    }

    /** Why a hold may be lifted, for one tap. */
    @GetMapping("/lift-reasons")
    @Needs(Needs.Right.READ)
    List<LiftChoice> reasons(@PathVariable String job) {
        return List.of(LiftReason.values()).stream()
                .map(r -> new LiftChoice(r, Speech.words().term(r)))
                .toList();
    }

    /** Says that the stop signal was tried and answered by all. */
    @PostMapping("/signal-tried")
    @Needs(Needs.Right.STEER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signalTried(
            @PathVariable String job,
            @Validated @RequestBody(required = false) SignalRequest s,
            @AuthenticationPrincipal SignedIn me) {
        runs.signalTried(job, s == null ? "" : s.id, me);
    }

    /** Says that this person is ready for the step, or not any more. */
    @PostMapping("/ready")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ready(@PathVariable String job, @Validated @RequestBody ReadyRequest r, @AuthenticationPrincipal SignedIn me) {
        runs.ready(job, r.ready, r.id, me);
    }

    /** Says that somebody without a phone is ready, or not any more, as the lookout, leader or deputy sees. */
    @PostMapping("/ready-seen")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void readySeen(
            @PathVariable String job,
            @Validated @RequestBody ReadySeenRequest r,
            @AuthenticationPrincipal SignedIn me) {
        runs.readySeen(job, r.personId, r.ready, r.id, me);
    }

    /** A step that needs no go is done, or open again, as whoever does it or the leader says. */
    @PostMapping("/steps/{step}/tick")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tickStep(
            @PathVariable String job,
            @PathVariable String step,
            @Validated @RequestBody DoneRequest d,
            @AuthenticationPrincipal SignedIn me) {
        runs.tickStep(job, step, d.done, d.id, me);
    }

    /** Ticks off a cut or check, or takes the tick back. */
    @PostMapping("/ticks")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@PathVariable String job, @Validated @RequestBody TickRequest t, @AuthenticationPrincipal SignedIn me) {
        runs.tick(job, t.key, t.done, t.id, me);
    }

    /** Says before a go whether a protection is still in place. */
    @PostMapping("/protections/{feature}")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void protection(
            @PathVariable String job,
            @PathVariable String feature,
            @Validated @RequestBody DoneRequest d,
            @AuthenticationPrincipal SignedIn me) {
        runs.confirmProtection(job, feature, d.done, d.id, me);
    }

    /** Gives the go; everything that stands against it is named. */
    @PostMapping("/go")
    @Needs(Needs.Right.STEER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void go(
            @PathVariable String job,
            @Validated @RequestBody(required = false) GoRequest g,
            @AuthenticationPrincipal SignedIn me) {
        fresh.require(me);
        runs.go(job, g == null ? "" : g.id, me);
    }

    /** Ends the step; the stem is down. More open ticks than were seen are refused. */
    @PostMapping("/done")
    @Needs(Needs.Right.STEER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void done(
            @PathVariable String job,
            @Validated @RequestBody(required = false) StepDoneRequest d,
            @AuthenticationPrincipal SignedIn me) {
        runs.done(
                job,
                d == null || d.openTicks == null ? 0 : d.openTicks,
                d == null ? Optional.empty() : d.told(),
                d == null ? "" : d.id,
                me);
    }

    /** Presses HOLD: anyone on the job, at any time. The same id twice is one press. */
    @PostMapping("/holds")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hold(@PathVariable String job, @Validated @RequestBody HoldRequest h, @AuthenticationPrincipal SignedIn me) {
        holds.press(job, h.id, h.reason, h.ago(), me);
    }

    /** Says that a hold was seen, or that everything is stopped. */
    @PostMapping("/holds/{hold}/receipts")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void receipt(
            @PathVariable String job,
            @PathVariable String hold,
            @Validated @RequestBody ReceiptRequest r,
            @AuthenticationPrincipal SignedIn me) {
        holds.receipt(job, hold, r.state, r.id, me);
    }

    /** What a hold was called for, with one tap; everybody is shown the first thing to do. */
    @PostMapping("/holds/{hold}/surprise")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void surprise(
            @PathVariable String job,
            @PathVariable String hold,
            @Validated @RequestBody SurpriseRequest s,
            @AuthenticationPrincipal SignedIn me) {
        holds.surprise(job, hold, s.what, s.id, me);
    }

    /** Lifts a hold, with its reason, through the newest press the leader has seen. */
    @PostMapping("/holds/{hold}/lift")
    @Needs(Needs.Right.STEER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lift(
            @PathVariable String job,
            @PathVariable String hold,
            @Validated @RequestBody LiftRequest l,
            @AuthenticationPrincipal SignedIn me) {
        holds.lift(job, hold, l.through, l.reason, l.words, l.id, me);
    }
}
