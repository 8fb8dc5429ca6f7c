package org.antevid.app.records;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.records.store.WeighingEntity;
import org.antevid.app.records.store.WeighingRepository;
import org.antevid.app.stem.Stems;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Weighed;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemReading;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What pieces weighed, beside what they were reckoned at. */
@Service
@Transactional
public class Weighings {
    private final WeighingRepository weighings;
    private final Stems stems;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    Weighings(WeighingRepository weighings, Stems stems, Jobs jobs, JobLog log, Clock clock) {
        this.weighings = weighings;
        this.stems = stems;
        this.jobs = jobs;
        this.log = log;
        this.clock = clock;
    }

    /** @param reckonedKg empty while diameter or height were not known */
    public record Told(
            String stem, Species species, Weighed weighed, Optional<Double> reckonedKg, String by, Instant at) {}

    /** What one weight says of its species. */
    public record Ratio(Species species, MassPart part, double weighedOverReckoned) {}

    /** @return the oldest first */
    @Transactional(readOnly = true)
    public List<Told> of(String jobId) {
        return weighings.findByJobIdOrderByAt(jobId).stream()
                .map(e -> new Told(
                        e.stem,
                        e.species,
                        new Weighed(e.part, e.fromM, e.toM, e.weightKg, e.weighedBy),
                        Optional.ofNullable(e.reckonedKg),
                        e.byName,
                        e.at))
                .toList();
    }

    /** @return of all jobs, those that can be compared */
    @Transactional(readOnly = true)
    public List<Ratio> ratios() {
        return weighings.findByReckonedKgNotNull().stream()
                .map(e -> new Ratio(e.species, e.part, e.weightKg / Objects.requireNonNull(e.reckonedKg)))
                .toList();
    }

    /**
     * Writes a weight down; the plans of all jobs where such a species stands rest on it.
     *
     * @param sure that a weight is right which lies far beside what was reckoned
     * @return its id
     */
    public String weigh(String jobId, String label, Weighed w, boolean sure, SignedIn who) {
        StemReading stem = stems.labelled(jobId, label)
                .orElseThrow(() -> new RefusedInput("UNKNOWN_STEM", "stem", Message.of(Answer.NOT_OF_JOB)))
                .reading();
        Optional<Double> reckoned = w.reckonedKg(stem).filter(kg -> kg > 0);
        reckoned.ifPresent(w::ratio);
        reckoned.filter(kg -> !sure && w.odd(kg)).ifPresent(kg -> {
            throw new RefusedInput(
                    "ASKED_BACK",
                    "weightKg",
                    Message.of(Answer.WEIGHT_ODD)
                            .with("weighed", Arg.of(Dimension.MASS, w.weightKg()))
                            .with("reckoned", Arg.of(Dimension.MASS, kg)));
        });
        WeighingEntity e = new WeighingEntity();
        e.said(who, clock.instant());
        e.jobId = jobId;
        e.stem = label;
        e.species = stem.species();
        e.part = w.part();
        e.fromM = w.fromM();
        e.toM = w.toM();
        e.weightKg = w.weightKg();
        e.weighedBy = w.by();
        e.reckonedKg = reckoned.orElse(null);
        weighings.saveAndFlush(e);
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.WEIGHED)
                        .with("stem", Arg.name(label))
                        .with("part", Arg.term(w.part()))
                        .with("weight", Arg.of(Dimension.MASS, w.weightKg())));
        jobs.touched(jobId, Change.REVIEW);
        Set<String> stands = stems.jobsWith(stem.species());
        jobs.open().stream().filter(stands::contains).forEach(j -> jobs.touched(j, Change.STEM));
        return e.id;
    }
}
