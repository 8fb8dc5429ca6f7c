package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** Blows on wedges shake dead wood loose, and a brash top shatters. */
final class DeadTop implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.DEAD_TOP;
    }

    @Override
    public Finding of(Case c) {
        return Loose.of(c, Consequence.DEAD_TOP);
    }
}
