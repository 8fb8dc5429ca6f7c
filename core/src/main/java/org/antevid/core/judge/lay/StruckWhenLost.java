package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.message.Dimension.CHANCE;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.sweep.StruckTarget;
import org.antevid.core.message.Arg;

/** Only losing control altogether makes it too likely: that is for restraint or dismantling, not for aim. */
public final class StruckWhenLost implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().filter(p -> p.control().proven()).flatMap(p -> p.targets().stream()
                .filter(t -> t.feature().mustNotBeHit())
                .flatMap(t -> t.struck().filter(StruckTarget::onlyWhenLost).stream()
                        .map(k -> Finding.of(
                                        RuleId.CONTROL_LOST,
                                        SECOND_OPINION,
                                        p.stem().label(),
                                        t.feature().id())
                                .with("target", Arg.name(t.feature().name()))
                                .with("chance", Arg.up(CHANCE, k.strike().decision()))
                                .with("limit", Arg.down(CHANCE, k.limit()))
                                .with(Margin.atMost(CHANCE, k.strike().decision(), k.limit())))));
    }
}
