package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** Somebody has cut here before. */
final class PreviousCuts implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.PREVIOUS_CUTS;
    }

    @Override
    public Finding of(Case c) {
        return c.defect().atTheHinge()
                ? c.says(
                        Severity.SECOND_OPINION,
                        "no hinge can be relied on; nobody knows what still holds",
                        "a stem that is half cut stands by what was left",
                        "practice rule",
                        "a machine from outside, with a second opinion")
                : c.says(
                        Severity.CAUTION,
                        "the stem can break there; nothing tied above it",
                        "old cuts rot and weaken",
                        "practice rule",
                        "tie the line below it, or acknowledge");
    }
}
