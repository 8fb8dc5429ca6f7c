package org.antevid.app.crew;

import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.crew.store.StepNotWantedEntity;
import org.antevid.app.crew.store.StepNotWantedRepository;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.core.crew.StepKey;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Steps the plan asks for and the leader does not want, each with its reason. */
@Service
@Transactional
public class NotWanted {
    private static final int LONGEST_REASON = 200;
    private final StepNotWantedRepository store;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    NotWanted(StepNotWantedRepository store, Jobs jobs, JobLog log, Clock clock) {
        this.clock = clock;
        this.store = store;
        this.jobs = jobs;
        this.log = log;
    }

    /** Why a step is not wanted, and who said so. */
    public record Reason(String words, String who) {}

    /** @return by the kept key of the step */
    @Transactional(readOnly = true)
    public Map<String, Reason> of(String jobId) {
        return store.findByJobId(jobId).stream()
                .collect(Collectors.toMap(r -> r.stepKey, r -> new Reason(r.reason, r.saidBy)));
    }

    /** Writes into the log who does not want a step, and why; the plan asks for it no more. */
    public void say(String jobId, StepKey step, String reason, String who) {
        String why = Require.text(reason, LONGEST_REASON, "reason");
        StepNotWantedEntity r = store.findByJobIdAndStepKey(jobId, step.kept()).orElseGet(StepNotWantedEntity::new);
        r.id = r.id == null ? UUID.randomUUID().toString() : r.id;
        r.jobId = jobId;
        r.stepKey = step.kept();
        r.reason = why;
        r.saidBy = who;
        r.saidAt = clock.instant();
        store.saveAndFlush(r);
        log.write(
                jobId,
                who,
                Message.of(LogWords.STEP_REMOVED)
                        .with("step", Arg.said(Phrase.step(step.kind(), step.stem(), step.work())))
                        .with("reason", Arg.name(why)));
        jobs.touched(jobId, Change.CREW);
    }

    /** It is wanted after all. */
    public void takeBack(String jobId, StepKey step) {
        store.findByJobIdAndStepKey(jobId, step.kept()).ifPresent(store::delete);
        store.flush();
        jobs.touched(jobId, Change.CREW);
    }
}
