package org.antevid.app.tangle;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.people.SignedIn;
import org.antevid.core.brief.StemDid;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.quantity.Require;
import org.antevid.core.tangle.picture.LookAgain;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the steps that run, and the wind while they do, make of the picture of a tangle. */
@Service
@Transactional
public class Turns {
    private final Tangles tangles;
    private final Looks looks;
    private final Holdings holdings;

    Turns(Tangles tangles, Looks looks, Holdings holdings) {
        this.tangles = tangles;
        this.looks = looks;
        this.holdings = holdings;
    }

    /** @return whether this step ends with what its stem did: it hangs or lies */
    public boolean asksWhatItDid(String jobId, Step step) {
        return step.stem().filter(l -> tangled(tangles.tangle(jobId), l)).isPresent();
    }

    private static boolean tangled(Tangles.Tangle t, String label) {
        return t.picture().member(label).stream()
                .anyMatch(m -> m.reading().notFelled().isPresent());
    }

    /**
     * A step about a stem of the tangle ended: what the stem did is told, and what touches one that moved has to be
     * looked at again with it. One that was let go is held no longer.
     */
    public void ended(String jobId, Step step, StemDid did, SignedIn who) {
        Tangles.Tangle t = tangles.tangle(jobId);
        String label = step.stem().orElseThrow();
        String stemId = Require.present(t.ids(), label);
        looks.told(jobId, stemId, did, did.lookAgain(step), who);
        if (did.touches(step)) {
            looks.stirred(jobId, touching(t, label), LookAgain.STEP_DONE, who);
        }
        if (step.work().filter(w -> w.kind() == Work.Kind.LET_GO).isPresent()) {
            holdings.current(jobId).stream()
                    .filter(h -> h.stemId().equals(stemId))
                    .forEach(h -> holdings.letGo(jobId, h.id(), who));
        }
    }

    /** @return ids of what hangs or lies and bears on this stem, or that it bears on or is tied to */
    private static List<String> touching(Tangles.Tangle t, String label) {
        return t.picture().allRelations().stream()
                .filter(r -> r.a().equals(label) || r.b().equals(label))
                .map(r -> r.a().equals(label) ? r.b() : r.a())
                .distinct()
                .filter(o -> tangled(t, o))
                .flatMap(o -> Optional.ofNullable(t.ids().get(o)).stream())
                .toList();
    }

    /** A gust above the limit: every stem that hangs or lies has to be looked at again. */
    public void shaken(String jobId, SignedIn who) {
        Tangles.Tangle t = tangles.tangle(jobId);
        looks.stirred(
                jobId,
                t.picture().members().stream()
                        .filter(m -> tangled(t, m.label()))
                        .flatMap(m -> Optional.ofNullable(t.ids().get(m.label())).stream())
                        .toList(),
                LookAgain.GUST,
                who);
    }

    /** @return when a stem that hangs or lies was last looked at */
    public Optional<Instant> lookedAt(String jobId, String label) {
        Tangles.Tangle t = tangles.tangle(jobId);
        return Optional.of(label)
                .filter(l -> tangled(t, l))
                .flatMap(l -> Optional.ofNullable(t.lookedAt().get(t.ids().getOrDefault(l, ""))));
    }
}
