package org.antevid.app.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.instrument.Beacons;
import org.antevid.app.instrument.Dynamometer;
import org.antevid.app.instrument.Force;
import org.antevid.app.instrument.LoadDisplay;
import org.antevid.app.instrument.MadeUpSite;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.run.store.InstrumentEntity;
import org.antevid.app.run.store.InstrumentRepository;
import org.antevid.core.brief.WatchedStep;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.core.run.watch.BeaconWatch;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.run.watch.PullWatch;
import org.antevid.core.run.watch.WatchKind;
import org.antevid.core.run.watch.Watched;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The instruments that watch a job: put to use and put away by the leader, read each time somebody asks. Whoever works
 * without one loses nothing; one that is in use and silent is not known.
 */
@Service
@Transactional
public class Instruments {
    private static final int LONGEST_NUMBER = 40;
    private static final int LONGEST_REASON = 200;

    private final InstrumentRepository repository;
    private final Dynamometer dynamometer;
    private final LoadDisplay loads;
    private final Beacons beacons;
    private final MadeUpSite madeUp;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    Instruments(
            InstrumentRepository repository,
            Dynamometer dynamometer,
            LoadDisplay loads,
            Beacons beacons,
            MadeUpSite madeUp,
            Jobs jobs,
            JobLog log,
            Clock clock) {
        this.clock = clock;
        this.repository = repository;
        this.dynamometer = dynamometer;
        this.loads = loads;
        this.beacons = beacons;
        this.madeUp = madeUp;
        this.jobs = jobs;
        this.log = log;
    }

    /** One in use; a beacon has somebody who carries it. */
    public record InUse(String id, WatchKind kind, String number, Optional<String> personId, Optional<String> person) {}

    /**
     * One in use at this moment.
     *
     * @param at when it was last heard; empty while it never was
     * @param fix where a beacon was last heard, however long ago
     */
    public record Now(
            InUse inUse, Watched watched, Optional<Instant> at, boolean simulated, Optional<BeaconWatch.Fix> fix) {
        private Now unbriefed() {
            return new Now(inUse, watched.unbriefed(), at, simulated, fix);
        }
    }

    @Transactional(readOnly = true)
    public List<InUse> inUse(String jobId) {
        return repository.findByJobIdAndAwayAtIsNullOrderByPutAt(jobId).stream()
                .map(e -> new InUse(
                        e.id,
                        e.kind,
                        e.number,
                        Optional.ofNullable(e.personId),
                        Optional.ofNullable(e.personId).map(p -> name(jobId, p))))
                .toList();
    }

    private String name(String jobId, String personId) {
        return jobs.members(jobId).stream()
                .filter(m -> m.person().id().equals(personId))
                .map(m -> m.person().name())
                .findFirst()
                .orElse("?");
    }

    /**
     * @param personId who carries it, for a beacon alone
     * @return its id
     * @throws RefusedInput for one that is in use already, a beacon nobody of the job carries, a second beacon of one
     *     person
     */
    public String use(String jobId, WatchKind kind, String number, @Nullable String personId, SignedIn leader) {
        String clean = Require.text(number, LONGEST_NUMBER, "number");
        List<InUse> all = inUse(jobId);
        if (all.stream().anyMatch(i -> i.number.equals(clean))) {
            throw new RefusedInput("IN_USE", "number", Message.of(Answer.INSTRUMENT_IN_USE));
        }
        if (kind == WatchKind.BEACON) {
            boolean ofJob =
                    jobs.members(jobId).stream().anyMatch(m -> m.person().id().equals(personId));
            if (!ofJob) {
                throw new RefusedInput("NEEDED", "personId", Message.of(Answer.BEACON_NEEDS_BEARER));
            }
            if (all.stream()
                    .anyMatch(i -> i.personId.filter(p -> p.equals(personId)).isPresent())) {
                throw new RefusedInput("IN_USE", "personId", Message.of(Answer.BEACON_CARRIED));
            }
        }
        InstrumentEntity e = new InstrumentEntity();
        e.id = UUID.randomUUID().toString();
        e.jobId = jobId;
        e.kind = kind;
        e.number = clean;
        e.personId = kind == WatchKind.BEACON ? personId : null;
        e.putBy = leader.name();
        e.putAt = clock.instant();
        repository.saveAndFlush(e);
        told(jobId, Message.of(LogWords.INSTRUMENT_USED), e, leader);
        return e.id;
    }

    /** @param reason kept with it and in the log */
    public void putAway(String jobId, String id, String reason, SignedIn leader) {
        InstrumentEntity e = entity(jobId, id);
        e.awayAt = clock.instant();
        e.awayBy = leader.name();
        e.awayReason = Require.text(reason, LONGEST_REASON, "reason");
        repository.saveAndFlush(e);
        told(jobId, Message.of(LogWords.INSTRUMENT_AWAY).with("reason", Arg.name(e.awayReason)), e, leader);
    }

    /** Tells a simulated one what to read from now on. */
    public void makeUp(String jobId, String id, MadeUpSite.Told told) {
        told.forceN().ifPresent(n -> Require.within(n, 0, 1e6, "forceN"));
        madeUp.tell(entity(jobId, id).number, told);
    }

    private InstrumentEntity entity(String jobId, String id) {
        return repository
                .findById(id)
                .filter(e -> e.jobId.equals(jobId) && e.awayAt == null)
                .orElseThrow(NotThere::new);
    }

    private void told(String jobId, Message what, InstrumentEntity e, SignedIn who) {
        log.write(
                jobId,
                who.name(),
                what.with(
                        "instrument",
                        Arg.said(e.kind.called(
                                e.number, Optional.ofNullable(e.personId).map(p -> name(jobId, p))))));
        jobs.touched(jobId, Change.RUN);
    }

    /** @param step empty while nothing was briefed: then there is nothing to hold a reading against */
    List<Now> read(List<InUse> all, Optional<WatchedStep> step) {
        return all.stream()
                .map(i -> read(i, step))
                .map(n -> step.isPresent() ? n : n.unbriefed())
                .toList();
    }

    private Now read(InUse i, Optional<WatchedStep> step) {
        return switch (i.kind) {
            case LINE -> {
                Optional<LineLimits> limits = step.flatMap(WatchedStep::line);
                Optional<Force> f = dynamometer.pull(
                        i.number, limits.map(LineLimits::pretensionN).orElse(0.0));
                Watched w = PullWatch.line(f.filter(x -> fresh(i, x.at())).map(Force::valueN), limits);
                yield new Now(i, w, f.map(Force::at), dynamometer.simulated(), Optional.empty());
            }
            case LOAD -> {
                Optional<Force> f = loads.load(i.number);
                Watched w = PullWatch.load(
                        f.filter(x -> fresh(i, x.at())).map(Force::valueN), step.flatMap(WatchedStep::loadN));
                yield new Now(i, w, f.map(Force::at), loads.simulated(), Optional.empty());
            }
            case BEACON -> beacon(i, step);
        };
    }

    private Now beacon(InUse i, Optional<WatchedStep> step) {
        String person = i.personId.orElseThrow();
        BeaconWatch.Bearer bearer = step.map(s -> s.bearer(person, i.person.orElse("?")))
                .orElseGet(() -> new BeaconWatch.Bearer(i.person.orElse("?"), false, Optional.empty()));
        Optional<Beacons.Fix> heard = beacons.fix(i.number, step.flatMap(s -> s.placeOf(person)));
        Optional<BeaconWatch.Fix> fix = heard.map(f -> new BeaconWatch.Fix(f.at(), f.sigmaM()));
        return new Now(
                i,
                BeaconWatch.of(
                        fix.filter(f -> fresh(i, heard.orElseThrow().heardAt())),
                        bearer,
                        step.map(s -> s.closedTo(person)).orElse(List.of())),
                heard.map(Beacons.Fix::heardAt),
                beacons.simulated(),
                fix);
    }

    private boolean fresh(InUse i, Instant at) {
        return Duration.between(at, clock.instant()).toSeconds() <= i.kind.oldestS();
    }
}
