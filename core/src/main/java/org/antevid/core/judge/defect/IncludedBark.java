package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A fork with bark in its seam holds by its outer wood only. */
final class IncludedBark implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.INCLUDED_BARK;
    }

    @Override
    public Finding of(Case c) {
        boolean split = c.defect().fromM() < c.cutM().orElse(0.3) + 2;
        return c.says(
                Severity.CAUTION,
                split ? "it can split up the stem from the cut" : "a line must hold every stem of the fork, not one",
                "bark in the seam holds nothing",
                "practice rule",
                split
                        ? "bore and strap, bind the stem, or acknowledge"
                        : "tie round all stems of the fork, or acknowledge");
    }
}
