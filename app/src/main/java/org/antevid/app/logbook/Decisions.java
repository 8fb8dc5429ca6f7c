package org.antevid.app.logbook;

import java.time.Clock;
import java.time.Instant;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.logbook.store.CorrectionDecisionEntity;
import org.antevid.app.logbook.store.CorrectionDecisionRepository;
import org.antevid.app.people.SignedIn;
import org.antevid.core.learn.CorrectionKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people decided about the house's own measurements, job by job: lines are added, the newest holds. */
@Service
@Transactional
public class Decisions {
    private final CorrectionDecisionRepository decisions;
    private final Jobs jobs;
    private final JobCache kept;
    private final Clock clock;

    Decisions(CorrectionDecisionRepository decisions, Jobs jobs, JobCache kept, Clock clock) {
        this.decisions = decisions;
        this.jobs = jobs;
        this.kept = kept;
        this.clock = clock;
    }

    private enum Question {
        ALL
    }

    /** Who decided what, when, on how many measurements. */
    public record Decision(boolean taken, int measured, Instant at, String by) {}

    /**
     * What it was decided on.
     *
     * @param was of the tables: degrees, chance, or 1 of a mass
     */
    record Ground(int measured, double was, double becomes) {}

    private List<CorrectionDecisionEntity> all(String jobId) {
        return kept.ofPlan(jobId, Question.ALL, () -> decisions.findByJobIdOrderByAt(jobId));
    }

    /** @return ids of the jobs on which anything was decided */
    Set<String> jobs() {
        return Set.copyOf(decisions.jobs());
    }

    /** @return what holds on this job, by subject */
    Map<String, Boolean> taken(String jobId, CorrectionKind kind) {
        Map<String, Boolean> held = new HashMap<>();
        all(jobId).stream().filter(d -> d.kind == kind).forEach(d -> held.put(d.subject, d.taken));
        return held;
    }

    /** @return the newest first */
    List<Decision> of(String jobId, CorrectionKind kind, String subject) {
        List<Decision> found = all(jobId).stream()
                .filter(d -> d.kind == kind && d.subject.equals(subject))
                .map(d -> new Decision(d.taken, d.measured, d.at, d.byName))
                .collect(Collectors.toList());
        Collections.reverse(found);
        return List.copyOf(found);
    }

    void add(String jobId, CorrectionKind kind, String subject, boolean take, Ground on, SignedIn who) {
        CorrectionDecisionEntity d = new CorrectionDecisionEntity();
        d.said(who, clock.instant());
        d.jobId = jobId;
        d.kind = kind;
        d.subject = subject;
        d.taken = take;
        d.measured = on.measured;
        d.was = on.was;
        d.becomes = on.becomes;
        decisions.saveAndFlush(d);
        jobs.touched(jobId, Change.LAY);
    }
}
