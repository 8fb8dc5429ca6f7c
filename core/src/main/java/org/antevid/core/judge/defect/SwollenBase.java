package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A swelling makes up for wood lost inside. */
final class SwollenBase implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SWOLLEN_BASE;
    }

    @Override
    public Finding of(Case c) {
        return Probing.sounded(c);
    }
}
