package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Wire grown in reaches a hand beyond the swelling on both sides. */
final class WireSwelling implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.WIRE_SWELLING;
    }

    @Override
    public Finding of(Case c) {
        return Metal.of(c);
    }
}
