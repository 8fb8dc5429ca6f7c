package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A lightning scar runs with the grain, often from top to root. */
final class LightningScar implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.LIGHTNING_SCAR;
    }

    @Override
    public Finding of(Case c) {
        return c.defect().atTheHinge()
                ? c.says(SECOND_OPINION, Consequence.SCAR_AT_HINGE)
                : c.says(CAUTION, Consequence.SCAR);
    }
}
