package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A stem that broke at its base stands by torn fibres. */
final class BrokenBase implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.BROKEN_BASE;
    }

    @Override
    public Finding of(Case c) {
        return c.says(
                Severity.SECOND_OPINION,
                "no hinge can be relied on",
                "broken fibres do not guide a fall",
                "practice rule",
                "a machine or winch from outside, with a second opinion");
    }
}
