package org.antevid.core.judge.takedown;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.takedown.pieces.Link;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.TakeDown;

/** What stands against the pieces of a tree: each matter once, with the pieces it concerns and the worst number. */
public final class PiecesTakenDown implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream().flatMap(t -> Stream.concat(pieces(t), whole(t)));
    }

    private static Stream<Finding> whole(Situation.TakenDown t) {
        return t.plan().remarks().stream().map(r -> Finding.of(RuleId.TAKEDOWN, severity(r), t.label(), r.name())
                .with("what", Arg.said(said(r, t.plan()))));
    }

    private static Stream<Finding> pieces(Situation.TakenDown t) {
        Map<PieceRemark, List<Piece>> by = new TreeMap<>(t.plan().coming().stream()
                .flatMap(p -> p.remarks().stream().map(r -> Map.entry(r, p)))
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList()))));
        return by.entrySet().stream().map(e -> Finding.of(
                        RuleId.PIECE,
                        severity(e.getKey()),
                        t.label(),
                        e.getKey().name())
                .with("count", Arg.count(e.getValue().size()))
                .with(
                        "pieces",
                        Arg.several(e.getValue().stream()
                                .map(p -> Arg.count(p.number()))
                                .toList()))
                .with("what", Arg.said(said(e.getKey(), worst(e.getValue()), t.plan()))));
    }

    private static Piece worst(List<Piece> pieces) {
        return pieces.stream()
                .max(Comparator.comparingDouble(
                        p -> p.loading().worst().flatMap(Link::share).orElse(0.0)))
                .orElseThrow();
    }

    private static Severity severity(PieceRemark r) {
        return Severity.of(r.level());
    }

    /** @return what is said of the whole plan */
    public static Message said(PieceRemark r, TakeDown plan) {
        Message m = Message.of(r);
        return switch (r) {
            case CROWN_NOT_DRAWN ->
                m.with("mass", Arg.up(Dimension.MASS, plan.figure().undrawnHighKg()));
            case RESCUE_SLOW ->
                m.with("minutes", plan.climb().rescueMin().map(Arg::count))
                        .with("within", Arg.down(Dimension.MINUTES, plan.house().rescueWithinMin()));
            case NOT_ALL_OF_IT ->
                m.with("top", Arg.of(Dimension.LENGTH, plan.left().topM()));
            default -> m;
        };
    }

    /** @return the quantity first, then the smallest change that clears it */
    public static Message said(PieceRemark r, Piece p, TakeDown plan) {
        Message m = Message.of(r);
        return switch (r) {
            case LINK_OVER, LINK_NEAR -> {
                Optional<Link> worst = p.loading().worst();
                m = m.with("link", worst.map(l -> Arg.term(l.kind())));
                m = m.with("at", worst.flatMap(Link::heightM).map(h -> Arg.of(Dimension.LENGTH, h)));
                m = m.with("share", worst.flatMap(Link::share).map(x -> Arg.up(Dimension.SHARE, x)));
                yield m.with("shorter", shorter(p)).with("lower", lower(p));
            }
            case NONE_SHORT_ENOUGH -> m.with("lower", lower(p));
            case TOO_HEAVY_BY_HAND ->
                m.with("mass", Arg.up(Dimension.MASS, p.massHighKg())).with("shorter", shorter(p));
            case STRIKES_GROUND ->
                m.with("short", p.loading().roomM().map(x -> Arg.up(Dimension.LENGTH, -x)))
                        .with("shorter", shorter(p));
            case LEAN_RISES -> m.with("by", Arg.up(Dimension.MOMENT, p.raisedNm()));
            case NOBODY_UP_THERE ->
                m.with("allowed", Arg.term(plan.aloft().allowed()))
                        .with("to", plan.aloft().climbToM().map(x -> Arg.down(Dimension.LENGTH, x)));
            case RIGGED_ABOVE_FAULT -> m.with("to", plan.aloft().rigToM().map(x -> Arg.down(Dimension.LENGTH, x)));
            case DRIFT_TOO_FLAT, DRIFT_FLAT ->
                m.with("angle", p.drift().map(d -> Arg.up(Dimension.SECTOR, d.betweenDeg())));
            case OUT_OF_REACH -> m.with("to", plan.climb().reachM().map(x -> Arg.down(Dimension.LENGTH, x)));
            case KIT_NOT_FOR_USE ->
                m.with("kit", Arg.names(plan.gear().notForUse(p.cut().way())));
            case KIT_TOO_FEW ->
                m.with("kit", Arg.names(plan.gear().tooFew(p.cut().way())));
            case KIT_WORN -> m.with("kit", Arg.names(plan.gear().worn(p.cut().way())));
            case ANCHOR_THIN, TIE_IN_THIN ->
                m.with("least", Arg.up(Dimension.DIAMETER, plan.house().leastWoodM()));
            case MANY_WRAPS -> m.with("wraps", p.loading().mostWraps().map(Arg::figure));
            default -> m;
        };
    }

    private static Optional<Arg> lower(Piece p) {
        return p.lowerBlockM().map(h -> Arg.of(Dimension.LENGTH, h));
    }

    private static Optional<Arg> shorter(Piece p) {
        return p.longest().flatMap(Piece.Longest::lengthM).map(l -> Arg.down(Dimension.LENGTH, Rounding.down(l, 1)));
    }
}
