package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.message.Dimension.LENGTH;
import static org.antevid.core.message.Dimension.TIMES;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** A stem that lands short of its centre of percussion throws up its butt. */
public final class BedThatLifts implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stems().stream().flatMap(f -> f.lay().stream()).flatMap(p -> p.landing().contacts().stream()
                .filter(c -> c.lifts())
                .limit(1)
                .map(c -> Finding.of(RuleId.BED_LIFTS_BUTT, CAUTION, p.stem().label(), c.id())
                        .with("bed", Arg.name(c.name()))
                        .with("at", Arg.of(LENGTH, c.atM()))
                        .with("lift", Arg.up(TIMES, p.landing().buttLiftShare().orElse(1.0)))));
    }
}
