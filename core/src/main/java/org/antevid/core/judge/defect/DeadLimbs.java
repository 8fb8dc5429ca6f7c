package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Dead limbs break off at a blow or a jerk. */
final class DeadLimbs implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.DEAD_LIMBS;
    }

    @Override
    public Finding of(Case c) {
        return Loose.of(
                c,
                "dead limbs break off at a blow",
                "a lookout watches them while the saw runs; helmets for all inside two lengths",
                "dead limbs break off at a blow or a jerk of the line",
                "acknowledge the lookout and the ground kept clear");
    }
}
