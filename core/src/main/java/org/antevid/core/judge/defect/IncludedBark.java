package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A fork with bark in its seam holds by its outer wood only. */
final class IncludedBark implements DefectConsequence {
    private static final double USUAL_CUT_M = 0.3;
    /** So near the cut a seam can run down into it (judgement). */
    private static final double WITHIN_M = 2;

    @Override
    public DefectKind kind() {
        return DefectKind.INCLUDED_BARK;
    }

    @Override
    public Finding of(Case c) {
        boolean low = c.defect().fromM() < c.cutM().orElse(USUAL_CUT_M) + WITHIN_M;
        return c.says(CAUTION, low ? Consequence.SEAM_SPLITS : Consequence.SEAM_ALOFT);
    }
}
