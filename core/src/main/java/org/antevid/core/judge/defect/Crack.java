package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.DefectKind;

/** A crack has moved already: nothing is rigged or tied in above it. */
final class Crack implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CRACK;
    }

    @Override
    public Finding of(Case c) {
        return Above.tied(c)
                .orElseGet(() -> c.defect().tellsGood()
                        ? c.says(CAUTION, Consequence.CRACK_HEALED)
                        : c.says(SECOND_OPINION, Consequence.CRACK)
                                .with("moves", Arg.flag(c.defect().tellsBad())));
    }
}
