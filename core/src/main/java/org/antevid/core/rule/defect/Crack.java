package org.antevid.core.rule.defect;

import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
import org.antevid.core.stem.DefectKind;

/** A crack has moved already: nothing is rigged or tied in above it. */
final class Crack implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CRACK;
    }

    @Override
    public Finding of(Case c) {
        if (c.ropeM().filter(r -> r > c.defect().fromM()).isPresent()) {
            return c.says(Severity.STOP, "the line is tied above it, at " + Case.metres(c.ropeM().orElseThrow()), "a cracked stem parts where it is pulled", "practice rule",
                "tie the line below it, or choose other means");
        }
        if (c.defect().tellsGood()) {
            return c.says(Severity.CAUTION, "healed over; still nothing tied or rigged above it", "grown-over edges say that it has not moved for years", "practice rule",
                "acknowledge, and say it in the briefing");
        }
        return c.says(Severity.SECOND_OPINION, "nothing tied or rigged above it, not climbed" + (c.defect().tellsBad() ? "; it moves" : "; ask whether it opens when the stem is rocked"),
            "a crack says the wood has already moved", "practice rule", "a second opinion that has seen the crack");
    }
}
