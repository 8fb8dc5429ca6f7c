package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.TargetCheck;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** Whatever lies in reach, clear of the fan, is told in the briefing. */
public final class TargetsInReach implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().flatMap(p -> {
            List<TargetCheck> near = p.targets().stream()
                    .filter(t -> t.inReach() && !t.inFan() && t.feature().mustNotBeHit())
                    .toList();
            return near.isEmpty()
                    ? Stream.empty()
                    : Stream.of(Finding.of(RuleId.WITHIN_REACH, NOTE, p.stem().label())
                            .with(
                                    "targets",
                                    Arg.several(near.stream()
                                            .map(TargetsInReach::clear)
                                            .toList())));
        });
    }

    private static Arg clear(TargetCheck t) {
        return Arg.said(Message.of(Phrase.CLEAR_BY)
                .with("target", Arg.name(t.feature().name()))
                .with("clear", Arg.down(LENGTH, t.clearanceM())));
    }
}
