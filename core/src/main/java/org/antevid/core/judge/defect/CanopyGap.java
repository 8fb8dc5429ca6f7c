package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A tree that lost its shelter meets winds it never grew for. */
final class CanopyGap implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CANOPY_GAP;
    }

    @Override
    public Finding of(Case c) {
        return c.says(
                Severity.CAUTION,
                "it stands in wind it never grew for; take a stricter wind limit",
                "a neighbour lost is shelter lost",
                "practice rule",
                "set a stricter wind limit, or acknowledge");
    }
}
