package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A bracket is the outside of decay. */
final class FungusBracket implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.FUNGUS;
    }

    @Override
    public Finding of(Case c) {
        return Probing.of(c);
    }
}
