package org.antevid.core.judge.weather;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.GroundState;

/** Wet, frozen and slippery ground lets go of feet and stems. */
public final class WetGround implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        GroundState g = s.place().ground();
        return g == GroundState.FIRM
                ? Stream.empty()
                : Stream.of(Finding.ofJob(RuleId.GROUND, CAUTION).with("ground", Arg.term(g)));
    }
}
