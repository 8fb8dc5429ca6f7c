package org.antevid.core.rule.defect;

import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
import org.antevid.core.stem.DefectKind;

/** A base that swells is making up for lost wood until the sound of it says otherwise. */
final class SwollenBase implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SWOLLEN_BASE;
    }

    @Override
    public Finding of(Case c) {
        if (c.defect().tellsGood()) {
            return c.says(Severity.NOTE, "sounds clear all round", "a clear sound speaks for sound wood", "practice rule", "told in the briefing");
        }
        return Probing.of(c, c.defect().tellsBad() ? "a dull sound is hollow or rotten wood" : "a swelling makes up for wood lost inside; sound it with a hammer");
    }
}
