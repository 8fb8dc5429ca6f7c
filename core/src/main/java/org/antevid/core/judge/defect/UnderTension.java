package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Bent wood lets go at once and without a sound. */
final class UnderTension implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.UNDER_TENSION;
    }

    @Override
    public Finding of(Case c) {
        return c.says(SECOND_OPINION, Consequence.SPRINGS);
    }
}
