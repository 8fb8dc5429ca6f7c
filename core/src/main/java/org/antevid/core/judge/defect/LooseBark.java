package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Bark that has come loose: the wood under it may be sound or soft, and sounds so. */
final class LooseBark implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.LOOSE_BARK;
    }

    @Override
    public Finding of(Case c) {
        return Probing.sounded(c, "bark comes loose where the wood under it has died");
    }
}
