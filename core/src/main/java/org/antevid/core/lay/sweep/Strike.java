package org.antevid.core.lay.sweep;

import org.antevid.core.quantity.Mulberry;

/**
 * Chance that the falling tree covers a thing. Decide by the larger of the controlled chance and the one with control
 * lost altogether; at a chance of losing control of a quarter or more, everything in reach counts as hit. Never used
 * for persons: the ring is empty. Errs high: the length is the 95 % one. Sources: geometry, normal spread.
 *
 * @param controlled with hinge and means governing the lay, 0..1
 * @param total with the chance that control is lost, any direction then as likely
 * @param decision what to decide by
 * @param circleShare share of all directions in which it is covered
 * @param most upper bound of the controlled chance over every spread up to the one taken; never falls when the spread
 *     grows
 */
public record Strike(
        double controlled, double total, double decision, double circleShare, boolean inReach, double most) {
    private static final double LOST_ANYWAY = 0.25;

    /**
     * @param sigmaDeg 0..90
     * @param lostChance 0..1
     */
    public static Strike of(Arcs covering, double layDeg, double biasDeg, double sigmaDeg, double lostChance) {
        double circle = covering.widthDeg() / 360;
        boolean reach = !covering.isEmpty();
        double controlled = reach ? covering.share(layDeg + biasDeg, sigmaDeg) : 0;
        double total = (1 - lostChance) * controlled + lostChance * circle;
        return new Strike(
                controlled,
                total,
                reach && lostChance >= LOST_ANYWAY ? 1 : Math.max(controlled, total),
                circle,
                reach,
                reach ? covering.mostShare(layDeg + biasDeg, sigmaDeg) : 0);
    }

    /** Where no control is proven, whatever is in reach counts as hit. */
    public static Strike uncontrolled(Arcs covering) {
        boolean reach = !covering.isEmpty();
        double hit = reach ? 1 : 0;
        return new Strike(hit, hit, hit, covering.widthDeg() / 360, reach, hit);
    }

    /**
     * The same by drawing samples, as a check.
     *
     * @param hits of {@code samples}; {@code standardError} at least one in all samples
     */
    public record HitCount(int hits, int samples, double share, double standardError) {
        /** @param sigmaLengthM spread of the length, 0 for none */
        public static HitCount of(
                LyingTree tree,
                double sigmaLengthM,
                double[][] outline,
                double meanDeg,
                double sigmaDeg,
                int samples,
                int seed) {
            Mulberry draws = new Mulberry(seed);
            int hits = 0;
            for (int i = 0; i < samples; i++) {
                double azimuth = meanDeg + sigmaDeg * draws.normal();
                double longer = sigmaLengthM * draws.normal();
                hits += tree.longer(Math.max(0.5, tree.lengthM() + longer)).coversAt(azimuth, outline) ? 1 : 0;
            }
            double share = (double) hits / samples;
            return new HitCount(
                    hits, samples, share, Math.max(1.0 / samples, Math.sqrt(share * (1 - share) / samples)));
        }
    }
}
