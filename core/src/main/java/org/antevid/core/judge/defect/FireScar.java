package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Behind the rim of a fire scar the wood rots. */
final class FireScar implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.FIRE_SCAR;
    }

    @Override
    public Finding of(Case c) {
        return Probing.of(c);
    }
}
