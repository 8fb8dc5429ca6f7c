package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A swelling over wire: the metal reaches farther than the swelling. */
final class WireSwelling implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.WIRE_SWELLING;
    }

    @Override
    public Finding of(Case c) {
        return Metal.of(c, "wire grown in reaches a hand beyond the swelling on both sides");
    }
}
