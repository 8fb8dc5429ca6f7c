package org.antevid.app.records;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.records.store.IncidentEntity;
import org.antevid.app.records.store.IncidentRepository;
import org.antevid.app.stem.Stems;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Incident;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Near misses and damage. Anybody on the job tells them, and nobody is named in them. */
@Service
@Transactional
public class Incidents {
    private final IncidentRepository incidents;
    private final Stems stems;
    private final Places places;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    Incidents(IncidentRepository incidents, Stems stems, Places places, Jobs jobs, JobLog log, Clock clock) {
        this.incidents = incidents;
        this.stems = stems;
        this.places = places;
        this.jobs = jobs;
        this.log = log;
        this.clock = clock;
    }

    /** What happened, and when it was told. */
    public record Told(String jobId, Incident incident, Instant at) {}

    /** @return the oldest first */
    @Transactional(readOnly = true)
    public List<Told> of(String jobId) {
        return incidents.findByJobIdOrderByAt(jobId).stream()
                .map(Incidents::told)
                .toList();
    }

    /** @return those of all jobs, the newest first */
    @Transactional(readOnly = true)
    public List<Told> all() {
        return incidents.findAllByOrderByAtDesc().stream().map(Incidents::told).toList();
    }

    private static Told told(IncidentEntity e) {
        return new Told(
                e.jobId,
                new Incident(
                        e.kind,
                        Optional.ofNullable(e.stem),
                        e.couldBe,
                        Optional.ofNullable(e.struck),
                        Optional.ofNullable(e.featureId),
                        e.words),
                e.at);
    }

    /** @return its id */
    public String tell(String jobId, Incident i, SignedIn who) {
        if (i.stem().filter(label -> stems.labelled(jobId, label).isEmpty()).isPresent()) {
            throw new RefusedInput("UNKNOWN_STEM", "stem", Message.of(Answer.NOT_OF_JOB));
        }
        if (i.featureId()
                .filter(id -> places.site(jobId).features().stream().noneMatch(f -> f.id().equals(id)))
                .isPresent()) {
            throw new RefusedInput("UNKNOWN_FEATURE", "featureId", Message.of(Answer.NOT_OF_JOB));
        }
        IncidentEntity e = new IncidentEntity();
        e.said(who, clock.instant());
        e.jobId = jobId;
        e.kind = i.kind();
        e.stem = i.stem().orElse(null);
        e.couldBe = i.couldBe();
        e.struck = i.struck().orElse(null);
        e.featureId = i.featureId().orElse(null);
        e.words = i.words();
        incidents.saveAndFlush(e);
        log.write(
                jobId,
                "",
                Message.of(LogWords.INCIDENT)
                        .with("kind", Arg.term(i.kind()))
                        .with("harm", Arg.term(i.couldBe()))
                        .with("words", Arg.name(i.words())));
        jobs.touched(jobId, Change.REVIEW);
        return e.id;
    }
}
