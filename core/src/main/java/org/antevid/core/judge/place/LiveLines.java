package org.antevid.core.judge.place;

import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Feature;

/** Live lines inside the reach of a stem are the work of people trained for them. */
public final class LiveLines implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked().flatMap(f -> s.site().features().stream()
                .filter(Feature::live)
                .filter(l -> awayM(l, f) <= reachM(f))
                .map(l -> Finding.of(RuleId.LIVE_LINE, SECOND_OPINION, f.label(), l.id())
                        .with("line", Arg.name(l.name()))
                        .with("away", Arg.down(LENGTH, awayM(l, f)))
                        .with("reach", Arg.up(LENGTH, reachM(f)))
                        .with(Margin.atLeast(LENGTH, awayM(l, f), reachM(f)))));
    }

    private static double awayM(Feature line, Situation.StemFacts f) {
        return line.shape().distanceTo(f.reading().at());
    }

    private static double reachM(Situation.StemFacts f) {
        return f.lay()
                .map(l -> l.zone().designReachM() + l.zone().throwM())
                .or(() -> f.reading().height().map(h -> h.high()))
                .orElse(0.0);
    }
}
