package org.antevid.core.judge;

import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Dimension;
import org.antevid.core.quantity.Require;
import org.antevid.core.takedown.pieces.HouseLimits;

/** The numbers a house may set, each with what is usual, how far it may go, and what the usual one rests on. */
public enum Threshold {
    /** Tree lengths kept clear around a tree that is felled. */
    EXCLUSION_LENGTHS("exclusionLengths", 2, 1, 5, Dimension.TIMES, Source.PRACTICE, true),
    /** Standard deviation of the lay in sound wood, degrees. */
    SOUND_SIGMA("soundSigmaDeg", 3, 1, 30, Dimension.ANGLE, Source.JUDGEMENT, true),
    /** Gust at which work stops, m/s. */
    WIND_LIMIT("windLimitMs", 10, 2, 20, Dimension.SPEED, Source.PRACTICE, false),
    /** A cutter who gets less far than this by the time it is down stops the lay, metres. */
    LEAST_AWAY("leastAwayM", LayPlan.LEAST_AWAY_M, 1, 10, Dimension.LENGTH, Source.JUDGEMENT, true),
    /** Longer nobody hangs hurt in a harness without somebody who climbs agreeing to it, minutes. */
    RESCUE_WITHIN(
            "rescueWithinMin", HouseLimits.USUAL.rescueWithinMin(), 3, 30, Dimension.MINUTES, Source.JUDGEMENT, false),
    /** Nobody is tied and nothing rigged to thinner wood, metres across. */
    LEAST_WOOD("leastWoodM", HouseLimits.USUAL.leastWoodM(), 0.08, 0.3, Dimension.DIAMETER, Source.PRACTICE, true);

    private final String field;
    private final double usual;
    private final double low;
    private final double high;
    private final Dimension dimension;
    private final Source source;
    private final boolean moreIsStricter;

    Threshold(
            String field,
            double usual,
            double low,
            double high,
            Dimension dimension,
            Source source,
            boolean moreIsStricter) {
        this.field = field;
        this.usual = usual;
        this.low = low;
        this.high = high;
        this.dimension = dimension;
        this.source = source;
        this.moreIsStricter = moreIsStricter;
    }

    /** @return its name among the rules of the house */
    public String field() {
        return field;
    }

    public double usual() {
        return usual;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    public Dimension dimension() {
        return dimension;
    }

    public Source source() {
        return source;
    }

    /** @return whether more of it is safer */
    public boolean moreIsStricter() {
        return moreIsStricter;
    }

    /** @return whether {@code a} is safer than {@code than} */
    public boolean stricter(double a, double than) {
        return moreIsStricter ? a > than : a < than;
    }

    /** @throws org.antevid.core.quantity.RefusedInput outside of how far it may go */
    void require(double value) {
        Require.within(value, low, high, field);
    }
}
