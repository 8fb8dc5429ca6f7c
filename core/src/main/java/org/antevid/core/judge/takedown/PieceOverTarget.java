package org.antevid.core.judge.takedown;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.Piece;

/**
 * What a piece that no line holds can end on and must not hit, and who may come under any piece: each matter once, with
 * its pieces. Over people nobody keeps out, a live line or what is dear it is a stop; what two hands let go over a
 * thing is a caution. Practice rule.
 */
public final class PieceOverTarget implements Rule {
    private record Matter(GroundBelow.What what, Severity severity) {}

    private record Hit(List<Integer> pieces, Set<String> targets) {}

    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream().flatMap(t -> s.stem(t.label()).stream()
                .flatMap(f -> found(s, t, f.reading().at())));
    }

    /** @return whether nothing stops a piece from ending where it does */
    public static boolean mayEnd(Site site, Spot foot, Piece p, Optional<DropBed> bed) {
        return GroundBelow.of(site, foot, p, bed).stream().noneMatch(b -> b.severity() == Severity.STOP);
    }

    private static Stream<Finding> found(Situation s, Situation.TakenDown t, Spot foot) {
        Map<Matter, Hit> hits = new LinkedHashMap<>();
        for (Piece p : t.plan().coming()) {
            GroundBelow.of(s.site(), foot, p, t.plan().below().bed()).forEach(b -> {
                Hit hit = hits.computeIfAbsent(
                        new Matter(b.what(), b.severity()), x -> new Hit(new ArrayList<>(), new LinkedHashSet<>()));
                if (!hit.pieces.contains(p.number())) {
                    hit.pieces.add(p.number());
                }
                hit.targets.addAll(b.names());
            });
        }
        return hits.entrySet().stream().map(e -> finding(t.label(), e.getKey(), e.getValue()));
    }

    private static Finding finding(String stem, Matter m, Hit hit) {
        Finding f =
                switch (m.what) {
                    case CAN_END_ON, PAST_THE_BED, BEHIND_THE_FACE ->
                        Finding.of(
                                        RuleId.PIECE_OVER,
                                        m.severity,
                                        stem,
                                        m.what == GroundBelow.What.CAN_END_ON ? m.severity.name() : m.what.name())
                                .with("bed", Arg.flag(m.what == GroundBelow.What.PAST_THE_BED))
                                .with("behind", Arg.flag(m.what == GroundBelow.What.BEHIND_THE_FACE));
                    case NOBODY_KEEPS_OUT, NOT_YET_SHUT ->
                        Finding.of(RuleId.PEOPLE_UNDER_PIECE, m.severity, stem, m.what.name())
                                .with("named", Arg.flag(m.what == GroundBelow.What.NOT_YET_SHUT));
                };
        return f.with("count", Arg.count(hit.pieces.size()))
                .with("pieces", Arg.several(hit.pieces.stream().map(Arg::count).toList()))
                .with("targets", Arg.names(hit.targets));
    }
}
