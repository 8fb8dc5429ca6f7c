package org.antevid.core.lay.sweep;

/**
 * A thing that must not be hit, by the directions in which the tree covers it.
 *
 * @param mitigable it can be protected, but is not yet
 */
public record CoveredTarget(String id, int worth, boolean mitigable, Arcs near, Arcs withThrow) {
    private static final double[] VALUES = {0, 1, 5, 25, 100};
    private static final double[] LIMITS = {1, Double.POSITIVE_INFINITY, 0.10, 0.01, 0.001};

    /** @return where it is covered; what is worth 3 or 4 also by what is thrown */
    Arcs covering() {
        return worth >= 3 ? withThrow : near;
    }

    /** @return what hitting it costs, against 5 for all the cost a lay may have (judgement) */
    static double value(int worth, boolean mitigable) {
        return VALUES[worth] * (mitigable ? 0.3 : 1);
    }

    /** @return chance from which it blocks a lay, by its worth (judgement) */
    double limit() {
        return LIMITS[worth];
    }
}
