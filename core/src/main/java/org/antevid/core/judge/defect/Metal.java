package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.HEIGHT;

import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.RaisedCut;

/** Metal in the stem: the cut goes above it, and what that means for height, stance and saw. */
final class Metal {
    private static final double STEPS_IN_A_METRE = 20;

    private Metal() {}

    static Finding of(Case c) {
        double marginM = c.defect().kind().cutMarginM();
        double from = c.defect().fromM() - marginM;
        double to = c.defect().toM() + marginM;
        // a cut at the very edge meets nothing
        double above = Math.ceil(to * STEPS_IN_A_METRE - 1e-9) / STEPS_IN_A_METRE;
        Optional<Double> met = c.cutM().filter(h -> h > from + 1e-9 && h < to - 1e-9);
        Finding said = met.map(h -> c.says(STOP, Consequence.CUT_MEETS_METAL).with("cut", Arg.of(HEIGHT, h)))
                .orElseGet(() -> c.says(CAUTION, Consequence.METAL));
        return said.with("above", Arg.of(HEIGHT, above))
                .with("reachable", Arg.flag(above <= RaisedCut.WORKING_HEIGHT_M));
    }
}
