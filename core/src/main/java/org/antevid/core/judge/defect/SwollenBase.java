package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A base that swells is making up for lost wood until the sound of it says otherwise. */
final class SwollenBase implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SWOLLEN_BASE;
    }

    @Override
    public Finding of(Case c) {
        return Probing.sounded(c, "a swelling makes up for wood lost inside");
    }
}
