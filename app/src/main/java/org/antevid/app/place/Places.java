package org.antevid.app.place;

import java.util.List;
import java.util.UUID;
import org.antevid.app.job.Jobs;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Features of the place. */
@Service
@Transactional
public class Places {
    private final FeatureRepository features;
    private final Jobs jobs;
    private final Trail trail;

    Places(FeatureRepository features, Jobs jobs, Trail trail) {
        this.features = features;
        this.jobs = jobs;
        this.trail = trail;
    }

    /** What a person records of a feature. {@code takenHow} says how its place was taken. */
    public record Entry(String name, FeatureKind kind, Form form, List<Spot> outline, double radiusM, int worth, boolean mayBeHit, String agreedBy,
                        Protection protection, String protectedBy, boolean protectionDone, String takenHow) {
    }

    /** A recorded feature. */
    public record View(String id, Entry entry, Spot mark, long version) {
    }

    public Site site(String jobId) {
        return new Site(jobs.job(jobId).ground(), features.findByJobIdOrderByName(jobId).stream().map(FeatureRecord::forCore).toList());
    }

    public List<View> features(String jobId) {
        return features.findByJobIdOrderByName(jobId).stream().map(Places::view).toList();
    }

    public View add(String jobId, Entry entry) {
        FeatureRecord f = new FeatureRecord();
        f.id = UUID.randomUUID().toString();
        f.jobId = jobId;
        return save(f, entry);
    }

    public View change(String jobId, String id, Entry entry, Long version) {
        FeatureRecord f = record(jobId, id);
        trail.requireFresh(f, id, f.version, version, f.name);
        return save(f, entry);
    }

    /** Marks a protection as done or not; asked again before each go. */
    public void protectionDone(String jobId, String id, boolean done) {
        FeatureRecord f = record(jobId, id);
        if (f.protection == Protection.NONE) {
            throw new RefusedInput("BAD_CHOICE", "done", "nothing is planned for " + f.name);
        }
        f.protectionDone = done;
        features.saveAndFlush(f);
        jobs.touched(jobId, "place");
    }

    public void remove(String jobId, String id, Long version) {
        FeatureRecord f = record(jobId, id);
        trail.requireFresh(f, id, f.version, version, f.name);
        features.delete(f);
        features.flush();
        jobs.touched(jobId, "place");
    }

    private View save(FeatureRecord f, Entry e) {
        f.name = Require.text(e.name, 60, "name");
        f.kind = e.kind;
        f.form = e.form;
        if (e.outline.isEmpty()) {
            throw new RefusedInput("MISSING", "outline", "needs at least one point");
        }
        f.outline = List.copyOf(e.outline);
        f.radiusM = e.radiusM;
        f.worth = e.worth;
        f.mayBeHit = e.mayBeHit;
        f.agreedBy = e.agreedBy == null ? "" : e.agreedBy.strip();
        if (f.mayBeHit && f.agreedBy.isEmpty()) {
            throw new RefusedInput("MISSING", "agreedBy", "say who agreed that it may be hit");
        }
        f.protection = e.protection;
        f.protectedBy = e.protectedBy == null ? "" : e.protectedBy.strip();
        f.protectionDone = e.protectionDone;
        f.takenHow = e.takenHow == null ? "" : e.takenHow;
        f.forCore();
        FeatureRecord saved = features.saveAndFlush(f);
        jobs.touched(f.jobId, "place");
        return view(saved);
    }

    private FeatureRecord record(String jobId, String id) {
        return features.findById(id).filter(f -> f.jobId.equals(jobId)).orElseThrow(NotThere::new);
    }

    private static View view(FeatureRecord f) {
        return new View(f.id, new Entry(f.name, f.kind, f.form, f.outline, f.radiusM, f.worth, f.mayBeHit, f.agreedBy, f.protection, f.protectedBy,
            f.protectionDone, f.takenHow), f.shape().mark(), f.version);
    }
}
