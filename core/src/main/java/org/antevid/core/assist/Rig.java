package org.antevid.core.assist;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * How a line is rigged. What is empty was not chosen: it is then not checked and said to be unchecked.
 *
 * @param legAngleDeg between the legs of a basket, 0..120
 * @param parts n of an n:1 hauling system, 1..9
 * @param partEfficiency pull passed on at each turn: a block 0.9, a carabiner 0.65, rope on rope 0.5 (typical)
 * @param people who pull by hand, 1..4
 * @param anchor tree that block or winch is tied to
 * @param pretensionN pull before the release; empty: three tenths of the full pull
 */
public record Rig(
        Tie tie,
        double legAngleDeg,
        int parts,
        double partEfficiency,
        int people,
        Optional<Kit.Rope> rope,
        Optional<Kit.Sling> sling,
        Optional<Kit.Block> block,
        Optional<AnchorTree> anchor,
        Optional<Double> pretensionN,
        PullBegin when) {
    public static final Rig PLAIN = new Rig(
            Tie.TIED,
            0,
            1,
            0.9,
            PullLine.MOST_PEOPLE,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            PullBegin.STRAP_RELEASED);
    /** Share of the full pull that takes the slack out and shows a tell (judgement). */
    public static final double PRETENSION_SHARE = 0.3;

    public Rig {
        Require.within(legAngleDeg, 0, 120, "legAngleDeg");
        Require.within(parts, 1, 9, "parts");
        Require.within(partEfficiency, 0.2, 1, "partEfficiency");
        Require.within(people, 1, PullLine.MOST_PEOPLE, "people");
        pretensionN.ifPresent(p -> Require.within(p, 0, 1e6, "pretensionN"));
    }

    /** How the line holds the stem. */
    public enum Tie {
        TIED,
        BASKET,
        ROUND_ALL;
    }

    /** When the pull begins. */
    public enum PullBegin {
        STRAP_RELEASED,
        KERF_OPENS;
    }

    /**
     * A tree that serves as anchor, bent by what is tied to it. Same limit as for the stem that is pulled (mechanics).
     *
     * @param diameterM at the sling, 0.05..3
     * @param slingM height of the sling above the ground, 0.05..3
     */
    public record AnchorTree(double diameterM, double slingM) {
        public AnchorTree {
            Require.within(diameterM, 0.05, 3, "anchorDiameterM");
            Require.within(slingM, 0.05, 3, "anchorSlingM");
        }

        /** @return bending stress / strength of a weak species; above 0.3 it is no anchor */
        public double stressShare(double loadN) {
            return 32 * loadN * slingM / (Math.PI * Math.pow(diameterM, 3)) / WEAK_PA;
        }

        public boolean bears(double loadN) {
            return stressShare(loadN) <= MOST_STRESS;
        }
    }

    private static final double WEAK_PA = 33e6;
    private static final double MOST_STRESS = 0.3;

    public double advantage() {
        return PullLine.advantage(parts, partEfficiency);
    }

    /**
     * @param passed share of the pull that a redirect passes on: behind it the rope carries more; 1 without one
     * @return tension in the line that the rope allows; empty while no rope was chosen
     */
    public Optional<Double> ropeAllowsN(double passed) {
        return rope.map(
                r -> r.workingN() * (tie == Tie.BASKET ? 2 * Math.cos(Math.toRadians(legAngleDeg / 2)) : passed));
    }
}
