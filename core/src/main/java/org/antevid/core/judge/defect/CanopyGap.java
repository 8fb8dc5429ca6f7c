package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A neighbour lost is shelter lost. */
final class CanopyGap implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CANOPY_GAP;
    }

    @Override
    public Finding of(Case c) {
        return c.says(CAUTION, Consequence.LESS_SHELTER);
    }
}
