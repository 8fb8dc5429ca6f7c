package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.message.Dimension.CHANCE;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** In the fan, though less likely hit than its worth allows: what may be struck is known before the cut. */
public final class TargetInFan implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().filter(p -> p.control().proven()).flatMap(p -> p.targets().stream()
                .filter(t -> t.inFan() && t.feature().mustNotBeHit() && !t.blocks(true))
                .map(t -> Finding.of(
                                RuleId.IN_FAN,
                                CAUTION,
                                p.stem().label(),
                                t.feature().id())
                        .with("target", Arg.name(t.feature().name()))
                        .with("lay", Arg.azimuth(p.choice().layDeg()))
                        .with(
                                "chance",
                                t.struck().map(k -> Arg.up(CHANCE, k.strike().decision())))));
    }
}
