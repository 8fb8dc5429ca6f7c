package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A bent stem carries its weight elsewhere than its foot leans. */
final class BentStem implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.BENT_STEM;
    }

    @Override
    public Finding of(Case c) {
        return c.stem().more().crownOffset().isPresent()
                ? c.says(NOTE, Consequence.BENT_MEASURED)
                : c.says(CAUTION, Consequence.BENT);
    }
}
