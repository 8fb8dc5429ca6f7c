package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.stem.RaisedCut;

/** Metal in the stem: the cut goes above it, and what that means for height, stance and saw. */
final class Metal {
    private static final double STEPS_IN_A_METRE = 20;

    private Metal() {}

    static Finding of(Case c, String why) {
        double marginM = c.defect().kind().cutMarginM();
        double from = c.defect().fromM() - marginM;
        double to = c.defect().toM() + marginM;
        // a cut at the very edge meets nothing
        double above = Math.ceil(to * STEPS_IN_A_METRE - 1e-9) / STEPS_IN_A_METRE;
        String raised = above <= RaisedCut.WORKING_HEIGHT_M
                ? "cut at " + Case.metres(above) + " or higher"
                : "the clear wood begins at " + Case.metres(above)
                        + ", above working height: cut below it or take a machine; never from a ladder";
        if (c.cutM().filter(h -> h > from + 1e-9 && h < to - 1e-9).isPresent()) {
            return c.says(
                    Severity.STOP,
                    "the cut at " + Case.metres(c.cutM().orElseThrow()) + " meets it; " + raised,
                    "a chain that meets metal breaks or kicks",
                    "practice rule",
                    raised);
        }
        return c.says(
                Severity.CAUTION,
                raised + "; the stump stays " + Case.metres(above)
                        + " high, the tree reaches that much less, the cutter stands higher to it",
                why,
                "practice rule",
                "acknowledge the height of the cut, old chain on the saw");
    }
}
