package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Dead limbs break off at a blow or a jerk of the line. */
final class DeadLimbs implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.DEAD_LIMBS;
    }

    @Override
    public Finding of(Case c) {
        return Loose.of(c, Consequence.DEAD_LIMBS);
    }
}
