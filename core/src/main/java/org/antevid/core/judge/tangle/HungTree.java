package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.message.Dimension.DISTANCE;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** A hung-up tree can come down at any moment: two who know decide, and it is never left unmarked. */
public final class HungTree implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stillHanging().flatMap(h -> Stream.concat(Stream.of(opinion(h)), unguarded(s, h)));
    }

    private static Finding opinion(Situation.Hang h) {
        return Finding.of(RuleId.HUNG, SECOND_OPINION, h.hung())
                .with(
                        "support",
                        Optional.of(h.supports()).filter(x -> !x.isEmpty()).map(Arg::names));
    }

    private static Stream<Finding> unguarded(Situation s, Situation.Hang h) {
        return s.guards().stream().anyMatch(g -> g.stem().equals(h.hung()) && g.named())
                ? Stream.empty()
                : Stream.of(
                        Finding.of(RuleId.NO_GUARD, CAUTION, h.hung()).with("clear", Arg.up(DISTANCE, h.keepOutM())));
    }
}
