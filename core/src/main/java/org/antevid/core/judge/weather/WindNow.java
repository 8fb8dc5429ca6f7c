package org.antevid.core.judge.weather;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.SPEED;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Work stops at the wind limit, the measured gust taken at its upper side. */
public final class WindNow implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        if (s.gustMs().isEmpty()) {
            return Stream.of(Finding.ofJob(RuleId.WIND_NOT_KNOWN, CAUTION));
        }
        double high = s.gustMs().get().value() + s.gustMs().get().sigma();
        return high <= s.windLimitMs()
                ? Stream.empty()
                : Stream.of(Finding.ofJob(RuleId.WIND_NOW, STOP)
                        .with("gust", Arg.up(SPEED, high))
                        .with("limit", Arg.down(SPEED, s.windLimitMs()))
                        .with(Margin.atMost(SPEED, high, s.windLimitMs())));
    }
}
