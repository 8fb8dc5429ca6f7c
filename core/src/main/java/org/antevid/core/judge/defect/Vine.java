package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Tied crowns pull each other and throw limbs back. */
final class Vine implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.VINE;
    }

    @Override
    public Finding of(Case c) {
        return Nearest.of(c, c.says(CAUTION, Consequence.VINE));
    }
}
