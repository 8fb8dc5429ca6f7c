package org.antevid.app.logbook;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.lay.Lays;
import org.antevid.app.lay.PastFalls;
import org.antevid.app.logbook.store.AimDecisionEntity;
import org.antevid.app.logbook.store.AimDecisionRepository;
import org.antevid.app.logbook.store.FallLineEntity;
import org.antevid.app.logbook.store.FallLineRepository;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Site;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How whoever is to cut a stem aimed before, and whether the plan of a job rests on it. */
@Service
@Transactional
public class Aims implements PastFalls {
    private final FallLineRepository lines;
    private final AimDecisionRepository decisions;
    private final Crews crews;
    private final Stems stems;
    private final People people;
    private final Lays lays;
    private final Jobs jobs;
    private final JobCache kept;
    private final Clock clock;

    Aims(
            FallLineRepository lines,
            AimDecisionRepository decisions,
            Crews crews,
            Stems stems,
            People people,
            Lays lays,
            Jobs jobs,
            JobCache kept,
            Clock clock) {
        this.clock = clock;
        this.lines = lines;
        this.decisions = decisions;
        this.crews = crews;
        this.stems = stems;
        this.people = people;
        this.lays = lays;
        this.jobs = jobs;
        this.kept = kept;
    }

    private record Question(String stemId) {}

    /** Who decided what, when. */
    public record Decision(boolean taken, int falls, Instant at, String by) {}

    /**
     * A plan with and without the earlier falls.
     *
     * @param with what they say
     * @param ringM kept clear as the plan is now
     * @param otherwiseRingM as it would be if that were decided the other way
     * @param decided the newest first
     */
    public record Comparison(
            AimRecord record, AimRecord.Learned with, double ringM, double otherwiseRingM, List<Decision> decided) {}

    @Override
    @Transactional(readOnly = true)
    public Optional<AimRecord> of(String jobId, String stemId) {
        return kept.ofPlan(jobId, new Question(stemId), () -> record(jobId, stemId));
    }

    private Optional<AimRecord> record(String jobId, String stemId) {
        String label = stems.known(jobId, stemId).reading().label();
        return crews.cutterOf(jobId, label)
                .map(person -> new AimRecord(
                        person,
                        people.person(person).name(),
                        misses(person, jobId, label),
                        decisions.findByJobIdAndPersonIdOrderByAtDesc(jobId, person).stream()
                                .map(d -> d.taken)
                                .findFirst()));
    }

    /** A stem is judged by what was known before it fell, never by its own fall. */
    private List<Double> misses(String person, String jobId, String label) {
        List<FallLineEntity> falls = lines.findBySawyerIdOrderByFelledAtDesc(person);
        Optional<Instant> own = falls.stream()
                .filter(l -> l.jobId.equals(jobId) && l.stem.equals(label))
                .map(l -> l.felledAt)
                .findFirst();
        return falls.stream()
                .filter(l -> own.filter(o -> !l.felledAt.isBefore(o)).isEmpty())
                .filter(Logbook::aimed)
                .map(l -> Objects.requireNonNull(l.missDeg))
                .toList();
    }

    /** @return empty below three falls, and while the lay is not recorded or cannot be judged */
    @Transactional(readOnly = true)
    public Optional<Comparison> compared(String jobId, String stemId) {
        return lays.chosenFor(stemId).map(Lays.StemChoice::choice).flatMap(choice -> choice.before()
                .flatMap(record -> {
                    Site site = lays.site(jobId);
                    LayPlan now = lays.plan(lays.felled(jobId, stemId), site, choice);
                    return now.learned()
                            .map(with -> new Comparison(
                                    record,
                                    with,
                                    now.zone().exclusionM(),
                                    otherwise(jobId, stemId, choice, record, with, site),
                                    decided(jobId, record.personId())));
                }));
    }

    private double otherwise(
            String jobId, String stemId, LayChoice choice, AimRecord record, AimRecord.Learned with, Site site) {
        AimRecord other =
                new AimRecord(record.personId(), record.name(), record.missesDeg(), Optional.of(!with.used()));
        return lays.plan(lays.felled(jobId, stemId), site, choice.cutBy(Optional.of(other)))
                .zone()
                .exclusionM();
    }

    private List<Decision> decided(String jobId, String person) {
        return decisions.findByJobIdAndPersonIdOrderByAtDesc(jobId, person).stream()
                .map(d -> new Decision(d.taken, d.falls, d.at, d.byName))
                .toList();
    }

    /**
     * Uses the earlier falls in this job's plan, or no longer: then it is to the digit as it was without them.
     *
     * @throws RefusedInput where there is nothing to decide on, and for what is narrower while there are too few falls
     */
    public void decide(String jobId, String stemId, boolean take, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        Comparison c = compared(jobId, stemId)
                .orElseThrow(() -> new RefusedInput("MISSING", "falls", Message.of(Answer.NO_FALLS_TO_LEARN_FROM)));
        if (take && !c.with().mayBeTaken()) {
            throw new RefusedInput("MISSING", "falls", Message.of(Answer.TOO_FEW_FALLS_TO_NARROW));
        }
        AimDecisionEntity d = new AimDecisionEntity();
        d.said(who, clock.instant());
        d.jobId = jobId;
        d.personId = c.record().personId();
        d.taken = take;
        d.falls = c.with().falls();
        d.tableDeg = c.with().tableDeg();
        d.blendedDeg = c.with().blendedDeg();
        decisions.saveAndFlush(d);
        jobs.touched(jobId, Change.LAY);
    }
}
