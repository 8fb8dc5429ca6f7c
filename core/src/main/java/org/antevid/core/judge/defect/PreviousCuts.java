package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Somebody has cut here before. */
final class PreviousCuts implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.PREVIOUS_CUTS;
    }

    @Override
    public Finding of(Case c) {
        return c.defect().atTheHinge()
                ? c.says(SECOND_OPINION, Consequence.CUT_BEFORE_AT_HINGE)
                : c.says(CAUTION, Consequence.CUT_BEFORE);
    }
}
