package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** A bent stem carries its weight elsewhere than its foot leans. */
final class BentStem implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.BENT_STEM;
    }

    @Override
    public Finding of(Case c) {
        boolean measured = c.stem().more().crownOffset().isPresent();
        return measured
                ? c.says(
                        Severity.NOTE,
                        "its crown's middle was measured; the lean counts with it",
                        "a bent stem falls where its weight is",
                        "geometry",
                        "told in the briefing")
                : c.says(
                        Severity.CAUTION,
                        "the foot's lean says little; measure crown radii on all sides or two views of the crown",
                        "a bent stem falls where its weight is, and twists on the hinge",
                        "practice rule",
                        "three crown radii or more, or acknowledge");
    }
}
