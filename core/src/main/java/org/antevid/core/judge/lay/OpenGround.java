package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.FallZone;
import org.antevid.core.message.Arg;

/** A stem that rolls or runs has no end downhill but what holds it. */
public final class OpenGround implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().filter(p -> p.zone().downhillUnbounded()).map(p -> {
            FallZone.Open open = p.zone().open().orElseThrow();
            Finding found = p.choice()
                    .below()
                    .map(b -> Finding.of(RuleId.BELOW_KEPT, CAUTION, p.stem().label())
                            .with("by", Arg.name(b.by()))
                            .with("holds", Arg.name(b.holds()))
                            .with("down", Arg.up(LENGTH, b.downM())))
                    .orElseGet(
                            () -> Finding.of(RuleId.BELOW_OPEN, STOP, p.stem().label()));
            return found.with("from", Arg.azimuth(open.fromDeg())).with("to", Arg.azimuth(open.toDeg()));
        });
    }
}
