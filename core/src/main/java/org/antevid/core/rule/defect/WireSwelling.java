package org.antevid.core.rule.defect;

import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.RaisedCut;

/** A swelling over wire: the metal reaches farther than the swelling. */
final class WireSwelling implements DefectConsequence {
    @Override
    public DefectKind kind() {
        return DefectKind.WIRE_SWELLING;
    }

    @Override
    public Finding of(Case c) {
        double from = c.defect().fromM() - 0.3;
        double to = c.defect().toM() + 0.3;
        double above = Math.ceil(to * 20 - 1e-9) / 20;
        boolean reachable = above <= RaisedCut.WORKING_HEIGHT_M;
        String raised = reachable ? "cut at " + Case.metres(above) + " or higher" : "the clear wood begins at " + Case.metres(above) + ", above working height: cut below it or take a machine; never from a ladder";
        if (c.cutM().filter(h -> h >= from && h <= to).isPresent()) {
            return c.says(Severity.STOP, "the cut at " + Case.metres(c.cutM().orElseThrow()) + " meets it; " + raised, "a chain that meets metal breaks or kicks", "practice rule", raised);
        }
        return c.says(Severity.CAUTION, raised + "; the stump stays " + Case.metres(above) + " high, the tree reaches that much less, the cutter stands higher to it",
            "wire grown in reaches a hand beyond the swelling on both sides", "practice rule", "acknowledge the height of the cut");
    }
}
