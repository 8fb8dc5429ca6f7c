package org.antevid.app.place;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.OwnId;
import org.antevid.app.place.store.FeatureEntity;
import org.antevid.app.place.store.FeatureRepository;
import org.antevid.app.place.store.SpotHeightEntity;
import org.antevid.app.place.store.SpotHeightRepository;
import org.antevid.app.problem.NotThere;
import org.antevid.app.problem.SentOtherwise;
import org.antevid.app.trace.Trail;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Bed;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.site.VoltageClass;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Features of the place, and the place as the core sees it. */
@Service
@Transactional
public class Places {
    private final FeatureRepository features;
    private final SpotHeightRepository heights;
    private final Surroundings surroundings;
    private final Jobs jobs;
    private final Trail trail;
    private final Clock clock;

    Places(
            FeatureRepository features,
            SpotHeightRepository heights,
            Surroundings surroundings,
            Jobs jobs,
            Trail trail,
            Clock clock) {
        this.clock = clock;
        this.features = features;
        this.heights = heights;
        this.surroundings = surroundings;
        this.jobs = jobs;
        this.trail = trail;
    }

    /** What a person records of a feature. {@code takenHow} says how its place was taken. */
    public record Entry(
            String name,
            FeatureKind kind,
            Form form,
            List<Spot> outline,
            double radiusM,
            int worth,
            boolean mayBeHit,
            String agreedBy,
            Protection protection,
            String protectedBy,
            boolean protectionDone,
            String takenHow,
            More more) {
        /** @return the same, its protection planned and not done */
        public Entry notProtectedYet() {
            return new Entry(
                    name,
                    kind,
                    form,
                    outline,
                    radiusM,
                    worth,
                    mayBeHit,
                    agreedBy,
                    protection,
                    protectedBy,
                    false,
                    takenHow,
                    more);
        }

        /** A feature of which nothing special is known. */
        public Entry(
                String name,
                FeatureKind kind,
                Form form,
                List<Spot> outline,
                double radiusM,
                int worth,
                boolean mayBeHit,
                String agreedBy,
                Protection protection,
                String protectedBy,
                boolean protectionDone,
                String takenHow) {
            this(
                    name,
                    kind,
                    form,
                    outline,
                    radiusM,
                    worth,
                    mayBeHit,
                    agreedBy,
                    protection,
                    protectedBy,
                    protectionDone,
                    takenHow,
                    More.NOTHING);
        }
    }

    /**
     * What counts for some kinds only. {@code agreedOn} is the day somebody agreed that it may be hit; slope and fall
     * make the outline an area of its own.
     */
    public record More(
            String inside,
            String occupied,
            Optional<VoltageClass> voltage,
            Optional<Bed> bed,
            String agreedOn,
            Optional<Double> slopeDeg,
            Optional<Double> downhillDeg) {
        public static final More NOTHING =
                new More("", "", Optional.empty(), Optional.empty(), "", Optional.empty(), Optional.empty());
    }

    /** A recorded feature. */
    public record PlacedFeature(String id, Entry entry, Spot mark, long version) {}

    public Site site(String jobId) {
        List<FeatureEntity> all = features.findByJobIdOrderByName(jobId);
        Jobs.Job job = jobs.job(jobId);
        Terrain terrain = new Terrain(
                job.ground(),
                all.stream().flatMap(f -> f.area().stream()).toList(),
                heights.findByJobIdOrderByTakenAt(jobId).stream()
                        .map(SpotHeightEntity::forCore)
                        .toList());
        Surroundings.Day day = surroundings.day(jobId);
        return new Site(
                terrain,
                new Today(day.ground(), day.load(), job.windLimitMs()),
                all.stream().map(FeatureEntity::forCore).toList());
    }

    /** @return when each feature was last changed, by its id */
    public Map<String, Instant> changedAt(String jobId) {
        return trail.changedAt(FeatureEntity.class, jobId);
    }

    /** @return whether a line or pipe of somebody's lies here, so that its emergency number is needed */
    public boolean hasUtility(String jobId) {
        return features.findByJobIdOrderByName(jobId).stream()
                .anyMatch(f -> f.kind == FeatureKind.OVERHEAD_LINE || f.kind == FeatureKind.BURIED);
    }

    public List<PlacedFeature> features(String jobId) {
        return features.findByJobIdOrderByName(jobId).stream().map(Places::view).toList();
    }

    public PlacedFeature add(String jobId, Entry entry) {
        return add(jobId, Optional.empty(), entry);
    }

    /** @param id made by the sender, as when a removal is undone; empty for a new one */
    public PlacedFeature add(String jobId, Optional<String> id, Entry entry) {
        FeatureEntity f = new FeatureEntity();
        f.id = id.map(i -> OwnId.of(
                        jobId, i, x -> features.findById(x).map(k -> k.jobId).orElse("")))
                .orElseGet(() -> UUID.randomUUID().toString());
        Optional<FeatureEntity> known = features.findById(f.id);
        if (known.isPresent()) {
            PlacedFeature there = view(known.get());
            if (!there.entry().equals(view(filled(f, entry)).entry())) {
                throw new SentOtherwise();
            }
            return there;
        }
        f.jobId = jobId;
        PlacedFeature view = save(f, entry);
        jobs.touched(jobId, Change.PLACE);
        return view;
    }

    /** Adds many in one go, as an import brings them. */
    public void addAll(String jobId, List<Entry> entries) {
        for (Entry e : entries) {
            FeatureEntity f = new FeatureEntity();
            f.id = UUID.randomUUID().toString();
            f.jobId = jobId;
            save(f, e);
        }
        jobs.touched(jobId, Change.PLACE);
    }

    public PlacedFeature change(String jobId, String id, Entry entry, Long version) {
        FeatureEntity f = record(jobId, id);
        trail.requireFresh(f, id, f.version, version, f.name);
        PlacedFeature view = save(f, entry);
        jobs.touched(jobId, Change.PLACE);
        return view;
    }

    /** Marks a protection as done or not; asked again before each go. */
    public void protectionDone(String jobId, String id, boolean done) {
        FeatureEntity f = record(jobId, id);
        if (f.protection == Protection.NONE) {
            throw new RefusedInput(
                    "BAD_CHOICE", "done", Message.of(Answer.NOTHING_PLANNED).with("name", Arg.name(f.name)));
        }
        f.protectionDone = done;
        features.saveAndFlush(f);
        jobs.touched(jobId, Change.PLACE);
    }

    public void remove(String jobId, String id, Long version) {
        FeatureEntity f = record(jobId, id);
        trail.requireFresh(f, id, f.version, version, f.name);
        features.delete(f);
        features.flush();
        jobs.touched(jobId, Change.PLACE);
    }

    private PlacedFeature save(FeatureEntity f, Entry e) {
        return view(features.saveAndFlush(filled(f, e)));
    }

    private FeatureEntity filled(FeatureEntity f, Entry e) {
        f.name = Require.text(e.name, 60, "name");
        f.kind = e.kind;
        f.form = e.form;
        if (e.outline.isEmpty()) {
            throw new RefusedInput("MISSING", "outline", Message.of(Answer.ONE_POINT));
        }
        f.outline = List.copyOf(e.outline);
        f.radiusM = e.radiusM;
        f.worth = e.worth;
        f.mayBeHit = e.mayBeHit;
        f.agreedBy = text(e.agreedBy);
        if (f.mayBeHit && f.agreedBy.isEmpty()) {
            throw new RefusedInput("MISSING", "agreedBy", Message.of(Answer.WHO_AGREED));
        }
        f.agreedOn = !f.mayBeHit
                ? ""
                : text(e.more.agreedOn).isEmpty()
                        ? LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault())
                                .toString()
                        : text(e.more.agreedOn);
        f.protection = e.protection;
        f.protectedBy = text(e.protectedBy);
        f.protectionDone = e.protectionDone;
        f.takenHow = text(e.takenHow);
        f.inside = text(e.more.inside);
        f.occupied = text(e.more.occupied);
        f.voltage = e.more.voltage.orElse(null);
        f.bed = e.more.bed.orElse(null);
        e.more.slopeDeg.ifPresent(s -> new Ground(s, e.more.downhillDeg.orElse(0.0)));
        f.slopeDeg = e.more.slopeDeg.orElse(null);
        f.downhillDeg = e.more.downhillDeg.orElse(null);
        f.forCore();
        return f;
    }

    private static String text(String given) {
        return given == null ? "" : given.strip();
    }

    private FeatureEntity record(String jobId, String id) {
        return features.findById(id).filter(f -> f.jobId.equals(jobId)).orElseThrow(NotThere::new);
    }

    private static PlacedFeature view(FeatureEntity f) {
        return new PlacedFeature(
                f.id,
                new Entry(
                        f.name,
                        f.kind,
                        f.form,
                        f.outline,
                        f.radiusM,
                        f.worth,
                        f.mayBeHit,
                        f.agreedBy,
                        f.protection,
                        f.protectedBy,
                        f.protectionDone,
                        f.takenHow,
                        new More(
                                f.inside,
                                f.occupied,
                                Optional.ofNullable(f.voltage),
                                Optional.ofNullable(f.bed),
                                f.agreedOn,
                                Optional.ofNullable(f.slopeDeg),
                                Optional.ofNullable(f.downhillDeg))),
                f.shape().mark(),
                f.version);
    }
}
