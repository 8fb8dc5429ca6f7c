package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** Anything else that was seen. */
final class OtherFault implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.OTHER;
    }

    @Override
    public Finding of(Case c) {
        return c.says(
                Severity.NOTE,
                "say it in the briefing",
                "what is seen is told",
                "practice rule",
                "told in the briefing");
    }
}
