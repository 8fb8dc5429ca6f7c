package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** Crowns grown or hooked into each other move together. */
final class TiedCrown implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.TIED_CROWN;
    }

    @Override
    public Finding of(Case c) {
        String near = Neighbour.of(c).map(n -> "; nearest is " + n).orElse("");
        return c.says(
                Severity.SECOND_OPINION,
                "the neighbour moves too" + near,
                "a crown held above swings the butt, a limb torn off flies back",
                "practice rule",
                "free the crown first, or a second opinion");
    }
}
