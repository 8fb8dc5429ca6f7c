package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Metal in the butt: the cut goes above it. */
final class MetalInWood implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.METAL;
    }

    @Override
    public Finding of(Case c) {
        return Metal.of(c, "a chain that meets metal breaks or kicks");
    }
}
