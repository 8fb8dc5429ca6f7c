package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.DefectKind;

/** Cracks in dry soil differ from cracks of movement. */
final class SoilCracks implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.SOIL_CRACKS;
    }

    @Override
    public Finding of(Case c) {
        if (c.defect().tellsBad()) {
            return c.says(
                    Severity.SECOND_OPINION,
                    "cracks of movement: treated as a lifted root plate; not climbed, not an anchor, machine "
                            + "from outside",
                    "soil that opens round a stem says the plate has moved",
                    "practice rule",
                    "a second opinion and a machine from outside its reach");
        }
        if (c.defect().tellsGood()) {
            return c.says(
                    Severity.NOTE,
                    "drying cracks: the same everywhere",
                    "dry ground cracks in a net, not in a curve round one stem",
                    "practice rule",
                    "told in the briefing");
        }
        return c.says(
                Severity.CAUTION,
                "dry or moved? Look whether they curve round the stem, whether the ground moves in the wind, "
                        + "whether one edge is higher",
                "the one is nothing, the other is a plate that lets go",
                "practice rule",
                "record what tells them apart, or acknowledge as moved");
    }
}
