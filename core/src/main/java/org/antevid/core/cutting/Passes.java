package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
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
public record Passes(List<Pass> passes, Optional<Double> overlapM, EscapeRoutes.Side stand, String standsBecause) {
    /** A side lean that weighs more than this share of the hinge decides where he stands. */
    private static final double LEANS_ASIDE = 0.05;

    public static final String NEVER =
            "never behind the butt, never in front of the notch, never under the side lean, never inside the "
                    + "angle of a line";

    /**
     * One pass, on the stump seen from above: from {@code fromM} to {@code toM} behind the front of the wood.
     *
     * @param entry side where the bar goes in
     * @param inM how far it goes in, square to the lay
     */
    public record Pass(
            String words,
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
        String because = because(p, stand);
        double bar = p.choice().barM();
        double edge = c.boreFrontM();
        double end = back == BackCut.BORE_STRAP ? c.dLayM() - c.strapM() : c.dLayM();
        double widest = p.choice().cuts().flare(p.choice().cutHeightM()) * widest(c, edge);
        double first = Math.min(bar, widest);
        List<Pass> all = new ArrayList<>();
        String in = back.bored() ? "bore in behind the hinge" : "saw in from the back";
        Optional<Double> overlap = Optional.empty();
        EscapeRoutes.Side far = stand == EscapeRoutes.Side.LEFT ? EscapeRoutes.Side.RIGHT : EscapeRoutes.Side.LEFT;
        switch (c.barReach()) {
            case ONE_SIDE ->
                all.add(new Pass(in + " from the " + stand.key(), stand, edge, end, first, back.bored(), false));
            case BOTH_SIDES -> {
                overlap = Optional.of(2 * bar - widest);
                all.add(new Pass(
                        in + " from the " + far.key() + " first, the side he leaves",
                        far,
                        edge,
                        end,
                        first,
                        back.bored(),
                        false));
                all.add(new Pass(
                        "change sides and finish from the " + stand.key(),
                        stand,
                        edge,
                        end,
                        first,
                        back.bored(),
                        false));
            }
            case BOTH_SIDES_AND_FACE_BORE -> {
                overlap = Optional.of(2 * bar - widest);
                all.add(new Pass(
                        String.format(
                                Locale.ROOT,
                                "bore through the middle of the face, %.0f mm wide: specialist work",
                                Math.ceil(1000 * (widest - 2 * bar + 0.05))),
                        stand,
                        0,
                        Math.min(c.dLayM(), c.depthM() + bar),
                        bar,
                        true,
                        true));
                all.add(new Pass(in + " from the " + far.key(), far, edge, end, first, back.bored(), false));
                all.add(new Pass(
                        "change sides and finish from the " + stand.key(),
                        stand,
                        edge,
                        end,
                        first,
                        back.bored(),
                        false));
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

    private static String because(LayPlan p, EscapeRoutes.Side stand) {
        return leansAside(p)
                .map(right -> "the stem leans to the " + (right ? "right" : "left"))
                .orElse("the better way out is on the " + stand.key());
    }
}
