package org.antevid.core.judge.weather;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Light;

/** What cannot be seen cannot be watched; a stem is not left half cut overnight. */
public final class Daylight implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return switch (s.place().light()) {
            case DAY ->
                s.place().ahead().stream().filter(h -> h.light() == Light.DARK).findFirst().stream()
                        .map(h -> Finding.ofJob(RuleId.DARK_AHEAD, NOTE).with("at", Arg.name(h.label())));
            case DUSK -> Stream.of(Finding.ofJob(RuleId.DUSK, CAUTION));
            case DARK -> Stream.of(Finding.ofJob(RuleId.DARK, STOP));
        };
    }
}
