package org.antevid.core.takedown.pieces;

/**
 * What a house asks of work aloft.
 *
 * @param rescueWithinMin longer nobody hangs hurt in a harness without somebody who knows agreeing to it, minutes
 * @param leastWoodM nobody is tied and nothing rigged to thinner wood, metres across
 */
public record HouseLimits(double rescueWithinMin, double leastWoodM) {
    /** Usual ones (judgement). */
    public static final HouseLimits USUAL = new HouseLimits(10, 0.1);
}
