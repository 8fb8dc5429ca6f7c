package org.antevid.app.tangle;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.LookEntity;
import org.antevid.app.tangle.store.LookRepository;
import org.antevid.app.tangle.store.PoseRepository;
import org.antevid.app.tangle.store.SeenEntity;
import org.antevid.app.tangle.store.StirredEntity;
import org.antevid.app.tangle.store.StirredRepository;
import org.antevid.core.brief.StemDid;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Moved;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * When each stem of a tangle was last looked at, and what happened to it since. Whether it has to be looked at again
 * follows from both each time it is asked.
 */
@Service
@Transactional
public class Looks {
    private final LookRepository looks;
    private final StirredRepository stirred;
    private final PoseRepository poses;
    private final Stems stems;
    private final Jobs jobs;
    private final Clock clock;

    Looks(LookRepository looks, StirredRepository stirred, PoseRepository poses, Stems stems, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.looks = looks;
        this.stirred = stirred;
        this.poses = poses;
        this.stems = stems;
        this.jobs = jobs;
    }

    /** Somebody looked and found it as the picture says. */
    public void asItWas(String jobId, String stemId, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        looks.saveAndFlush(look(jobId, stemId, who));
        jobs.touched(jobId, Change.TANGLE);
    }

    private LookEntity look(String jobId, String stemId, SignedIn who) {
        LookEntity l = new LookEntity();
        l.seen(jobId, stemId, who.name(), clock.instant());
        return l;
    }

    /**
     * What a stem did when its step was ended. One that did not move was looked at by that.
     *
     * @param again why it has to be looked at again all the same
     */
    void told(String jobId, String stemId, StemDid did, Collection<LookAgain> again, SignedIn who) {
        LookEntity l = look(jobId, stemId, who);
        l.moved = did.moved();
        l.nowOn = did.nowOn().orElse(null);
        looks.saveAndFlush(l);
        again.forEach(why -> stir(jobId, stemId, why, who));
        jobs.touched(jobId, Change.TANGLE);
    }

    /** Something happened to all of them. */
    public void stirred(String jobId, Collection<String> stemIds, LookAgain why, SignedIn who) {
        stemIds.forEach(id -> stir(jobId, id, why, who));
        if (!stemIds.isEmpty()) {
            jobs.touched(jobId, Change.TANGLE);
        }
    }

    private void stir(String jobId, String stemId, LookAgain why, SignedIn who) {
        StirredEntity s = new StirredEntity();
        s.seen(jobId, stemId, who.name(), clock.instant());
        s.why = why;
        stirred.saveAndFlush(s);
    }

    /** @return when each stem was last looked at, by id */
    Map<String, Instant> last(String jobId) {
        Map<String, Instant> last = new LinkedHashMap<>();
        latest(last, poses.findByJobIdOrderByAtAscIdAsc(jobId), p -> true);
        latest(last, looks.findByJobIdOrderByAtAscIdAsc(jobId), l -> l.moved == null || l.moved == Moved.NOT_AT_ALL);
        return last;
    }

    private static <T extends SeenEntity> void latest(
            Map<String, Instant> last, Collection<T> rows, Predicate<T> counts) {
        rows.stream().filter(counts).forEach(r -> last.merge(r.stemId, r.at, (a, b) -> a.isAfter(b) ? a : b));
    }

    /**
     * @param tied ids of the stems a tie is recorded of: of others nobody asks what ties them still
     * @return why a stem has to be looked at again, by id; of several the weightiest, in their order
     */
    Map<String, LookAgain> again(String jobId, Set<String> tied) {
        Map<String, Instant> last = last(jobId);
        Map<String, Instant> posed = new LinkedHashMap<>();
        latest(posed, poses.findByJobIdOrderByAtAscIdAsc(jobId), p -> true);
        Map<String, LookAgain> again = new LinkedHashMap<>();
        stirred.findByJobIdOrderByAtAscIdAsc(jobId).stream()
                .filter(s -> s.why != LookAgain.SEVERED || tied.contains(s.stemId))
                .filter(s -> Optional.ofNullable((s.why == LookAgain.SECTIONED ? posed : last).get(s.stemId))
                        .filter(l -> l.isAfter(s.at))
                        .isEmpty())
                .forEach(s -> again.merge(s.stemId, s.why, (a, b) -> a.compareTo(b) <= 0 ? a : b));
        return again;
    }
}
