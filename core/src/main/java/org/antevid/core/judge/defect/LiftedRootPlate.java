package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** The anchorage is past its peak. */
final class LiftedRootPlate implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.LIFTED_ROOT_PLATE;
    }

    @Override
    public Finding of(Case c) {
        return c.says(SECOND_OPINION, Consequence.PLATE_LIFTED);
    }
}
