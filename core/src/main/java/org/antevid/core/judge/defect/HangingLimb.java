package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Loose wood above comes down unasked. */
final class HangingLimb implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.HANGING_LIMB;
    }

    @Override
    public Finding of(Case c) {
        return Loose.of(
                c,
                "loose wood comes down on whoever drives the wedge",
                "nobody works under it",
                "loose wood comes down unasked",
                "pull it down first or acknowledge the ground kept clear");
    }
}
