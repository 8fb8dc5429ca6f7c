package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.NOTE;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** What is seen is told. */
final class OtherFault implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.OTHER;
    }

    @Override
    public Finding of(Case c) {
        return c.says(NOTE, Consequence.TOLD);
    }
}
