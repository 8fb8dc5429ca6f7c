package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A union that has begun to part. */
final class SplitUnion implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SPLIT_UNION;
    }

    @Override
    public Finding of(Case c) {
        return Above.tied(c)
                .orElseGet(() -> c.says(
                        Severity.SECOND_OPINION,
                        "it can open under the saw; not climbed, nothing rigged above",
                        "a split union parts when the load shifts",
                        "practice rule",
                        "a second opinion, or a machine from outside the ring"));
    }
}
