package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** A split union parts when the load shifts. */
final class SplitUnion implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SPLIT_UNION;
    }

    @Override
    public Finding of(Case c) {
        return Above.tied(c).orElseGet(() -> c.says(SECOND_OPINION, Consequence.UNION_OPENS));
    }
}
