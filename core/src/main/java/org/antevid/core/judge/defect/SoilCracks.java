package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Cracks in dry soil differ from cracks of movement. */
final class SoilCracks implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SOIL_CRACKS;
    }

    @Override
    public Finding of(Case c) {
        return c.defect().tellsBad()
                ? c.says(SECOND_OPINION, Consequence.SOIL_MOVED)
                : c.defect().tellsGood()
                        ? c.says(NOTE, Consequence.SOIL_DRY)
                        : c.says(CAUTION, Consequence.SOIL_NOT_KNOWN);
    }
}
