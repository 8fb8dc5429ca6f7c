package org.antevid.core.judge.crew;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKey;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Feature;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.picture.Picture;

/** Why a step is there, asked of the plan as it is now: a reason that is gone is said no more. */
public final class StepReason {
    private final Situation s;

    private StepReason(Situation s) {
        this.s = s;
    }

    /** @return empty where the plan asks for no such step (any more): somebody added it */
    public static Optional<Message> of(Situation s, StepKey step) {
        StepReason reason = new StepReason(s);
        return step.stem().flatMap(s::stem).flatMap(f -> reason.of(step, f));
    }

    /** @return whether a thing is within the ring kept clear round the stump */
    static boolean within(Feature x, LayPlan p) {
        return x.shape().distanceTo(p.stem().at()) <= p.zone().exclusionM();
    }

    private Optional<Message> of(StepKey step, Situation.StemFacts f) {
        Optional<Message> why = step.work().map(w -> of(w, f)).orElseGet(() -> f.lay()
                .filter(p -> step.kind() == Step.Kind.FELL)
                .map(p -> Message.of(Because.LAY)
                        .with("lay", Arg.of(Dimension.AZIMUTH, p.choice().layDeg()))));
        return why.or(() ->
                        turn(step, f.label()).map(n -> Message.of(Because.ORDER).with("turn", Arg.count(n))))
                .map(m -> m.with("stem", Arg.name(f.label())));
    }

    private Optional<Message> of(Work w, Situation.StemFacts f) {
        return switch (w.kind()) {
            case SHUT, EMPTY, MOVE_AWAY, COVER_UP, CUSHION, SWITCH_OFF, TAKE_DOWN -> protection(w, f);
            case CLEAR_WAY ->
                f.lay()
                        .filter(p -> w.about().equals(p.worthClearing().map(EscapeRoutes.Side::name)))
                        .map(p -> Message.of(Because.WAY_TOO_SLOW)
                                .with("way", w.on().map(Arg::name))
                                .with("now", p.escape().reachedM().map(m -> Arg.down(Dimension.LENGTH, m)))
                                .with("then", p.reachedIfClearedM().map(m -> Arg.down(Dimension.LENGTH, m))));
            case RIG ->
                f.lay().filter(p -> p.choice().means().isLine()).map(p -> Message.of(Because.PULLED)
                        .with("pull", p.choice().means().pullN().map(n -> Arg.up(Dimension.FORCE, n))));
            case READ_STUMP -> f.lay().map(p -> Message.of(Because.STUMP_SHOWS));
            case LIMB -> f.lay().map(p -> Message.of(Because.LIES_WITH_LIMBS));
            case MARK ->
                Optional.ofNullable(s.place().chosen().get(f.label()))
                        .filter(v -> v == Verdict.LEAVE_AND_CLOSE)
                        .map(v -> Message.of(Because.LEFT));
            case CLIMB_UP, PLATFORM_UP, RESCUE_READY ->
                takenDown(f).map(t -> Message.of(Because.IN_PIECES)
                        .with("count", Arg.count(t.plan().pieces().size())));
            case LOWER_PIECE, LET_OVER_PIECE, DROP_PIECE, PICK_PIECE, GRAB_PIECE, LAND_PIECE, FELL_STUB ->
                takenDown(f).flatMap(t -> piece(w, t));
            case SEVER_TIE,
                    LET_GO,
                    LINE_OWNER,
                    FREE_LIMBS,
                    PROP,
                    HOLD_PIECE,
                    HOLD_REST,
                    HOLD_PLATE,
                    PIECE,
                    CARRYING_LIMBS,
                    COVER -> Optional.empty();
        };
    }

    private Optional<Situation.TakenDown> takenDown(Situation.StemFacts f) {
        return s.place().takenDown().stream()
                .filter(t -> t.label().equals(f.label()) && !t.plan().pieces().isEmpty())
                .findFirst();
    }

    private static Optional<Message> piece(Work w, Situation.TakenDown t) {
        return PieceSteps.groups(t.plan()).stream()
                .filter(g -> g.takes(w))
                .findFirst()
                .map(g -> Message.of(Because.PIECE)
                        .with("count", Arg.count(g.pieces().size()))
                        .with(
                                "pieces",
                                Arg.several(g.pieces().stream()
                                        .map(p -> Arg.count(p.number()))
                                        .toList()))
                        .with("of", Arg.count(t.plan().pieces().size()))
                        .with(
                                "mass",
                                Arg.up(
                                        Dimension.MASS,
                                        g.pieces().stream()
                                                .mapToDouble(Piece::massHighKg)
                                                .max()
                                                .orElse(0))));
    }

    private Optional<Message> protection(Work w, Situation.StemFacts f) {
        return s.site().features().stream()
                .filter(x -> w.protects(x.id()) && Work.Kind.of(x.protection()).equals(Optional.of(w.kind())))
                .findFirst()
                .flatMap(x -> f.lay().filter(p -> within(x, p)).map(p -> Message.of(Because.WITHIN_RING)
                        .with("place", Arg.name(x.name()))
                        .with(
                                "away",
                                Arg.down(
                                        Dimension.DISTANCE,
                                        x.shape().distanceTo(p.stem().at())))
                        .with("ring", Arg.up(Dimension.DISTANCE, p.zone().exclusionM()))));
    }

    /** @return where the stem stands in the tangle's order, from 1 */
    private Optional<Integer> turn(StepKey step, String label) {
        List<Release.Step> order = s.place().tangle().flatMap(Picture::release).stream()
                .flatMap(r -> r.steps().stream())
                .toList();
        return IntStream.range(0, step.kind() == Step.Kind.CLEAR ? 0 : order.size())
                .filter(i -> order.get(i).stems().contains(label))
                .mapToObj(i -> i + 1)
                .findFirst();
    }
}
