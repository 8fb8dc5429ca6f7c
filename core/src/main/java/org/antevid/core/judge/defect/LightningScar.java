package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A lightning scar runs with the grain, often from top to root. */
final class LightningScar implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.LIGHTNING_SCAR;
    }

    @Override
    public Finding of(Case c) {
        if (c.defect().atTheHinge()) {
            return c.says(
                    Severity.SECOND_OPINION,
                    "it may run through the hinge; no hinge is relied on",
                    "the scar is a crack along the grain, rotten behind",
                    "practice rule",
                    "another place for the cut, or a machine with a second opinion");
        }
        return c.says(
                Severity.CAUTION,
                "nothing tied or rigged above it; look where it ends below",
                "the scar is a crack along the grain, often down to the root",
                "practice rule",
                "follow it down and record where it ends, or acknowledge");
    }
}
