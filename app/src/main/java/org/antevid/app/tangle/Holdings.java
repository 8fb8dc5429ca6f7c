package org.antevid.app.tangle;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.HoldingEntity;
import org.antevid.app.tangle.store.HoldingRepository;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.Holding;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What holds a stem while others of its ring are moved. What was let go stays in the book. */
@Service
@Transactional
public class Holdings {
    private final HoldingRepository holdings;
    private final Stems stems;
    private final Jobs jobs;
    private final Clock clock;

    Holdings(HoldingRepository holdings, Stems stems, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.holdings = holdings;
        this.stems = stems;
        this.jobs = jobs;
    }

    /**
     * What somebody entered.
     *
     * @param ratedN newton; empty when nobody read it
     * @param anchor label of the tree a chain goes to
     * @param mindedBy who stays with it
     */
    public record Entered(Holding.By by, Optional<Double> ratedN, Optional<String> anchor, String mindedBy) {}

    /** A hold as it stands. */
    public record Standing(String id, String stemId, Entered entered, Holding holding, TangleRecords.Seen seen) {}

    /** @throws RefusedInput for a chain without a tree, or one that goes to a stem of the job that is not there */
    public String hold(String jobId, String stemId, Entered e, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        if (e.by == Holding.By.CHAIN_TO_TREE && e.anchor.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "anchor");
        }
        e.anchor.filter(a -> stems.labelled(jobId, a).isEmpty()).ifPresent(a -> {
            throw new RefusedInput(Refusal.UNKNOWN_STEM, "anchor");
        });
        current(jobId).stream().filter(h -> h.stemId.equals(stemId)).forEach(h -> end(jobId, h.id, who));
        HoldingEntity h = new HoldingEntity();
        h.seen(jobId, stemId, who.name(), clock.instant());
        h.heldBy = e.by;
        h.ratedN = e.ratedN.orElse(null);
        h.anchor = e.anchor.orElse(null);
        h.mindedBy = e.mindedBy.strip();
        holdings.saveAndFlush(h);
        jobs.touched(jobId, Change.TANGLE);
        return h.id;
    }

    /** It holds no longer. */
    public void letGo(String jobId, String id, SignedIn who) {
        end(jobId, id, who);
        jobs.touched(jobId, Change.TANGLE);
    }

    private void end(String jobId, String id, SignedIn who) {
        HoldingEntity h = holdings.findById(id).filter(x -> x.stands(jobId)).orElseThrow(NotThere::new);
        h.end(who.name(), clock.instant());
        holdings.saveAndFlush(h);
    }

    public List<Standing> current(String jobId) {
        List<Stems.ChosenReading> known = stems.known(jobId);
        return holdings.findByJobIdOrderByAtAscIdAsc(jobId).stream()
                .filter(h -> h.endedAt == null)
                .flatMap(h -> known.stream()
                        .filter(s -> s.id().equals(h.stemId))
                        .map(s -> new Standing(
                                h.id,
                                h.stemId,
                                new Entered(
                                        h.heldBy,
                                        Optional.ofNullable(h.ratedN),
                                        Optional.ofNullable(h.anchor),
                                        h.mindedBy),
                                new Holding(
                                        s.reading().label(),
                                        h.heldBy,
                                        Optional.ofNullable(h.ratedN),
                                        h.heldBy != Holding.By.CHAIN_TO_TREE || sound(known, h.anchor),
                                        h.mindedBy),
                                new TangleRecords.Seen(h.who, h.at))))
                .toList();
    }

    /** A tree that stays, stands by itself and has no defect anybody recorded. */
    private static boolean sound(List<Stems.ChosenReading> known, @org.jspecify.annotations.Nullable String label) {
        return known.stream()
                .map(Stems.ChosenReading::reading)
                .filter(r -> r.label().equals(label))
                .anyMatch(r -> r.state() == StemState.STANDING
                        && r.toBeKept()
                        && r.notFelled().isEmpty()
                        && r.defects().isEmpty());
    }
}
