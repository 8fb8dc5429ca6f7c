package org.antevid.app.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.plan.Plans;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.core.card.CutStep;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
import org.antevid.core.site.Protection;
import org.antevid.core.stem.StemState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work while it runs: nobody goes before everything is green, anyone holds, only the leader lifts. */
@Service
@Transactional
public class Runs {
    private final RunRepository runs;
    private final ReadyRepository readiness;
    private final HoldRepository holds;
    private final ReceiptRepository receipts;
    private final TickRepository ticks;
    private final AskedRepository asked;
    private final Crews crews;
    private final Briefings briefings;
    private final Plans plans;
    private final Places places;
    private final Stems stems;
    private final Jobs jobs;
    private final JobLog log;

    Runs(RunRepository runs, ReadyRepository readiness, HoldRepository holds, ReceiptRepository receipts, TickRepository ticks, AskedRepository asked, Crews crews, Briefings briefings, Plans plans,
         Places places, Stems stems, Jobs jobs, JobLog log) {
        this.runs = runs;
        this.readiness = readiness;
        this.holds = holds;
        this.receipts = receipts;
        this.ticks = ticks;
        this.asked = asked;
        this.crews = crews;
        this.briefings = briefings;
        this.plans = plans;
        this.places = places;
        this.stems = stems;
        this.jobs = jobs;
        this.log = log;
    }

    Optional<Step> current(String jobId) {
        return crews.steps(jobId).stream().filter(s -> !s.done()).findFirst();
    }

    RunRecord state(String jobId) {
        return runs.findById(jobId).orElseGet(() -> {
            RunRecord r = new RunRecord();
            r.jobId = jobId;
            return r;
        });
    }

    List<ReadyRecord> ready(String jobId, String stepId) {
        return readiness.findByJobId(jobId).stream().filter(r -> r.stepId.equals(stepId)).toList();
    }

    List<HoldRecord> holds(String jobId) {
        return holds.findByJobIdOrderByCalledAtDesc(jobId);
    }

    List<ReceiptRecord> receipts(String holdId) {
        return receipts.findByHoldIdOrderByReceivedAt(holdId);
    }

    boolean held(String jobId) {
        return holds(jobId).stream().anyMatch(h -> h.liftedAt == null);
    }

    /** @return what stands against a go, in words; empty when all is green */
    List<Fault> against(String jobId) {
        List<Fault> against = new ArrayList<>();
        Optional<Step> step = current(jobId);
        if (step.isEmpty()) {
            return List.of(new Fault("NO_STEP", "step", "there is no step left"));
        }
        if (held(jobId)) {
            against.add(new Fault("HOLD", "hold", "a hold stands"));
        }
        if (state(jobId).signalTriedAt == null) {
            against.add(new Fault("SIGNAL", "signal", "the stop signal has not been tried, by whistle and arm"));
        }
        Optional<Briefings.Issue> briefing = briefings.latest(jobId);
        if (briefing.isEmpty()) {
            against.add(new Fault("NO_BRIEFING", "briefing", "no briefing has been issued"));
        } else if (!briefings.sinceLatest(jobId).isEmpty()) {
            against.add(new Fault("PLAN_CHANGED", "briefing", "the plan changed since briefing " + briefing.get().number() + "; issue a new one"));
        }
        List<Finding> findings = plans.findings(jobId);
        findings.stream().filter(f -> f.severity() == Severity.STOP).forEach(f -> against.add(new Fault("STOP", f.key(), f.words())));
        step.get().stem().ifPresent(label -> findings.stream().filter(f -> f.severity() == Severity.SECOND_OPINION && f.open()
            && f.subject().equals(label)).forEach(f -> against.add(new Fault("SECOND_OPINION", f.key(), "second opinion open: " + f.words()))));
        List<String> ready = ready(jobId, step.get().id()).stream().map(r -> r.personId).toList();
        List<Person> people = crews.people(jobId);
        step.get().posts().stream().map(Step.Post::personId).distinct().forEach(id -> {
            String name = people.stream().filter(p -> p.id().equals(id)).map(Person::name).findFirst().orElse("?");
            if (briefing.isPresent() && !briefing.get().signedBy(id)) {
                against.add(new Fault("NOT_SIGNED", "signature", name + " has not signed briefing " + briefing.get().number()));
            }
            if (!ready.contains(id)) {
                against.add(new Fault("NOT_READY", "ready", name + " is not ready"));
            }
        });
        places.features(jobId).stream().filter(f -> f.entry().protection() != Protection.NONE && !f.entry().protectionDone())
            .forEach(f -> against.add(new Fault("NOT_DONE", f.id(), f.entry().name() + ": " + f.entry().protection().words() + ", "
                + (f.entry().protectedBy().isBlank() ? "nobody named" : f.entry().protectedBy()))));
        places.features(jobId).stream().filter(f -> askAgain(jobId, f)).forEach(f -> against.add(new Fault("ASK_AGAIN", f.id(), f.entry().name() + ": still so? What was emptied or closed is looked at before each go")));
        return against;
    }

    /** People come back to what was emptied or closed: it is asked again before each go, whatever the plan says. */
    boolean askAgain(String jobId, Places.View f) {
        boolean comesBack = f.entry().protection() == Protection.EMPTY || f.entry().protection() == Protection.CLOSE;
        return comesBack && f.entry().protectionDone() && asked.findByJobId(jobId).stream().noneMatch(a -> a.featureId.equals(f.id()));
    }

    void signalTried(String jobId, SignedIn who) {
        RunRecord r = state(jobId);
        r.signalTriedAt = Instant.now();
        r.signalTriedBy = who.name();
        runs.saveAndFlush(r);
        log.write(jobId, who.name(), "stop signal tried, whistle and arm, answered by all");
        jobs.touched(jobId, "run");
    }

    void ready(String jobId, boolean isReady, SignedIn who) {
        Step step = current(jobId).orElseThrow(NotThere::new);
        if (step.posts().stream().noneMatch(p -> p.personId().equals(who.personId()))) {
            throw new RefusedInput("NOT_POSTED", "ready", "you have no part in " + step.title());
        }
        boolean was = ready(jobId, step.id()).stream().anyMatch(r -> r.personId.equals(who.personId()));
        if (isReady == was) {
            return;
        }
        readiness.deleteByJobIdAndPersonId(jobId, who.personId());
        readiness.flush();
        if (isReady) {
            ReadyRecord r = new ReadyRecord();
            r.id = UUID.randomUUID().toString();
            r.jobId = jobId;
            r.stepId = step.id();
            r.personId = who.personId();
            r.readyAt = Instant.now();
            readiness.saveAndFlush(r);
        }
        log.write(jobId, who.name(), isReady ? "ready for " + step.title() : "not ready now");
        jobs.touched(jobId, "run");
    }

    void confirmProtection(String jobId, String featureId, boolean done, SignedIn who) {
        Places.View f = places.features(jobId).stream().filter(x -> x.id().equals(featureId)).findFirst().orElseThrow(NotThere::new);
        if (f.entry().protectionDone() != done) {
            places.protectionDone(jobId, featureId, done);
        }
        asked.deleteByJobIdAndFeatureId(jobId, featureId);
        asked.flush();
        if (done) {
            AskedRecord a = new AskedRecord();
            a.id = UUID.randomUUID().toString();
            a.jobId = jobId;
            a.featureId = featureId;
            a.who = who.name();
            a.askedAt = Instant.now();
            asked.saveAndFlush(a);
        }
        jobs.touched(jobId, "run");
        log.write(jobId, who.name(), f.entry().name() + ": " + f.entry().protection().words() + (done ? ", done" : ", not done"));
    }

    /** @throws RefusedInput naming everything that stands against it */
    void go(String jobId, SignedIn leader) {
        List<Fault> against = against(jobId);
        if (!against.isEmpty()) {
            throw new RefusedInput(against);
        }
        RunRecord r = state(jobId);
        r.going = true;
        r.goAt = Instant.now();
        runs.saveAndFlush(r);
        log.write(jobId, leader.name(), "GO for " + current(jobId).orElseThrow().title());
        jobs.touched(jobId, "run");
    }

    /** The step is done: its stem is down, everybody gets ready anew. */
    void done(String jobId, SignedIn leader) {
        Step step = current(jobId).orElseThrow(NotThere::new);
        RunRecord r = state(jobId);
        if (!r.going || held(jobId)) {
            throw new RefusedInput("NOT_GOING", "step", "only a step that runs, with no hold standing, can be done");
        }
        crews.done(jobId, step.id());
        if (step.kind() == Step.Kind.FELL || step.kind() == Step.Kind.RELEASE) {
            step.stem().ifPresent(l -> stems.becomes(jobId, l, step.kind() == Step.Kind.FELL ? StemState.FELLED : StemState.LYING));
        }
        halt(jobId, r);
        log.write(jobId, leader.name(), "done: " + step.title());
        jobs.touched(jobId, "run");
    }

    /** Work halts until the next go, because the plan is another one; nothing happens while nothing runs. */
    public void halted(String jobId, String why, SignedIn who) {
        RunRecord r = state(jobId);
        if (r.going) {
            halt(jobId, r);
            log.write(jobId, who.name(), "halted: " + why + "; brief anew");
        }
        jobs.touched(jobId, "run");
    }

    /** @return the steps of the cut as they were briefed, for a step that fells; with who ticked them off */
    List<Ticked> ticks(String jobId, Step step) {
        List<TickRecord> done = ticks.findByJobIdAndStepId(jobId, step.id());
        return briefed(jobId, step).stream().map(s -> new Ticked(s, done.stream().filter(t -> t.tickKey.equals(s.key())).findFirst())).toList();
    }

    /** @param by who ticked it off and when */
    record Ticked(CutStep step, Optional<TickRecord> by) {
    }

    private List<CutStep> briefed(String jobId, Step step) {
        return step.kind() != Step.Kind.FELL ? List.of() : briefings.latest(jobId).flatMap(b -> step.stem().flatMap(b.plan()::stem)).flatMap(x -> x.lay()).flatMap(l -> l.cuts()).map(c -> c.steps()).orElse(List.of());
    }

    boolean mayTick(String jobId, Step step, SignedIn who) {
        return jobs.leaderOf(jobId).equals(who.personId()) || step.posts().stream().anyMatch(p -> p.personId().equals(who.personId()) && (p.role() == Role.CUTTER || p.role() == Role.LOOKOUT));
    }

    /** Cutter, lookout or leader ticks off a step of the cut, or takes the tick back. */
    void tick(String jobId, String key, boolean isDone, SignedIn who) {
        Step step = current(jobId).orElseThrow(NotThere::new);
        if (!mayTick(jobId, step, who)) {
            throw new NotAllowed("The cutter, the lookout or the leader ticks off the cuts.");
        }
        CutStep cut = briefed(jobId, step).stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow(NotThere::new);
        List<TickRecord> was = ticks.findByJobIdAndStepId(jobId, step.id()).stream().filter(t -> t.tickKey.equals(key)).toList();
        if (isDone && was.isEmpty()) {
            TickRecord t = new TickRecord();
            t.id = UUID.randomUUID().toString();
            t.jobId = jobId;
            t.stepId = step.id();
            t.tickKey = key;
            t.who = who.name();
            t.at = Instant.now();
            ticks.saveAndFlush(t);
            log.write(jobId, who.name(), "done: " + cut.words());
        } else if (!isDone && !was.isEmpty()) {
            ticks.deleteAll(was);
            ticks.flush();
            log.write(jobId, who.name(), "not done after all: " + cut.words());
        }
        jobs.touched(jobId, "run");
    }

    private void halt(String jobId, RunRecord r) {
        r.going = false;
        runs.saveAndFlush(r);
        asked.deleteByJobId(jobId);
        readiness.deleteByJobId(jobId);
    }

    /** Anyone on the job. The same id twice is one hold. */
    void hold(String jobId, String id, String reason, SignedIn who) {
        if (holds.findById(id).isPresent()) {
            return;
        }
        HoldRecord h = new HoldRecord();
        h.id = Require.text(id, 60, "id");
        h.jobId = jobId;
        h.personId = who.personId();
        h.who = who.name();
        h.reason = reason == null ? "" : reason.strip();
        h.calledAt = Instant.now();
        holds.saveAndFlush(h);
        halt(jobId, state(jobId));
        log.write(jobId, who.name(), "HOLD" + (h.reason.isEmpty() ? "" : ": " + h.reason));
        jobs.touched(jobId, "hold");
    }

    /** Seen by anyone; stopped only by the cutter or the lookout of the step. */
    void receipt(String jobId, String holdId, Receipt state, SignedIn who) {
        HoldRecord h = holds.findByJobIdAndId(jobId, holdId).orElseThrow(NotThere::new);
        if (state == Receipt.STOPPED && current(jobId).stream().flatMap(s -> s.posts().stream())
            .noneMatch(p -> p.personId().equals(who.personId()) && (p.role() == Role.CUTTER || p.role() == Role.LOOKOUT))) {
            throw new NotAllowed("Only the cutter, or the lookout who sees the cutter, confirms that all is stopped.");
        }
        if (receipts(holdId).stream().anyMatch(r -> r.personId.equals(who.personId()) && r.state == state)) {
            return;
        }
        ReceiptRecord r = new ReceiptRecord();
        r.id = UUID.randomUUID().toString();
        r.holdId = h.id;
        r.personId = who.personId();
        r.who = who.name();
        r.state = state;
        r.receivedAt = Instant.now();
        receipts.saveAndFlush(r);
        if (state == Receipt.STOPPED) {
            log.write(jobId, who.name(), "confirms: stopped");
        }
        jobs.touched(jobId, "hold");
    }

    void lift(String jobId, String holdId, String reason, SignedIn leader) {
        HoldRecord h = holds.findByJobIdAndId(jobId, holdId).orElseThrow(NotThere::new);
        if (h.liftedAt != null) {
            throw new RefusedInput("LIFTED", "hold", "was lifted already by " + h.liftedBy);
        }
        h.liftReason = Require.text(reason, 200, "reason");
        h.liftedBy = leader.name();
        h.liftedAt = Instant.now();
        holds.saveAndFlush(h);
        log.write(jobId, leader.name(), "hold lifted: " + h.liftReason);
        jobs.touched(jobId, "hold");
    }
}
