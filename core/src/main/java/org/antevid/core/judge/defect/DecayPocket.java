package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Decay reaches farther than it shows. */
final class DecayPocket implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.DECAY_POCKET;
    }

    @Override
    public Finding of(Case c) {
        return Probing.of(c);
    }
}
