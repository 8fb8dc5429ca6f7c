package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A cavity: what is left of the wall decides. */
final class Cavity implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CAVITY;
    }

    @Override
    public Finding of(Case c) {
        return Probing.of(c, "unprobed wood counts as decayed");
    }
}
