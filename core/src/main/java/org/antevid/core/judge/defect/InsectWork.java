package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Insects and woodpeckers go where the wood is soft. */
final class InsectWork implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.INSECTS;
    }

    @Override
    public Finding of(Case c) {
        return Probing.sounded(c);
    }
}
