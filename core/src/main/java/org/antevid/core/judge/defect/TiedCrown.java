package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A crown held above swings the butt. */
final class TiedCrown implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.TIED_CROWN;
    }

    @Override
    public Finding of(Case c) {
        return Nearest.of(c, c.says(SECOND_OPINION, Consequence.CROWN_TIED));
    }
}
