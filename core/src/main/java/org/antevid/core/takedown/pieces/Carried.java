package org.antevid.core.takedown.pieces;

import org.antevid.core.site.GroundState;
import org.antevid.core.site.Today;

/**
 * What rain, snow and ice add to a tree, on the heavy side; its light end is without.
 *
 * @param stemRel share of the stem's wood
 * @param limbRel share of a limb's wood; what lies on its twigs is in it
 * @param crownRel share of a crown that nobody drew, wood and twigs
 */
public record Carried(double stemRel, double limbRel, double crownRel) {
    public static final Carried NOTHING = new Carried(0, 0, 0);

    /** Wood and leaves after rain (typical). */
    private static final double WET_REL = 0.03;

    /**
     * @param twigsRel leaves and twigs as a share of a limb's wood
     * @return on wet or slippery ground all of it is wet; what lies on the crown weighs a share of the whole crown
     */
    static Carried of(Today today, double twigsRel) {
        boolean rained = today.ground() == GroundState.WET || today.ground() == GroundState.SLIPPERY;
        double wet = rained ? WET_REL : 0;
        double lies = today.load().shareOfCrown();
        return new Carried(wet, wet + lies * (1 + twigsRel), wet + lies);
    }
}
