package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Bark comes loose where the wood under it has died. */
final class LooseBark implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.LOOSE_BARK;
    }

    @Override
    public Finding of(Case c) {
        return Probing.sounded(c);
    }
}
