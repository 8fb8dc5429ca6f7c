package org.antevid.core.judge.takedown;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.pieces.KeepClear;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.Way;

/**
 * What a piece that no line holds can end on and must not hit. Over people, a live line or what is dear it is a stop;
 * what two hands let go is a caution. Practice rule.
 */
public final class PieceOverTarget implements Rule {
    private static final int DEAR = 3;

    private record Hit(List<Integer> pieces, Set<String> targets) {}

    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream().flatMap(t -> s.stem(t.label()).stream()
                .flatMap(f -> found(s, t, f.reading().at())));
    }

    private static Stream<Finding> found(Situation s, Situation.TakenDown t, Spot foot) {
        Ground ground = s.site().terrain().groundAt(foot);
        Map<Severity, Hit> hits = new TreeMap<>();
        for (Piece p : t.plan().coming()) {
            Optional<List<Spot>> zone =
                    p.cut().way().roped() || !p.cut().way().aloft() ? Optional.empty() : KeepClear.of(foot, p, ground);
            zone.map(Shape::polygon).ifPresent(z -> s.site()
                    .targets()
                    .filter(Feature::mustNotBeHit)
                    .filter(f -> f.shape().touches(z))
                    .forEach(f -> {
                        Hit hit = hits.computeIfAbsent(
                                severity(p, f), x -> new Hit(new ArrayList<>(), new LinkedHashSet<>()));
                        if (!hit.pieces.contains(p.number())) {
                            hit.pieces.add(p.number());
                        }
                        hit.targets.add(f.name());
                    }));
        }
        return hits.entrySet().stream().map(e -> Finding.of(
                        RuleId.PIECE_OVER, e.getKey(), t.label(), e.getKey().name())
                .with("count", Arg.count(e.getValue().pieces.size()))
                .with(
                        "pieces",
                        Arg.several(e.getValue().pieces.stream().map(Arg::count).toList()))
                .with("targets", Arg.names(e.getValue().targets)));
    }

    private static Severity severity(Piece p, Feature f) {
        if (p.cut().way() == Way.BY_HAND) {
            return Severity.CAUTION;
        }
        return f.live() || f.mayHoldPeopleNow() || f.worthNow() >= DEAR ? Severity.STOP : Severity.SECOND_OPINION;
    }
}
