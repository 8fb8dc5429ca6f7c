package org.antevid.app.run.web;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.Deputies;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Needs;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.app.run.Holds;
import org.antevid.app.run.Runs;
import org.antevid.core.brief.AfterSurprise;
import org.antevid.core.brief.StemDid;
import org.antevid.core.crew.Step;
import org.antevid.core.message.Message;
import org.antevid.core.run.Happening;
import org.antevid.core.run.LiftReason;
import org.antevid.core.run.PieceWent;
import org.antevid.core.run.Sounding;
import org.antevid.core.run.Surprise;
import org.antevid.core.run.Unticked;
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
    private static final int NEWEST_LINES = 40;

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
     * @param unticked why they are not; needed while there are any
     * @param moved what a stem that hung or lay did; {@code nowOn} with it, unless it did not move at all or nothing is
     *     left of it
     * @param piece how it went, of a step that takes pieces off a tree
     */
    record StepDoneRequest(
            @Min(0) Integer openTicks,
            @Nullable Unticked unticked,
            @Nullable Moved moved,
            Moved.@Nullable NowOn nowOn,
            @Nullable PieceWent piece,
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

    /** @param sounding whether the screen that shows it sounds too */
    record ReceiptRequest(
            @NotNull Happening.Kind state,
            @Nullable Sounding sounding,
            @Size(max = 60) String id) {}

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

    record UntickedChoice(Unticked unticked, String words) {}

    private final Runs runs;
    private final Holds holds;
    private final Deputies deputies;
    private final Anemometer anemometer;
    private final Fresh fresh;
    private final JobLog log;

    RunController(Runs runs, Holds holds, Deputies deputies, Anemometer anemometer, Fresh fresh, JobLog log) {
        this.log = log;
        this.deputies = deputies;
        this.runs = runs;
        this.holds = holds;
        this.anemometer = anemometer;
        this.fresh = fresh;
    }

    /** What was written down by itself, the newest line first. */
    @GetMapping("/log")
    @Needs(Needs.Right.READ)
    List<JobLog.Line> log(@PathVariable String job) {
        return log.newest(job, NEWEST_LINES);
    }

    /** The run as it stands: step, who is ready, what is against a go, ticks. */
    @GetMapping
    @Needs(Needs.Right.READ)
    RunScreen.RunView run(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return RunScreen.of(runs.facts(job), deputies.of(job), anemometer.now(), me);
    }

    /** Holds alone: nothing is computed, so that everybody sees a stop call at once. */
    @GetMapping("/holds")
    @Needs(Needs.Right.READ)
    List<Holds.HoldView> holds(@PathVariable String job) {
        return holds.holds(job);
    }

    /** What a hold may have been called for in the step whose turn it is, for one tap. */
    @GetMapping("/surprises")
    @Needs(Needs.Right.READ)
    List<SurpriseChoice> surprises(@PathVariable String job) {
        boolean inPieces =
                runs.facts(job).step().filter(s -> s.kind() == Step.Kind.ALOFT).isPresent();
        return Surprise.in(inPieces).stream()
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

    /** Why a step may be ended with cuts and checks not ticked off, for one tap. */
    @GetMapping("/unticked-reasons")
    @Needs(Needs.Right.STEER)
    List<UntickedChoice> untickedReasons(@PathVariable String job) {
        return List.of(Unticked.values()).stream()
                .map(u -> new UntickedChoice(u, Speech.words().term(u)))
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
                Optional.ofNullable(d).map(StepDoneRequest::unticked),
                d == null ? Optional.empty() : d.told(),
                Optional.ofNullable(d).map(StepDoneRequest::piece),
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
        holds.receipt(job, hold, r.state, Optional.ofNullable(r.sounding), r.id, me);
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

    /** What can be done next after what a hold was called for, from the plan that was briefed. */
    @GetMapping("/holds/{hold}/next")
    @Needs(Needs.Right.READ)
    List<AfterSurprise> next(@PathVariable String job, @PathVariable String hold) {
        return holds.next(job, hold);
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
