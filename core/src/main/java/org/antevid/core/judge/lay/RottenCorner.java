package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.StemReading;

/** One rotten corner leaves a hinge that steers with what is left of it. */
public final class RottenCorner implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead()
                .filter(p -> p.stem().corners(p.choice().layDeg()).oneRotten())
                .map(p -> {
                    StemReading.Corners c = p.stem().corners(p.choice().layDeg());
                    return Finding.of(
                                    RuleId.ROTTEN_CORNER,
                                    SECOND_OPINION,
                                    p.stem().label())
                            .with("left", Arg.flag(c.left() == c.worse()))
                            .with("wood", Arg.term(c.worse()));
                });
    }
}
