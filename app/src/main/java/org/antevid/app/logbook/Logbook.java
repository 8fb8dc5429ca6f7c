package org.antevid.app.logbook;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobChanged;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.logbook.store.FallLineEntity;
import org.antevid.app.logbook.store.FallLineRepository;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.review.Reviews;
import org.antevid.app.run.Runs;
import org.antevid.app.stem.Stems;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.lay.spread.LossRecord;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.stem.Condition;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * All falls of the house. A job's lines are made from what its briefings, run and outcomes say, and made anew when one
 * of these has changed since: nothing is entered here a second time.
 */
@Service
public class Logbook {
    /** A stem that is down, what is told of it, the name of the job; a hold and a ready wait for nothing here. */
    private static final Set<Change> RESTS_ON = EnumSet.of(Change.JOB, Change.STEM, Change.REVIEW);

    private final FallLineRepository lines;
    private final JdbcTemplate store;
    private final TransactionTemplate whole;
    private final Jobs jobs;
    private final Stems stems;
    private final Briefings briefings;
    private final Runs runs;
    private final Reviews reviews;
    private final Crews crews;
    private final Aims aims;
    private final Decisions decisions;

    Logbook(
            FallLineRepository lines,
            JdbcTemplate store,
            PlatformTransactionManager transactions,
            Jobs jobs,
            Stems stems,
            Briefings briefings,
            Runs runs,
            Reviews reviews,
            Crews crews,
            Aims aims,
            Decisions decisions) {
        this.aims = aims;
        this.decisions = decisions;
        this.lines = lines;
        this.store = store;
        this.whole = new TransactionTemplate(transactions);
        whole.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        this.jobs = jobs;
        this.stems = stems;
        this.briefings = briefings;
        this.runs = runs;
        this.reviews = reviews;
        this.crews = crews;
    }

    /** In the transaction of the change: what was made of the job before holds no longer once that is committed. */
    @EventListener
    void changed(JobChanged c) {
        if (RESTS_ON.contains(c.what())) {
            store.update(
                    "merge into logbook_version (job_id, version) key (job_id) "
                            + "values (?, coalesce((select version from logbook_version where job_id = ?), 0) + 1)",
                    c.jobId(),
                    c.jobId());
        }
    }

    /** Once what is told of a fall is committed, the plans of whoever cut it rest on it. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void told(JobChanged c) {
        if (c.what() != Change.REVIEW) {
            return;
        }
        Map<Condition, Double> before = lossesTaken();
        refresh();
        boolean oftener = !before.equals(lossesTaken());
        Set<String> decided = decisions.jobs();
        whole.executeWithoutResult(t -> Stream.concat(
                        lines.findByJobId(c.jobId()).stream()
                                .flatMap(l -> Optional.ofNullable(l.sawyerId).stream())
                                .distinct()
                                .flatMap(sawyer -> crews.toBeCutBy(sawyer).stream()),
                        jobs.open().stream().filter(job -> oftener || decided.contains(job)))
                .distinct()
                .forEach(job -> jobs.touched(job, Change.LAY)));
    }

    /** @return the chances that control is lost as a plan takes them that nobody has decided about */
    private Map<Condition, Double> lossesTaken() {
        LossRecord losses = new LossRecord(aims.losses(Aims.EVER), Map.of());
        return Stream.of(Condition.values()).collect(Collectors.toMap(w -> w, losses::chance));
    }

    /**
     * What somebody may see.
     *
     * @param open the lines they see one by one, the newest first
     * @param summed of the others, only what they come to together
     */
    public record Seen(List<FallLineEntity> open, List<FallLineEntity> summed) {}

    /** Reviewers and the owner see all, a leader the jobs they lead, a sawyer their own falls. */
    public Seen seenBy(SignedIn me) {
        refresh();
        List<FallLineEntity> all = lines.findAllByOrderByFelledAtDesc();
        Set<String> led = all.stream()
                .map(l -> l.jobId)
                .filter(Objects::nonNull)
                .distinct()
                .filter(j -> me.mayEnter(j)
                        && jobs.part(j, me).filter(p -> p != Part.CREW).isPresent())
                .collect(Collectors.toSet());
        Map<Boolean, List<FallLineEntity>> mine = all.stream()
                .collect(Collectors.partitioningBy(l -> me.office() == Office.OWNER
                        || l.imported && me.office() == Office.REVIEWER
                        || led.contains(l.jobId)
                        || me.personId().equals(l.sawyerId)));
        return new Seen(mine.getOrDefault(true, List.of()), mine.getOrDefault(false, List.of()));
    }

    /** A felled stem whose tip nobody measured. */
    public record Unmeasured(String jobId, String job, String stem) {}

    /** @return those this person sees one by one, the newest first */
    public List<Unmeasured> unmeasured(SignedIn me) {
        return seenBy(me).open().stream()
                .filter(l -> l.missDeg == null)
                .flatMap(l -> Optional.ofNullable(l.jobId).map(job -> new Unmeasured(job, l.jobName, l.stem)).stream())
                .toList();
    }

    /** The version is read first: lines made while the job is being changed are of the past, and made once more. */
    private synchronized void refresh() {
        Map<String, Long> stale = new LinkedHashMap<>();
        store.query(
                "select j.id, coalesce(v.version, 0) from job j left join logbook_version v on v.job_id = j.id "
                        + "left join logbook_made m on m.job_id = j.id "
                        + "where m.version is null or m.version <> coalesce(v.version, 0)",
                row -> {
                    stale.put(row.getString(1), row.getLong(2));
                });
        stale.forEach((job, version) -> whole.executeWithoutResult(t -> {
            lines.deleteByJobId(job);
            lines.flush();
            lines.saveAll(made(job));
            store.update("merge into logbook_made (job_id, version) key (job_id) values (?, ?)", job, version);
        }));
    }

    private List<FallLineEntity> made(String jobId) {
        String name = jobs.job(jobId).name();
        Map<String, Reviews.Outcome> outcomes = reviews.outcomes(jobId).stream()
                .map(Reviews.OutcomeHistory::outcome)
                .collect(Collectors.toMap(Reviews.Outcome::stem, Function.identity()));
        return stems.known(jobId).stream()
                .filter(s -> s.reading().state().gone())
                .map(s -> s.reading().label())
                .flatMap(label -> line(jobId, name, label, Optional.ofNullable(outcomes.get(label))).stream())
                .toList();
    }

    private Optional<FallLineEntity> line(
            String jobId, String jobName, String label, Optional<Reviews.Outcome> outcome) {
        return runs.fallOf(jobId, label).flatMap(fall -> briefings
                .number(jobId, fall.briefing())
                .map(Briefings.Issue::plan)
                .flatMap(plan -> plan.stem(label).flatMap(part -> part.lay().map(lay -> {
                    FallLineEntity l = new FallLineEntity();
                    l.id = UUID.randomUUID().toString();
                    l.jobId = jobId;
                    l.jobName = jobName;
                    l.stem = label;
                    l.felledAt = fall.at();
                    plan.cutter(label).ifPresent(c -> {
                        l.sawyerId = c.personId();
                        l.sawyer = c.person();
                    });
                    l.species = part.species();
                    l.gustMs = fall.gustMs().orElse(null);
                    planned(l, lay);
                    outcome.ifPresent(o -> measured(l, o.measured()));
                    l.derive();
                    return l;
                }))));
    }

    /** @return whether where it lies says how well it was aimed: measured, and guided to the end */
    public static boolean aimed(FallLineEntity l) {
        return l.missDeg != null && l.control != null && l.control.aimed();
    }

    private static void planned(FallLineEntity l, PlanDocument.LayPart lay) {
        l.school = lay.school();
        l.means = lay.means();
        l.wood = lay.spread().map(PlanDocument.SpreadPart::wood).orElse(null);
        Foreseen foreseen = lay.foreseen();
        l.layDeg = foreseen.layDeg();
        l.biasDeg = foreseen.biasDeg().orElse(null);
        l.spreadDeg = foreseen.sigmaDeg().orElse(null);
        l.expectedM = foreseen.lengthM().orElse(null);
    }

    private static void measured(FallLineEntity l, Reviews.FallMeasures m) {
        l.control = m.control().orElse(null);
        l.measuredBy = m.by().orElse(null);
        l.fellDeg = m.bearingDeg();
        l.distanceM = m.distanceM();
    }
}
