package org.antevid.app.run;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.core.card.CutStep;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.quantity.Fault;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
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
class RunController {
    record PersonState(String personId, String name, Role role, String roleWords, Optional<Spot> stand, boolean signed, Optional<Instant> readyAt) {
    }

    record ProtectionState(String featureId, String name, String words, String by, boolean done, boolean askAgain) {
    }

    record ReceiptView(String who, Receipt state, Instant at) {
    }

    record HoldView(String id, String who, String reason, Instant at, List<ReceiptView> receipts, boolean mine, boolean lifted, Optional<String> liftedBy,
                    Optional<String> liftReason) {
    }

    record TickView(String key, CutStep.Kind kind, String words, String measure, String inches, Optional<String> who, Optional<Instant> at) {
    }

    record StepState(String id, int turn, String title, Optional<String> stem, List<PersonState> people, boolean iMayConfirmStopped, boolean iAmPosted,
                     boolean iAmReady, List<TickView> cuts, boolean iMayTick) {
    }

    record RunView(Optional<Integer> briefing, int stepsInAll, Optional<StepState> step, boolean going, Optional<Instant> signalTriedAt, List<Fault> against,
                   List<ProtectionState> protections, boolean held, List<JobLog.Line> log, Optional<Double> gustLimitMs) {
    }

    record ReadyRequest(@NotNull Boolean ready) {
    }

    record TickRequest(@NotBlank @Size(max = 60) String key, @NotNull Boolean done) {
    }

    record DoneRequest(@NotNull Boolean done) {
    }

    record HoldRequest(@NotBlank @Size(max = 60) String id, @Size(max = 200) String reason) {
    }

    record ReceiptRequest(@NotNull Receipt state) {
    }

    record LiftRequest(@NotBlank @Size(max = 200) String reason) {
    }

    private final Runs runs;
    private final Crews crews;
    private final Briefings briefings;
    private final Places places;
    private final JobLog log;

    RunController(Runs runs, Crews crews, Briefings briefings, Places places, JobLog log) {
        this.runs = runs;
        this.crews = crews;
        this.briefings = briefings;
        this.places = places;
        this.log = log;
    }

    @GetMapping
    @Needs(Needs.Right.READ)
    RunView run(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        Optional<Briefings.Issue> briefing = briefings.latest(job);
        RunRecord state = runs.state(job);
        return new RunView(briefing.map(Briefings.Issue::number), crews.steps(job).size(), runs.current(job).map(s -> step(job, s, briefing, me)), state.going,
            Optional.ofNullable(state.signalTriedAt), runs.against(job), places.features(job).stream().filter(f -> f.entry().protection() != Protection.NONE)
            .map(f -> new ProtectionState(f.id(), f.entry().name(), f.entry().protection().words(), f.entry().protectedBy(), f.entry().protectionDone(), runs.askAgain(job, f))).toList(),
            runs.held(job), log.lines(job), briefing.map(b -> b.plan().gustLimitMs(runs.current(job).flatMap(Step::stem))));
    }

    private StepState step(String job, Step s, Optional<Briefings.Issue> briefing, SignedIn me) {
        List<ReadyRecord> ready = runs.ready(job, s.id());
        List<Person> people = crews.people(job);
        List<PersonState> states = s.posts().stream().map(p -> new PersonState(p.personId(), people.stream().filter(x -> x.id().equals(p.personId()))
            .map(Person::name).findFirst().orElse("?"), p.role(), p.role().words(), p.stand(), briefing.filter(b -> b.signedBy(p.personId())).isPresent(),
            ready.stream().filter(r -> r.personId.equals(p.personId())).map(r -> r.readyAt).findFirst())).toList();
        List<Role> mine = s.posts().stream().filter(p -> p.personId().equals(me.personId())).map(Step.Post::role).toList();
        return new StepState(s.id(), s.turn(), s.title(), s.stem(), states, mine.stream().anyMatch(r -> r == Role.CUTTER || r == Role.LOOKOUT), !mine.isEmpty(),
            ready.stream().anyMatch(r -> r.personId.equals(me.personId())), runs.ticks(job, s).stream().map(t -> new TickView(t.step().key(), t.step().kind(), t.step().words(), t.step().measure(), t.step().inches(),
                t.by().map(b -> b.who), t.by().map(b -> b.at))).toList(), runs.mayTick(job, s, me));
    }

    /** Holds alone: nothing is computed, so that everybody sees a stop call at once. */
    @GetMapping("/holds")
    @Needs(Needs.Right.READ)
    List<HoldView> holds(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return runs.holds(job).stream().map(h -> new HoldView(h.id, h.who, h.reason, h.calledAt, runs.receipts(h.id).stream()
            .map(r -> new ReceiptView(r.who, r.state, r.receivedAt)).toList(), h.personId.equals(me.personId()), h.liftedAt != null,
            Optional.ofNullable(h.liftedBy), Optional.ofNullable(h.liftReason))).toList();
    }

    @PostMapping("/signal-tried")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signalTried(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        runs.signalTried(job, me);
    }

    @PostMapping("/ready")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ready(@PathVariable String job, @Validated @RequestBody ReadyRequest r, @AuthenticationPrincipal SignedIn me) {
        runs.ready(job, r.ready, me);
    }

    @PostMapping("/ticks")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@PathVariable String job, @Validated @RequestBody TickRequest t, @AuthenticationPrincipal SignedIn me) {
        runs.tick(job, t.key, t.done, me);
    }

    @PostMapping("/protections/{feature}")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void protection(@PathVariable String job, @PathVariable String feature, @Validated @RequestBody DoneRequest d, @AuthenticationPrincipal SignedIn me) {
        runs.confirmProtection(job, feature, d.done, me);
    }

    @PostMapping("/go")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void go(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        runs.go(job, me);
    }

    @PostMapping("/done")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void done(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        runs.done(job, me);
    }

    @PostMapping("/holds")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hold(@PathVariable String job, @Validated @RequestBody HoldRequest h, @AuthenticationPrincipal SignedIn me) {
        runs.hold(job, h.id, h.reason, me);
    }

    @PostMapping("/holds/{hold}/receipts")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void receipt(@PathVariable String job, @PathVariable String hold, @Validated @RequestBody ReceiptRequest r, @AuthenticationPrincipal SignedIn me) {
        runs.receipt(job, hold, r.state, me);
    }

    @PostMapping("/holds/{hold}/lift")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lift(@PathVariable String job, @PathVariable String hold, @Validated @RequestBody LiftRequest l, @AuthenticationPrincipal SignedIn me) {
        runs.lift(job, hold, l.reason, me);
    }
}
