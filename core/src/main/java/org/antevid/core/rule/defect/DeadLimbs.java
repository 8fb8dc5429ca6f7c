package org.antevid.core.rule.defect;

import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
import org.antevid.core.stem.DefectKind;

/** Dead limbs break off at a blow or a jerk. */
final class DeadLimbs implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.DEAD_LIMBS;
    }

    @Override
    public Finding of(Case c) {
        if (c.wedged()) {
            return c.says(Severity.SECOND_OPINION, "wedge blows shake it loose above the cutter; pull instead", "dead limbs break off at a blow", "practice rule",
                "bring it over with a line, or a second opinion");
        }
        return c.says(Severity.CAUTION, "a lookout watches them while the saw runs; helmets for all inside two lengths", "dead limbs break off at a blow or a jerk of the line", "practice rule",
            "acknowledge the lookout and the ground kept clear");
    }
}
