package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.CHANCE;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.TargetCheck;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Feature;

/** A target likelier hit than its worth allows is a stop; where control is not proven, one anywhere in the circle. */
public final class TargetStruck implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead()
                .flatMap(p -> p.control().proven()
                        ? p.targets().stream().filter(t -> t.blocks(true)).map(t -> struck(p, t))
                        : anyWay(p));
    }

    private static Finding struck(LayPlan p, TargetCheck t) {
        Finding found = Finding.of(
                        RuleId.STRIKE, STOP, p.stem().label(), t.feature().id())
                .with("lay", Arg.azimuth(p.choice().layDeg()))
                .with("target", Arg.name(t.feature().name()))
                .with("worth", Arg.count(t.feature().worth()));
        return t.struck()
                .map(k -> found.with("chance", Arg.up(CHANCE, k.strike().controlled()))
                        .with("limit", Arg.down(CHANCE, k.limit()))
                        .with(Margin.atMost(CHANCE, k.strike().controlled(), k.limit())))
                .orElse(found);
    }

    /** One finding for everything a stem may hit that may fall any way, the worthiest first. */
    private static Stream<Finding> anyWay(LayPlan p) {
        List<Feature> hit = p.targets().stream()
                .filter(t -> t.blocks(false))
                .map(TargetCheck::feature)
                .sorted(Comparator.comparingInt(Feature::worth).reversed())
                .toList();
        return hit.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(
                                RuleId.ANY_WAY,
                                hit.get(0).worth() > 1 ? STOP : CAUTION,
                                p.stem().label())
                        .with(
                                "targets",
                                Arg.names(hit.stream().map(Feature::name).toList()))
                        .with("count", Arg.count(hit.size()))
                        .with("because", Arg.all(p.control().reasons())));
    }
}
