package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;
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
        return c.says(heaved ? SECOND_OPINION : CAUTION, Consequence.ROOTS)
                .with("toward", Arg.azimuth((c.defect().faceDeg() + 180) % 360))
                .with("heaved", Arg.flag(heaved));
    }
}
