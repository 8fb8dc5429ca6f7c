package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A chain that meets metal breaks or kicks. */
final class MetalInWood implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.METAL;
    }

    @Override
    public Finding of(Case c) {
        return Metal.of(c);
    }
}
