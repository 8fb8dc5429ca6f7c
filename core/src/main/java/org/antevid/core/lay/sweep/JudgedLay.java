package org.antevid.core.lay.sweep;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.stem.Condition;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;
import org.antevid.core.stump.SplitRisk;

/**
 * One lay judged.
 *
 * @param strikes of every target in reach
 * @param blocks why it cannot be
 * @param conditions what must be done first
 */
public record JudgedLay(
        double layDeg,
        Lean lean,
        Control control,
        Back back,
        List<StruckTarget> strikes,
        HangUps hangUps,
        Ways ways,
        Cuts cuts,
        List<Block> blocks,
        List<Precondition> conditions,
        LayCost cost) {
    /**
     * What the tree's own weight does on this lay.
     *
     * @param forwardNm moment toward the lay, as expected; backward negative
     * @param sideNm across it, with what the line pulls aside; right positive
     * @param sigmaForwardNm of the moment along the lay
     * @param sigmaSideNm of the moment across it
     * @param deg toward the lay, as expected; backward negative
     */
    public record Lean(double forwardNm, double sideNm, double sigmaForwardNm, double sigmaSideNm, double deg) {}

    /**
     * Whether the hinge governs the lay.
     *
     * @param wood of the hinge
     * @param use share of what the hinge can hold aside, 99 where it holds nothing
     * @param guyNm side moment a guy takes of it
     * @param sigmaDeg spread it is planned with, 0 where it is not known
     */
    public record Control(
            Condition wood,
            HingeHold hold,
            double use,
            double guyNm,
            LaySpread spread,
            boolean governed,
            double sigmaDeg) {
        private static final double WITH_GUY = 0.6;

        /** @return share of the side moment that a guy takes, 0..1 */
        public double guyShare() {
            return guyNm > 0 ? Math.min(1, guyNm / hold.designNm()) : 0;
        }

        /** @return whether a guy belongs to it: the hinge has little left */
        public boolean withGuy() {
            return use >= WITH_GUY && use < 1;
        }
    }

    /**
     * What must be overcome to bring it over.
     *
     * @param nm expected backward moment with the sit-back on the hinge; negative: goes by itself
     * @param highNm the same at its 95 % side
     * @param capacityNm of the means, the hinge's own hold taken off; empty when not known
     * @param enough the means beat the backward moment at its 95 % side, or it needs none
     */
    public record Back(double nm, double highNm, Optional<Double> capacityNm, boolean enough) {
        /** @return whether the means, or the push of a hand, beat the backward moment as it is expected */
        public boolean enoughAsExpected() {
            return nm <= Math.max(Sweep.PUSH_NM, capacityNm.orElse(0.0));
        }
    }

    /** Chance that it hangs up in one of its neighbours, 0..1, and by which. */
    public record HangUps(double chance, Map<String, Double> byNeighbour) {}

    /**
     * How the cutter gets away.
     *
     * @param slopeDeg of the ground along the lay, downhill positive
     * @param clock time he has
     */
    public record Ways(double slopeDeg, EscapeRoutes escape, EscapeRoutes.Clock clock) {
        /** @return ways out that are open, 0..2 */
        public long open() {
            return escape.routes().stream().filter(EscapeRoutes.Route::open).count();
        }
    }

    /** @param backCut as the leader chose, else the one that fits lean, pull and wood */
    public record Cuts(CutCard card, SplitRisk split, BackCut backCut) {}

    public boolean blocked() {
        return !blocks.isEmpty();
    }

    /** @return 0..100, more is better */
    public double score() {
        return cost.score();
    }

    /** @return moment toward the lay at its 95 % side, N m */
    public double forwardHighNm() {
        return lean.forwardNm + back.highNm - back.nm;
    }
}
