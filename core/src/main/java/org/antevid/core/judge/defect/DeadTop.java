package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A dead top drops at a blow and flies on when it lands. */
final class DeadTop implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.DEAD_TOP;
    }

    @Override
    public Finding of(Case c) {
        return Loose.of(
                c,
                "dead wood comes down on whoever drives the wedge",
                "nobody under it; the brash top flies on when it lands",
                "blows on wedges shake dead wood loose, and a brash top shatters",
                "bring it over with a line and acknowledge that nobody works beneath");
    }
}
