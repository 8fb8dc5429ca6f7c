package org.antevid.app.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.antevid.app.crew.Crews;
import org.antevid.app.tangle.Limbs;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.crew.ProposedSteps;
import org.antevid.core.judge.crew.ProposedSteps.Proposed;
import org.antevid.core.tangle.picture.TakenOff;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the order of a tangle needs of the crew, as steps with their people and stands, after those that are there. */
@Service
@Transactional
public class ReleaseSteps {
    /** Minutes a step is put down with until somebody says otherwise. */
    private static final int STEP_MIN = 30;

    private static final int DAY_MIN = 1440;

    private final Judgement judgement;
    private final Tangles tangles;
    private final Limbs limbs;
    private final Crews crews;

    ReleaseSteps(Judgement judgement, Tangles tangles, Limbs limbs, Crews crews) {
        this.judgement = judgement;
        this.tangles = tangles;
        this.limbs = limbs;
        this.crews = crews;
    }

    /** @return what the order says and no step does yet, in its turns */
    @Transactional(readOnly = true)
    public List<Proposed> missing(String jobId) {
        return ProposedSteps.ofOrder(judgement.situation(jobId), called(jobId));
    }

    /** @return ids of the steps that were added for {@link #missing} */
    public List<String> add(String jobId) {
        return add(jobId, missing(jobId));
    }

    /**
     * @param cutsM where the stem is cut, metres from the butt
     * @return ids of the steps in which it is taken off what it lies on
     */
    public List<String> addPieces(String jobId, String stemId, List<Double> cutsM) {
        String label = tangles.label(jobId, stemId);
        TakenOff off = TakenOff.of(tangles.tangle(jobId).picture(), label, cutsM, limbs.on(jobId, stemId));
        return add(jobId, ProposedSteps.ofPieces(judgement.situation(jobId), label, off, called(jobId)));
    }

    private UnaryOperator<String> called(String jobId) {
        return tangles.tangle(jobId)::called;
    }

    private List<String> add(String jobId, List<Proposed> all) {
        int start = crews.steps(jobId).stream().mapToInt(Step::endMin).max().orElse(0);
        // Work that does not fit into the day is put down in what is left of it: the times are the leader's.
        int each = all.isEmpty() ? STEP_MIN : Math.max(1, Math.min(STEP_MIN, (DAY_MIN - start) / all.size()));
        List<String> ids = new ArrayList<>();
        for (Proposed p : all) {
            ids.add(crews.add(
                    jobId,
                    new Crews.Entry(
                            p.kind(), Optional.of(p.stem()), start, start + each, p.posts(), p.work(), p.kit())));
            start += each;
        }
        return ids;
    }
}
