package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A stem under tension lets go like a spring. */
final class UnderTension implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.UNDER_TENSION;
    }

    @Override
    public Finding of(Case c) {
        return c.says(
                Severity.SECOND_OPINION,
                "it springs when cut; nobody on the inside of the bend",
                "bent wood lets go at once and without a sound",
                "practice rule",
                "a second opinion; cut from the outside in many small steps, or a machine");
    }
}
