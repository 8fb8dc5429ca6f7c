package org.antevid.core.judge.stem;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.StemReading;

/** A cut below the union brings all stems down at once, each its own way. */
public final class UnionOfStems implements Rule {
    /** Where no lay says how high the cut is. */
    private static final double USUAL_CUT_M = 0.3;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked()
                .filter(f -> f.reading().more().union().isPresent())
                .map(f -> {
                    StemReading r = f.reading();
                    StemReading.Union u = r.more().union().orElseThrow();
                    double cut = f.lay().map(l -> l.choice().cutHeightM()).orElse(USUAL_CUT_M);
                    boolean above = u.heightM() > cut;
                    return Finding.of(
                                    above ? RuleId.UNION_ABOVE_CUT : RuleId.UNION_BELOW_CUT,
                                    above ? CAUTION : NOTE,
                                    r.label())
                            .with("others", Arg.names(u.others()))
                            .with("height", Arg.of(LENGTH, u.heightM()))
                            .with(Margin.atLeast(LENGTH, cut, u.heightM()));
                });
    }
}
