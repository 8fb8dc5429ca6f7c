package org.antevid.app.review;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.app.trace.Trail;
import org.antevid.core.outcome.Deviation;
import org.antevid.core.plan.PlanDocument;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemState;
import org.hibernate.envers.Audited;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What really happened, and what is learned from it. */
@Service
@Transactional
public class Reviews {
    private static final double WHOLE_CIRCLE_DEG = 180;
    private final OutcomeRepository outcomes;
    private final LessonRepository lessons;
    private final Briefings briefings;
    private final Stems stems;
    private final Jobs jobs;
    private final JobLog log;
    private final Trail trail;

    Reviews(OutcomeRepository outcomes, LessonRepository lessons, Briefings briefings, Stems stems, Jobs jobs, JobLog log, Trail trail) {
        this.outcomes = outcomes;
        this.lessons = lessons;
        this.briefings = briefings;
        this.stems = stems;
        this.jobs = jobs;
        this.log = log;
        this.trail = trail;
    }

    /** What was measured after the fall: tip by bearing and distance from the stump, hinge found on the stump in millimetres. */
    public record Measured(double bearingDeg, double distanceM, Optional<Double> hingeLeftMm, Optional<Double> hingeRightMm, Optional<Double> hingeLengthMm,
                           String surprise) {
    }

    /** An outcome against the plan; the deviation is empty when the spread was not known. */
    public record Outcome(String stem, Measured measured, Spot tip, double plannedLayDeg, boolean spreadKnown, Deviation deviation, double plannedHingeMm,
                          double plannedHingeLengthMm, String who, Instant at, long version) {
    }

    /** A lesson, with the job it comes from. */
    public record Lesson(String jobId, String words, String who, Instant at) {
    }

    public List<Outcome> outcomes(String jobId) {
        return outcomes.findByJobId(jobId).stream().map(r -> outcome(jobId, r)).toList();
    }

    void record(String jobId, String label, Measured m, Long version, SignedIn who) {
        Stems.Known stem = stems.labelled(jobId, label).orElseThrow(() -> new RefusedInput("UNKNOWN_STEM", "stem", "is no stem of this job"));
        if (stem.reading().state() != StemState.FELLED) {
            throw new RefusedInput("NOT_FELLED", "stem", label + " is not felled yet");
        }
        planned(jobId, label);
        OutcomeRecord r = outcomes.findByJobIdAndStem(jobId, label).orElse(null);
        if (r == null) {
            r = new OutcomeRecord();
            r.id = UUID.randomUUID().toString();
            r.jobId = jobId;
            r.stem = label;
        } else {
            trail.requireFresh(r, r.id, r.version, version, "The outcome of " + label);
        }
        r.bearingDeg = Require.within(m.bearingDeg, 0, 360, "bearingDeg");
        r.distanceM = Require.within(m.distanceM, 0.6, 120, "distanceM");
        r.hingeLeftMm = m.hingeLeftMm.map(v -> Require.within(v, 0, 600, "hingeLeftMm")).orElse(null);
        r.hingeRightMm = m.hingeRightMm.map(v -> Require.within(v, 0, 600, "hingeRightMm")).orElse(null);
        r.hingeLengthMm = m.hingeLengthMm.map(v -> Require.within(v, 0, 4000, "hingeLengthMm")).orElse(null);
        r.surprise = m.surprise == null ? "" : m.surprise.strip();
        r.who = who.name();
        r.at = Instant.now();
        outcomes.saveAndFlush(r);
        log.write(jobId, who.name(), "outcome of " + label + " measured");
        jobs.touched(jobId, "review");
    }

    private PlanDocument.LayPart planned(String jobId, String label) {
        return briefings.latest(jobId).flatMap(b -> b.plan().stem(label)).flatMap(PlanDocument.StemPart::lay)
            .orElseThrow(() -> new RefusedInput("NOT_PLANNED", "stem", "no lay of " + label + " was briefed, so there is nothing to compare with"));
    }

    private Outcome outcome(String jobId, OutcomeRecord r) {
        PlanDocument.LayPart lay = planned(jobId, r.stem);
        Spot stump = stems.labelled(jobId, r.stem).orElseThrow().reading().at();
        Spot tip = stump.at(r.bearingDeg, r.distanceM);
        Deviation d = Deviation.of(stump, tip, lay.layDeg(), lay.biasDeg().orElse(0.0), lay.sigmaDeg().orElse(WHOLE_CIRCLE_DEG));
        return new Outcome(r.stem, new Measured(r.bearingDeg, r.distanceM, Optional.ofNullable(r.hingeLeftMm), Optional.ofNullable(r.hingeRightMm),
            Optional.ofNullable(r.hingeLengthMm), r.surprise), tip, lay.layDeg(), lay.sigmaDeg().isPresent(), d, 1000 * lay.hingeThickM(),
            1000 * lay.hingeLengthM(), r.who, r.at, r.version);
    }

    void learn(String jobId, String words, SignedIn who) {
        LessonRecord l = new LessonRecord();
        l.id = UUID.randomUUID().toString();
        l.jobId = jobId;
        l.words = Require.text(words, 500, "words");
        l.who = who.name();
        l.at = Instant.now();
        lessons.save(l);
        log.write(jobId, who.name(), "lesson: " + l.words);
        jobs.touched(jobId, "review");
    }

    public List<Lesson> lessons(String jobId) {
        return lessons.findByJobIdOrderByAt(jobId).stream().map(l -> new Lesson(l.jobId, l.words, l.who, l.at)).toList();
    }
}

@Entity
@Audited
@Table(name = "outcome")
class OutcomeRecord {
    @Id
    String id;
    String jobId;
    String stem;
    double bearingDeg;
    double distanceM;
    Double hingeLeftMm;
    Double hingeRightMm;
    Double hingeLengthMm;
    String surprise;
    String who;
    Instant at;
    @Version
    long version;
}

/** Never changed. */
@Entity
@Table(name = "lesson")
class LessonRecord {
    @Id
    String id;
    String jobId;
    String words;
    String who;
    Instant at;
}

interface OutcomeRepository extends JpaRepository<OutcomeRecord, String> {
    List<OutcomeRecord> findByJobId(String jobId);

    Optional<OutcomeRecord> findByJobIdAndStem(String jobId, String stem);
}

interface LessonRepository extends JpaRepository<LessonRecord, String> {
    List<LessonRecord> findByJobIdOrderByAt(String jobId);
}
