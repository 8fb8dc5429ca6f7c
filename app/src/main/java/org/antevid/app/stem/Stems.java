package org.antevid.app.stem;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Diameter;
import org.antevid.core.stem.HeightByAngles;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.plan.FirstLook;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stems with their sightings and defects. */
@Service
@Transactional
public class Stems {
    private static final double CROWN_EYE_SHARE = 0.2;
    private static final double CROWN_TAPE_SIGMA_M = 0.3;
    private final StemRepository stems;
    private final SightingRepository sightings;
    private final DefectRepository defects;
    private final Jobs jobs;
    private final Trail trail;

    Stems(StemRepository stems, SightingRepository sightings, DefectRepository defects, Jobs jobs, Trail trail) {
        this.stems = stems;
        this.sightings = sightings;
        this.defects = defects;
        this.jobs = jobs;
        this.trail = trail;
    }

    /** A new stem; its label is the next free one. */
    public record NewStem(Species species, StemState state, Spot at, Condition wood, StemMass.Shape shape, StemMass.Crown crown, boolean toBeKept,
                          String note) {
    }

    /** A stem's key and what is known of it. */
    public record Known(String id, StemReading reading) {
    }

    /** What a person writes down of one observation; which numbers are needed depends on the kind. */
    public record Observation(SightingKind kind, Optional<Double> a, Optional<Double> b, Optional<Double> c, Optional<Double> azimuthDeg, String instrument) {
        double need(Optional<Double> number, String field) {
            return number.orElseThrow(() -> new RefusedInput("MISSING", field, "is needed for " + kind.words()));
        }
    }

    public List<Known> known(String jobId) {
        return stems.findByJobIdOrderByLabel(jobId).stream().map(this::known).toList();
    }

    public Known known(String jobId, String id) {
        return known(record(jobId, id));
    }

    public Optional<Known> labelled(String jobId, String label) {
        return stems.findByJobIdAndLabel(jobId, label).map(this::known);
    }

    private Known known(StemRecord r) {
        return new Known(r.id, Reading.of(r, sightings.findByStemIdOrderByTakenAt(r.id), defects.findByStemIdOrderBySeenAt(r.id)));
    }

    List<StemRecord> records(String jobId) {
        return stems.findByJobIdOrderByLabel(jobId);
    }

    List<SightingRecord> sightings(String stemId) {
        return sightings.findByStemIdOrderByTakenAt(stemId);
    }

    List<DefectRecord> defects(String stemId) {
        return defects.findByStemIdOrderBySeenAt(stemId);
    }

    public String add(String jobId, NewStem n) {
        StemRecord r = new StemRecord();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.label = IntStream.iterate(1, i -> i + 1).mapToObj(i -> "S" + i).filter(l -> stems.findByJobIdAndLabel(jobId, l).isEmpty()).findFirst().orElseThrow();
        save(r, n);
        return r.id;
    }

    public void change(String jobId, String id, NewStem n, Long version) {
        StemRecord r = record(jobId, id);
        trail.requireFresh(r, id, r.version, version, r.label);
        save(r, n);
    }

    private void save(StemRecord r, NewStem n) {
        r.species = n.species;
        r.state = n.state;
        r.eastM = n.at.eastM();
        r.northM = n.at.northM();
        r.wood = n.wood;
        r.shape = n.shape;
        r.crown = n.crown;
        r.toBeKept = n.toBeKept;
        r.note = n.note == null ? "" : n.note.strip();
        stems.saveAndFlush(r);
        jobs.touched(r.jobId, "stem");
    }

    /** The stem is in another state after a step. */
    public void becomes(String jobId, String label, StemState state) {
        StemRecord r = stems.findByJobIdAndLabel(jobId, label).orElseThrow(NotThere::new);
        r.state = state;
        stems.saveAndFlush(r);
        jobs.touched(jobId, "stem");
    }

    /** Writes one sighting down; the core computes what follows from it or refuses it. */
    public void sight(String jobId, String stemId, Observation o, SignedIn who) {
        StemRecord stem = record(jobId, stemId);
        SightingRecord s = new SightingRecord();
        s.id = UUID.randomUUID().toString();
        s.stemId = stem.id;
        s.kind = o.kind;
        s.a = o.a.orElse(null);
        s.b = o.b.orElse(null);
        s.c = o.c.orElse(null);
        s.azimuthDeg = o.azimuthDeg.orElse(null);
        s.instrument = o.kind.byEye() ? "by eye" : Require.text(o.instrument, 60, "instrument");
        Estimate e = estimate(o);
        s.quantity = e.value();
        s.sigma = e.sigma();
        s.who = who.name();
        s.takenAt = Instant.now();
        sightings.save(s);
        jobs.touched(jobId, "stem");
    }

    private static Estimate estimate(Observation o) {
        return switch (o.kind) {
            case GIRTH -> Diameter.ofGirth(o.need(o.a, "girthM"), 0.01, o.b.orElse(0.0)).overBark();
            case EYE_DIAMETER -> byEye(Require.within(o.need(o.a, "diameterM"), 0.05, 5, "diameterM"), FirstLook.EYE_DIAMETER);
            case HEIGHT_ANGLES -> HeightByAngles.of(HeightByAngles.Sighting.level(o.need(o.a, "distanceM"), o.need(o.b, "topDeg"), o.need(o.c, "baseDeg"))).height();
            case EYE_HEIGHT -> byEye(Require.within(o.need(o.a, "heightM"), 2, 120, "heightM"), FirstLook.EYE_HEIGHT);
            case PLUMB_LEAN -> lean(o, Require.within(o.b.orElse(0.6), 0.1, 10, "sigmaDeg"));
            case EYE_LEAN -> lean(o, Lean.EYE_SIGMA_DEG);
            case CROWN_RADIUS -> new Estimate(Require.within(o.need(o.a, "radiusM"), 0.1, 25, "radiusM"), CROWN_TAPE_SIGMA_M);
            case EYE_CROWN -> byEye(Require.within(o.need(o.a, "radiusM"), 0.1, 25, "radiusM"), CROWN_EYE_SHARE);
        };
    }

    private static Estimate byEye(double value, double share) {
        return new Estimate(value, share * value);
    }

    private static Estimate lean(Observation o, double sigmaDeg) {
        Lean lean = new Lean(o.need(o.a, "leanDeg"), o.need(o.azimuthDeg, "azimuthDeg"), sigmaDeg);
        return new Estimate(lean.deg(), lean.sigmaDeg());
    }

    /** Records a defect, never overwritten. */
    public void defect(String jobId, String stemId, Defect d, String extent, String found, SignedIn who) {
        StemRecord stem = record(jobId, stemId);
        DefectRecord r = new DefectRecord();
        r.id = d.id();
        r.stemId = stem.id;
        r.kind = d.kind();
        r.fromM = d.fromM();
        r.toM = d.toM();
        r.faceDeg = d.faceDeg();
        r.extent = extent == null ? "" : extent.strip();
        r.found = found == null || found.isBlank() ? "seen" : found.strip();
        r.note = d.note();
        r.who = who.name();
        r.seenAt = Instant.now();
        defects.save(r);
        jobs.touched(jobId, "stem");
    }

    StemRecord record(String jobId, String id) {
        return stems.findById(id).filter(s -> s.jobId.equals(jobId)).orElseThrow(NotThere::new);
    }

    /** @return the words of the kinds of defect, for the choice */
    static List<DefectKind> defectKinds() {
        return List.of(DefectKind.values());
    }
}
