package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A lifted root plate has let go once. */
final class LiftedRootPlate implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.LIFTED_ROOT_PLATE;
    }

    @Override
    public Finding of(Case c) {
        return c.says(
                Severity.SECOND_OPINION,
                "not climbed, not an anchor, no guy to it, machine only",
                "the anchorage is past its peak and may go with no wind",
                "practice rule",
                "a second opinion and a machine from outside its reach");
    }
}
