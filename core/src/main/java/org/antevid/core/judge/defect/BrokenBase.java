package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A stem broken at its base has no hinge. */
final class BrokenBase implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.BROKEN_BASE;
    }

    @Override
    public Finding of(Case c) {
        return c.says(SECOND_OPINION, Consequence.NO_HINGE_BROKEN);
    }
}
