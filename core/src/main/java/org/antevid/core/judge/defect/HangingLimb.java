package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Loose wood comes down unasked. */
final class HangingLimb implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.HANGING_LIMB;
    }

    @Override
    public Finding of(Case c) {
        return Loose.of(c, Consequence.HANGING_LIMB);
    }
}
