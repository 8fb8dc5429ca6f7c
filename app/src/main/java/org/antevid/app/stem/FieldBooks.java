package org.antevid.app.stem;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.OwnId;
import org.antevid.app.job.Part;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.problem.SentOtherwise;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.store.DefectEntity;
import org.antevid.app.stem.store.DefectRepository;
import org.antevid.app.stem.store.SightingEntity;
import org.antevid.app.stem.store.SightingRepository;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemState;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sightings and defects: written down once, by anybody on the job, never overwritten. */
@Service
@Transactional
public class FieldBooks {
    private final Stems stems;
    private final SightingRepository sightings;
    private final DefectRepository defects;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    FieldBooks(
            Stems stems, SightingRepository sightings, DefectRepository defects, Jobs jobs, JobLog log, Clock clock) {
        this.clock = clock;
        this.stems = stems;
        this.sightings = sightings;
        this.defects = defects;
        this.jobs = jobs;
        this.log = log;
    }

    /** What is usual for the kind, or none at all, is not written down: it is said in the words of whoever reads it. */
    private static String instrument(Observation o) {
        boolean usual = o.kind.byEye()
                || o.instrument.isBlank()
                || o.instrument.equals(Speech.words().term(o.kind, "instrument"));
        return usual ? "" : Require.text(o.instrument, 60, "instrument");
    }

    /**
     * What a person writes down of one observation. {@code id} is made by the sender, so that a repeated sending counts
     * once.
     *
     * @param instrument empty: the usual one of its kind
     */
    public record Observation(
            Optional<String> id,
            SightingKind kind,
            Map<String, Double> numbers,
            Map<String, String> choices,
            String instrument,
            boolean simulated) {
        public static Observation of(SightingKind kind, Map<String, Double> numbers) {
            return new Observation(Optional.empty(), kind, numbers, Map.of(), "", false);
        }
    }

    /** What follows from raw numbers; nothing is stored. */
    public Sighting preview(String jobId, String stemId, Observation o) {
        return Sighting.read("preview", o.kind, o.numbers, o.choices, stems.record(jobId, stemId).state, true);
    }

    /**
     * Writes one sighting down; the core computes what follows from it or refuses it. One of the crew's waits for the
     * leader.
     */
    public String sight(String jobId, String stemId, Observation o, SignedIn who) {
        String id = sight(
                stems.open(jobId, stemId),
                o,
                who.name(),
                clock.instant(),
                jobs.part(jobId, who).filter(p -> p == Part.LEADER).isEmpty());
        jobs.touched(jobId, Change.STEM);
        return id;
    }

    String sight(StemEntity stem, Observation o, String who, Instant at, boolean byCrew) {
        String id = OwnId.of(
                stem.jobId,
                o.id.orElseGet(() -> UUID.randomUUID().toString()),
                i -> sightings.findById(i).map(s -> s.jobId).orElse(""));
        Sighting core = Sighting.read(id, o.kind, o.numbers, o.choices, stem.state, true);
        SightingEntity s = new SightingEntity();
        s.id = Require.text(id, 60, "id");
        s.jobId = stem.jobId;
        s.stemId = stem.id;
        s.kind = o.kind;
        s.raw = new HashMap<>(core.numbers());
        s.raw.putAll(core.choices());
        SightingEntity known = sightings.findById(id).orElse(null);
        if (known != null) {
            if (!known.stemId.equals(stem.id) || known.kind != o.kind || !known.raw.equals(s.raw)) {
                throw new SentOtherwise();
            }
            return id;
        }
        s.stateThen = stem.state;
        s.instrument = instrument(o);
        s.simulated = o.simulated;
        s.quantity = core.estimate().value();
        s.sigma = core.estimate().sigma();
        s.who = who;
        s.takenAt = at;
        s.byCrew = byCrew;
        sightings.save(s);
        return id;
    }

    /** The leader takes a sighting of the crew: from now on it may also relax the plan. */
    public void accept(String jobId, String stemId, String id, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        SightingEntity s = sighting(jobId, stemId, id);
        if (s.accepted()) {
            throw new RefusedInput("BAD_CHOICE", "id", Message.of(Answer.ACCEPTED_ALREADY));
        }
        s.acceptedBy = who.name();
        s.acceptedAt = clock.instant();
        sightings.saveAndFlush(s);
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.SIGHTING_ACCEPTED)
                        .with("kind", Arg.term(s.kind))
                        .with("person", Arg.name(s.who)));
        jobs.touched(jobId, Change.STEM);
    }

    /** It stays in the book and stops counting. */
    public void setAside(String jobId, String stemId, String id, String reason, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        SightingEntity s = sighting(jobId, stemId, id);
        if (s.setAside != null) {
            throw new RefusedInput(
                    "BAD_CHOICE",
                    "id",
                    Message.of(Answer.SET_ASIDE_ALREADY).with("who", Arg.name(String.valueOf(s.setAsideBy))));
        }
        s.setAside = Require.text(reason, 200, "reason");
        s.setAsideBy = who.name();
        sightings.saveAndFlush(s);
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.SIGHTING_SET_ASIDE)
                        .with("kind", Arg.term(s.kind))
                        .with("person", Arg.name(s.who))
                        .with("reason", Arg.name(s.setAside)));
        jobs.touched(jobId, Change.STEM);
    }

    private SightingEntity sighting(String jobId, String stemId, String id) {
        return sightings
                .findById(id)
                .filter(s -> s.jobId.equals(jobId) && s.stemId.equals(stemId))
                .orElseThrow(NotThere::new);
    }

    /** Records a defect, never overwritten; it tightens the plan at once, whoever saw it. */
    public String defect(String jobId, String stemId, Defect d, String extent, SignedIn who) {
        String id = defect(
                stems.open(jobId, stemId),
                d,
                extent,
                who.name(),
                clock.instant(),
                jobs.part(jobId, who).filter(p -> p == Part.LEADER).isEmpty());
        jobs.touched(jobId, Change.STEM);
        return id;
    }

    String defect(StemEntity stem, Defect d, String extent, String who, Instant at, boolean byCrew) {
        String id = OwnId.of(
                stem.jobId, d.id(), i -> defects.findById(i).map(x -> x.jobId).orElse(""));
        DefectEntity known = defects.findById(id).orElse(null);
        if (known != null) {
            if (!known.stemId.equals(stem.id)
                    || known.kind != d.kind()
                    || known.fromM != d.fromM()
                    || known.toM != d.toM()
                    || known.faceDeg != d.faceDeg()) {
                throw new SentOtherwise();
            }
            return id;
        }
        DefectEntity r = new DefectEntity();
        r.id = id;
        r.jobId = stem.jobId;
        r.stemId = stem.id;
        r.kind = d.kind();
        r.fromM = d.fromM();
        r.toM = d.toM();
        r.faceDeg = d.faceDeg();
        r.widthM = d.widthM().orElse(null);
        r.depthM = d.depthM().orElse(null);
        r.extent = extent == null ? "" : extent.strip();
        r.found = d.found();
        r.tells = new ArrayList<>(d.tells());
        r.note = d.note() == null ? "" : d.note().strip();
        r.who = who;
        r.seenAt = at;
        r.byCrew = byCrew;
        defects.save(r);
        return id;
    }

    /** A defect that turned out to be none stays in the book and stops counting; only the leader may say so. */
    public void setDefectAside(String jobId, String stemId, String id, String reason, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        DefectEntity d = defects.findById(id)
                .filter(r -> r.jobId.equals(jobId) && r.stemId.equals(stemId))
                .orElseThrow(NotThere::new);
        if (d.setAside != null) {
            throw new RefusedInput(
                    "BAD_CHOICE",
                    "id",
                    Message.of(Answer.SET_ASIDE_ALREADY).with("who", Arg.name(String.valueOf(d.setAsideBy))));
        }
        d.setAside = Require.text(reason, 200, "reason");
        d.setAsideBy = who.name();
        defects.saveAndFlush(d);
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.DEFECT_SET_ASIDE)
                        .with("kind", Arg.term(d.kind))
                        .with("person", Arg.name(d.who))
                        .with("reason", Arg.name(d.setAside)));
        jobs.touched(jobId, Change.STEM);
    }

    /** @return why a sighting does not count, empty when it does */
    public static Optional<String> whyNot(SightingEntity s, StemState now) {
        if (s.setAside != null) {
            return Optional.of("set aside by " + s.setAsideBy + ": " + s.setAside);
        }
        return s.kind.measured().stillHolds(s.stateThen, now)
                ? Optional.empty()
                : Optional.of(Speech.words()
                        .say(Message.of(LogWords.TAKEN_WHILE)
                                .with("then", Arg.term(s.stateThen))
                                .with("now", Arg.term(now))));
    }
}
