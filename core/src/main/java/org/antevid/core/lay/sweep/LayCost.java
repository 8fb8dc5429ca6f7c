package org.antevid.core.lay.sweep;

/** Parts of the cost, each 0..1. */
public record LayCost(double targets, double hangUp, double side, double back, double slope, double escape) {
    /** @return 0..100, more is better */
    public double score() {
        return Math.max(0, 100 - 40 * targets - 25 * hangUp - 15 * side - 10 * back - 10 * slope - 10 * escape);
    }
}
