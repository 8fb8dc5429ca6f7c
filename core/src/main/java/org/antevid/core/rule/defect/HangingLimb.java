package org.antevid.core.rule.defect;

import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
import org.antevid.core.stem.DefectKind;

/** Loose wood above comes down unasked. */
final class HangingLimb implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.HANGING_LIMB;
    }

    @Override
    public Finding of(Case c) {
        if (c.wedged()) {
            return c.says(Severity.SECOND_OPINION, "wedge blows shake it loose above the cutter; pull instead", "loose wood comes down on whoever drives the wedge", "practice rule",
                "bring it over with a line, or a second opinion");
        }
        return c.says(Severity.CAUTION, "nobody works under it", "loose wood comes down unasked", "practice rule",
            "pull it down first or acknowledge the ground kept clear");
    }
}
