package org.antevid.app.tangle;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.ClosedGroundEntity;
import org.antevid.app.tangle.store.ClosedGroundRepository;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.GuardRing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is closed around a stem that is left, until when, and who takes it over. */
@Service
@Transactional
public class Closures {
    private static final int CORNERS = 3;
    private final ClosedGroundRepository closures;
    private final Stems stems;
    private final Jobs jobs;
    private final Clock clock;

    Closures(ClosedGroundRepository closures, Stems stems, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.closures = closures;
        this.stems = stems;
        this.jobs = jobs;
    }

    /**
     * What is closed: drawn, or by how far the tape is from the stem.
     *
     * @param aroundM nearest tape, metres
     * @param downhillM tape downhill, metres
     * @param outline corners on the plan, empty when it was not drawn
     * @param handedTo who takes it over when the crew leaves
     */
    public record Closed(
            Optional<Double> aroundM,
            Optional<Double> downhillM,
            boolean toSlopeFoot,
            List<Spot> outline,
            Optional<Instant> until,
            String handedTo) {

        /** @return measured against the ring of its stem as it lies on the ground */
        Optional<GuardRing.Closed> measured(GuardRing ring, Shape ground) {
            return outline.isEmpty()
                    ? aroundM.map(a -> ring.measured(new GuardRing.Closure(a, downhillM.orElse(a), toSlopeFoot)))
                    : Optional.of(ring.measured(ground, Shape.polygon(outline)));
        }
    }

    /** @throws RefusedInput when neither drawn nor measured, or drawn with fewer than three corners */
    public void close(String jobId, String stemId, Closed c, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        if (c.outline.isEmpty() && c.aroundM.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "aroundM");
        }
        if (!c.outline.isEmpty() && c.outline.size() < CORNERS) {
            throw new RefusedInput(Refusal.NEEDED, "outline");
        }
        ClosedGroundEntity g = new ClosedGroundEntity();
        g.seen(jobId, stemId, who.name(), clock.instant());
        g.aroundM = c.aroundM.orElse(null);
        g.downhillM = c.downhillM.orElse(null);
        g.toSlopeFoot = c.toSlopeFoot;
        g.outline = c.outline.isEmpty() ? null : StoredJson.write(c.outline);
        g.untilAt = c.until.orElse(null);
        g.handedTo = c.handedTo.strip();
        closures.saveAndFlush(g);
        jobs.touched(jobId, Change.TANGLE);
    }

    /** @return what counts now, by stem id */
    public Map<String, TangleRecords.Noted<Closed>> current(String jobId) {
        Map<String, TangleRecords.Noted<Closed>> now = new LinkedHashMap<>();
        closures.findByJobIdOrderByAtAscIdAsc(jobId)
                .forEach(g ->
                        now.put(g.stemId, new TangleRecords.Noted<>(closed(g), new TangleRecords.Seen(g.who, g.at))));
        return now;
    }

    private static Closed closed(ClosedGroundEntity g) {
        return new Closed(
                Optional.ofNullable(g.aroundM),
                Optional.ofNullable(g.downhillM),
                g.toSlopeFoot,
                g.outline == null ? List.of() : List.of(StoredJson.read(g.outline, Spot[].class)),
                Optional.ofNullable(g.untilAt),
                g.handedTo);
    }
}
