package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
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
                        ? c.says(
                                Severity.CAUTION,
                                "healed over; still nothing tied or rigged above it",
                                "grown-over edges say that it has not moved for years",
                                "practice rule",
                                "acknowledge, and say it in the briefing")
                        : c.says(
                                Severity.SECOND_OPINION,
                                "nothing tied or rigged above it, not climbed"
                                        + (c.defect().tellsBad()
                                                ? "; it moves"
                                                : "; ask whether it opens when the stem is rocked"),
                                "a crack says the wood has already moved",
                                "practice rule",
                                "a second opinion that has seen the crack"));
    }
}
