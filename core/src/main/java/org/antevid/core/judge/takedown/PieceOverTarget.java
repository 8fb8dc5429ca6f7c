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
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
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

    /** @return whether nothing stops a piece from ending where it does */
    public static boolean mayEnd(Site site, Spot foot, Piece p) {
        return hits(site, foot, p).noneMatch(f -> severity(p, f) == Severity.STOP);
    }

    private static Stream<Feature> hits(Site site, Spot foot, Piece p) {
        return Optional.of(p)
                .filter(x -> !x.cut().way().roped() && x.cut().way().aloft())
                .flatMap(x -> KeepClear.of(foot, x, site.terrain().groundAt(foot)))
                .map(Shape::polygon)
                .stream()
                .flatMap(z -> site.targets().filter(Feature::mustNotBeHit).filter(f -> f.shape()
                        .touches(z)));
    }

    private static Stream<Finding> found(Situation s, Situation.TakenDown t, Spot foot) {
        Map<Severity, Hit> hits = new TreeMap<>();
        for (Piece p : t.plan().coming()) {
            hits(s.site(), foot, p).forEach(f -> {
                Hit hit = hits.computeIfAbsent(severity(p, f), x -> new Hit(new ArrayList<>(), new LinkedHashSet<>()));
                if (!hit.pieces.contains(p.number())) {
                    hit.pieces.add(p.number());
                }
                hit.targets.add(f.name());
            });
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
