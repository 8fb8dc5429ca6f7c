package org.antevid.core.rule;

import static org.antevid.core.rule.Severity.CAUTION;
import static org.antevid.core.rule.Severity.STOP;

import java.util.Locale;
import java.util.stream.Stream;

/** Wind against the limit. House rule; the leader may only be stricter. */
final class PlaceRules implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        if (s.gustMs().isEmpty()) {
            return Stream.of(Finding.of("wind", CAUTION, 1, "", "the wind is not known", "work stops at the wind limit", "house rule",
                "read the anemometer"));
        }
        double high = s.gustMs().get().value() + s.gustMs().get().sigma();
        return high <= s.windLimitMs() ? Stream.empty() : Stream.of(Finding.of("wind", STOP, 1, "",
            String.format(Locale.ROOT, "gusts of up to %.1f m/s, the limit is %.1f m/s", Math.ceil(high * 10) / 10, s.windLimitMs()),
            "work stops at the wind limit", "house rule", "wait"));
    }
}
