package org.antevid.app.tangle;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.LimbEntity;
import org.antevid.app.tangle.store.LimbRepository;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.beam.Across;
import org.antevid.core.tangle.limb.Limbing;
import org.antevid.core.tangle.limb.SeenLimb;
import org.antevid.core.tangle.picture.Member;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Limbs of a stem that lies: what was seen of each, and in what order they come off. */
@Service
@Transactional
public class Limbs {
    private final LimbRepository limbs;
    private final Stems stems;
    private final TangleMaker maker;
    private final TangleRecords records;
    private final Jobs jobs;
    private final Clock clock;

    Limbs(LimbRepository limbs, Stems stems, TangleMaker maker, TangleRecords records, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.limbs = limbs;
        this.stems = stems;
        this.maker = maker;
        this.records = records;
        this.jobs = jobs;
    }

    /**
     * The limbs that are still on, in their turn.
     *
     * @param ids of the limbs, as {@link Limbing.Turn#index} counts them
     */
    public record Ordered(List<String> ids, Limbing limbing) {}

    /** @throws RefusedInput for a stem that still stands or hangs: its limbs are not taken off from the ground */
    public String seen(String jobId, String stemId, SeenLimb limb, SignedIn who) {
        requireLying(jobId, stemId);
        LimbEntity l = new LimbEntity();
        l.seen(jobId, stemId, who.name(), clock.instant());
        l.growing = limb.growing();
        l.bent = limb.bent();
        l.thickM = limb.thickM();
        l.lengthM = limb.lengthM().orElse(null);
        limbs.saveAndFlush(l);
        jobs.touched(jobId, Change.TANGLE);
        return l.id;
    }

    /** It is off. */
    public void off(String jobId, String id, SignedIn who) {
        LimbEntity l = limbs.findById(id).filter(x -> x.stands(jobId)).orElseThrow(NotThere::new);
        l.end(who.name(), clock.instant());
        limbs.saveAndFlush(l);
        jobs.touched(jobId, Change.TANGLE);
    }

    public Ordered of(String jobId, String stemId) {
        Stems.ChosenReading stem = requireLying(jobId, stemId);
        Member m = maker.member(stem, records.now(jobId), Map.of());
        List<LimbEntity> on = limbs.findByJobIdAndStemIdAndEndedAtIsNullOrderByAtAscIdAsc(jobId, stemId);
        return new Ordered(
                on.stream().map(l -> l.id).toList(),
                Limbing.of(
                        on.stream().map(Limbs::limb).toList(),
                        Across.of(jobs.job(jobId).ground(), m.pose().map(p -> p.azDeg())),
                        stem.reading().species().wood().densityHighKgm3(),
                        m.wood(),
                        m.buttDM(),
                        m.massHighKg()));
    }

    /** @return the limbs that are still on a stem, as they were seen */
    public List<SeenLimb> on(String jobId, String stemId) {
        return limbs.findByJobIdAndStemIdAndEndedAtIsNullOrderByAtAscIdAsc(jobId, stemId).stream()
                .map(Limbs::limb)
                .toList();
    }

    private static SeenLimb limb(LimbEntity l) {
        return new SeenLimb(l.growing, l.bent, l.thickM, Optional.ofNullable(l.lengthM));
    }

    private Stems.ChosenReading requireLying(String jobId, String stemId) {
        Stems.ChosenReading stem = stems.known(jobId, stemId);
        StemState state = stem.reading().state();
        if (state != StemState.LYING && state != StemState.FELLED) {
            throw new RefusedInput(
                    "NOT_LYING",
                    "stem",
                    Message.of(Answer.LIMBS_OF_WHAT_LIES)
                            .with("stem", Arg.name(stem.reading().label())));
        }
        return stem;
    }
}
