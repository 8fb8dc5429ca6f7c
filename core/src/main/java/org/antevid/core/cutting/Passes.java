package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;

/**
 * How the bar goes through the back of the stem: from which side, in which order, and where the cutter stands at each
 * pass. A bar that is too short for one pass needs one from each side that overlap; a very wide stem a bore through the
 * face besides, which is specialist work. Source: practice rule, geometry of the stump.
 *
 * @param overlapM how far passes from two sides overlap at the widest chord; empty for one pass, 0 and less means they
 *     do not meet
 */
public record Passes(List<Pass> passes, Optional<Double> overlapM, EscapeRoutes.Side stand, Message standsBecause) {
    /** A side lean that weighs more than this share of the hinge decides where he stands. */
    private static final double LEANS_ASIDE = 0.05;
    /** A bore through the face is so much wider than what the bar leaves (practice rule). */
    private static final double FACE_BORE_OVER_M = 0.05;

    /** Where nobody stands at a cut. */
    public static final Message NEVER = Message.of(CutRemark.NEVER_STAND);

    /**
     * One pass, on the stump seen from above: from {@code fromM} to {@code toM} behind the front of the wood.
     *
     * @param entry side where the bar goes in
     * @param inM how far it goes in, square to the lay
     */
    public record Pass(
            Message says,
            EscapeRoutes.Side entry,
            double fromM,
            double toM,
            double inM,
            boolean bored,
            boolean throughFace) {}

    public Passes {
        passes = List.copyOf(passes);
    }

    public static Passes of(LayPlan p, BackCut back) {
        CutCard c = p.card();
        EscapeRoutes.Side stand = stand(p);
        Message because = because(p, stand);
        double bar = p.choice().barM();
        double edge = c.boreFrontM();
        double end = back == BackCut.BORE_STRAP ? c.dLayM() - c.strapM() : c.dLayM();
        double widest = p.choice().cuts().flare(p.choice().cutHeightM()) * widest(c, edge);
        double first = Math.min(bar, widest);
        List<Pass> all = new ArrayList<>();
        PassWords in = back.bored() ? PassWords.BORE_IN : PassWords.SAW_IN;
        Optional<Double> overlap = Optional.empty();
        EscapeRoutes.Side far = stand == EscapeRoutes.Side.LEFT ? EscapeRoutes.Side.RIGHT : EscapeRoutes.Side.LEFT;
        switch (c.barReach()) {
            case ONE_SIDE -> all.add(new Pass(from(in, stand), stand, edge, end, first, back.bored(), false));
            case BOTH_SIDES -> {
                overlap = Optional.of(2 * bar - widest);
                all.add(new Pass(
                        from(back.bored() ? PassWords.BORE_IN_FIRST : PassWords.SAW_IN_FIRST, far),
                        far,
                        edge,
                        end,
                        first,
                        back.bored(),
                        false));
                all.add(new Pass(from(PassWords.CHANGE_SIDES, stand), stand, edge, end, first, back.bored(), false));
            }
            case BOTH_SIDES_AND_FACE_BORE -> {
                overlap = Optional.of(2 * bar - widest);
                all.add(new Pass(
                        Message.of(PassWords.BORE_FACE)
                                .with("wide", Arg.up(Dimension.SHORT, widest - 2 * bar + FACE_BORE_OVER_M)),
                        stand,
                        0,
                        Math.min(c.dLayM(), c.depthM() + bar),
                        bar,
                        true,
                        true));
                all.add(new Pass(from(in, far), far, edge, end, first, back.bored(), false));
                all.add(new Pass(from(PassWords.CHANGE_SIDES, stand), stand, edge, end, first, back.bored(), false));
            }
            case NOT_REACHABLE -> {}
        }
        return new Passes(all, overlap, stand, because);
    }

    private static double widest(CutCard c, double fromM) {
        return fromM <= c.dLayM() / 2 ? c.dAcrossM() : c.chordM(fromM);
    }

    /** Away from the side lean; where there is none, on the side of the better way out. */
    private static EscapeRoutes.Side stand(LayPlan p) {
        return leansAside(p)
                .map(right -> right ? EscapeRoutes.Side.LEFT : EscapeRoutes.Side.RIGHT)
                .or(() -> p.escape().best().map(EscapeRoutes.Route::side))
                .orElse(EscapeRoutes.Side.RIGHT);
    }

    private static Optional<Boolean> leansAside(LayPlan p) {
        return p.control()
                .hold()
                .filter(h -> Math.abs(h.signedUse()) > LEANS_ASIDE)
                .map(h -> h.signedUse() > 0);
    }

    private static Message because(LayPlan p, EscapeRoutes.Side stand) {
        return leansAside(p)
                .map(right -> Message.of(CutRemark.LEANS_ASIDE)
                        .with("side", Arg.term(right ? EscapeRoutes.Side.RIGHT : EscapeRoutes.Side.LEFT)))
                .orElseGet(() -> Message.of(CutRemark.BETTER_WAY_OUT).with("side", Arg.term(stand)));
    }

    private static Message from(PassWords says, EscapeRoutes.Side side) {
        return Message.of(says).with("side", Arg.term(side));
    }
}
