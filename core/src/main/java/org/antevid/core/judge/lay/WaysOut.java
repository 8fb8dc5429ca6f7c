package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;

/** No cut without two ways out: a main and an alternate, and time enough to go them. */
public final class WaysOut implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead()
                .flatMap(p -> p.escape().best().isEmpty()
                        ? Stream.of(none(p))
                        : Stream.of(barred(p), slow(p), cover(p)).flatMap(x -> x));
    }

    private static Finding none(LayPlan p) {
        List<Arg> by = p.escape().routes().stream()
                .flatMap(r -> r.blockedBy().stream())
                .distinct()
                .toList();
        return Finding.of(RuleId.NO_WAY_OUT, STOP, p.stem().label()).with("by", Arg.several(by));
    }

    private static Stream<Finding> barred(LayPlan p) {
        return p.escape().routes().stream().filter(r -> !r.open()).map(r -> Finding.of(
                        RuleId.WAY_BARRED, CAUTION, p.stem().label(), r.side().key())
                .with("side", Arg.term(r.side()))
                .with("by", Arg.several(r.blockedBy())));
    }

    /** Stepping behind a tree is no distance, whatever the clock says. */
    private static Stream<Finding> cover(LayPlan p) {
        return p.choice().leaving().coverTree().stream().map(tree -> Finding.of(
                        RuleId.COVER_TREE, SECOND_OPINION, p.stem().label())
                .with("tree", Arg.name(tree)));
    }

    /** Within reach of butt and crown when it lands: a number and what helps; hardly away at all stops. */
    private static Stream<Finding> slow(LayPlan p) {
        if (p.choice().leaving().coverTree().isPresent()) {
            return Stream.empty();
        }
        return switch (p.away()) {
            case CLEAR, LEFT_BEFORE -> Stream.empty();
            case NOT_KNOWN ->
                p.judged().isEmpty()
                        ? Stream.empty()
                        : Stream.of(Finding.of(
                                RuleId.TIME_NOT_KNOWN, CAUTION, p.stem().label()));
            case WITHIN, TOO_NEAR -> Stream.of(tooSlow(p, p.away() == LayPlan.Away.TOO_NEAR));
        };
    }

    private static Finding tooSlow(LayPlan p, boolean hardlyAway) {
        double away = p.escape().reachedM().orElse(0.0);
        return Finding.of(RuleId.TOO_SLOW, hardlyAway ? STOP : CAUTION, p.stem().label())
                .with("away", Arg.down(LENGTH, away))
                .with("clear", Arg.up(LENGTH, p.clearM()))
                .with("helps", Arg.all(p.timeHelps()))
                .with("stops", Arg.flag(hardlyAway))
                .with(Margin.atLeast(LENGTH, away, p.clearM()));
    }
}
