package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.Comparator;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;

/** Where hinge and means cannot be shown to govern the fall: by what it fails decides how much that weighs. */
public final class ControlProven implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().filter(p -> !p.control().proven()).map(p -> Finding.of(
                        RuleId.CONTROL, weight(p), p.stem().label())
                .with("because", Arg.all(p.control().reasons()))
                .with("why", Arg.term(p.control().doubts().get(0).why()))
                .with("next", Arg.said(NextMeans.after(p))));
    }

    /**
     * Means that do not even beat what is expected let it sit back; a side lean over hinge and guy takes the lay; both
     * stop.
     */
    private static Severity weight(LayPlan p) {
        return p.control().doubts().stream()
                .map(u -> switch (u.why()) {
                    case LEAN_NOT_KNOWN, SIDE_LEAN, MEANS_NOT_KNOWN -> STOP;
                    case HINGE_WOOD, CORNERS -> SECOND_OPINION;
                    case MEANS ->
                        p.judged().filter(r -> r.back().enoughAsExpected()).isPresent() ? CAUTION : STOP;
                })
                .min(Comparator.naturalOrder())
                .orElse(CAUTION);
    }
}
