package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.stem.DefectKind;

/** Roots that are cut or rotten hold on one side only. */
final class CutRoots implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.CUT_ROOTS;
    }

    @Override
    public Finding of(Case c) {
        boolean heaved = c.stem().more().heave().isPresent();
        return c.says(
                heaved ? Severity.SECOND_OPINION : Severity.CAUTION,
                "not climbed, not an anchor; it may go over toward "
                        + Azimuth.digits(c.defect().faceDeg() + 180) + "° or when pulled",
                "a plate holds by its roots on the far side",
                "practice rule",
                heaved
                        ? "a second opinion and a machine from outside its reach"
                        : "measure whether the plate lifts, or acknowledge");
    }
}
