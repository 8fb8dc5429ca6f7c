package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A cavity says nothing of how far the rot goes. */
final class Cavity implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CAVITY;
    }

    @Override
    public Finding of(Case c) {
        return Probing.of(c);
    }
}
