package org.antevid.core.judge.stem;

import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.message.Dimension.REACH;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** An anchorage that is past its peak may go with no wind. */
public final class HeavedPlate implements Rule {
    /** From here a lifted plate is no reading error and no frost (judgement). */
    public static final double HEAVED_M = 0.03;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked()
                .map(Situation.StemFacts::reading)
                .flatMap(r -> r.more().heave().filter(h -> h.high() >= HEAVED_M).stream()
                        .map(h -> Finding.of(RuleId.HEAVE, SECOND_OPINION, r.label())
                                .with("lifted", Arg.up(REACH, h.high()))
                                .with(Margin.atMost(REACH, h.high(), HEAVED_M))));
    }
}
