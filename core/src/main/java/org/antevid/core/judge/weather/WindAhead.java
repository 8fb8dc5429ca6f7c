package org.antevid.core.judge.weather;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.message.Dimension.SPEED;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** A cut begun before the wind is finished in it. */
public final class WindAhead implements Rule {
    /** A bulletin is this much wrong at one sigma (judgement). */
    private static final double BULLETIN_SIGMA_MS = 2;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().ahead().stream()
                .filter(h -> h.gustMs() + BULLETIN_SIGMA_MS > s.windLimitMs())
                .findFirst()
                .stream()
                .map(h -> Finding.ofJob(RuleId.WIND_AHEAD, h.gustMs() > s.windLimitMs() ? CAUTION : NOTE)
                        .with("gust", Arg.up(SPEED, h.gustMs()))
                        .with("at", Arg.name(h.label()))
                        .with("limit", Arg.down(SPEED, s.windLimitMs()))
                        .with(Margin.atMost(SPEED, h.gustMs(), s.windLimitMs())));
    }
}
