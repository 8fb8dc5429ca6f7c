package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** Vines tie crowns together. */
final class Vine implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.VINE;
    }

    @Override
    public Finding of(Case c) {
        String near = Neighbour.of(c).map(n -> "; nearest is " + n).orElse("");
        return c.says(
                Severity.CAUTION,
                "the neighbour moves too" + near,
                "tied crowns pull each other and throw limbs back",
                "practice rule",
                "cut the vine days before, or acknowledge");
    }
}
