package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;

/** People and machine that pull stand out of the stem's reach, or the line is redirected. */
public final class PullersInReach implements Rule {
    private static final double ANCHOR_LENGTHS = 1.1;
    private static final double PULLER_LENGTHS = 2;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.stems().stream()
                .flatMap(f -> f.lay().stream())
                .filter(p -> p.choice().means().isLine())
                .flatMap(PullersInReach::judge);
    }

    private static Stream<Finding> judge(LayPlan p) {
        Means m = p.choice().means();
        boolean hand = m.kind() == Means.Kind.HAND_LINE;
        double needed = (hand ? PULLER_LENGTHS : ANCHOR_LENGTHS) * p.zone().lengthM();
        Optional<Double> distance =
                m.puller().or(m::stand).map(at -> at.distanceTo(p.stem().at())).or(m::anchorDistM);
        return distance.filter(d -> d < needed).stream()
                .map(d -> Finding.of(RuleId.PULLER_IN_REACH, STOP, p.stem().label())
                        .with("hand", Arg.flag(hand))
                        .with("away", Arg.down(LENGTH, d))
                        .with("needed", Arg.up(LENGTH, needed))
                        .with(Margin.atLeast(LENGTH, d, needed)));
    }
}
