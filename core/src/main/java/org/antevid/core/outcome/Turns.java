package org.antevid.core.outcome;

import org.antevid.core.quantity.Require;

/**
 * What else could turn a stem than whoever aimed and cut it, as it was foreseen. Source: mechanics (a yielding hinge, a
 * stem let go early).
 *
 * @param gustMs the gust {@code gustDeg} was reckoned for, 1..45
 * @param gustDeg what such a gust square across the lay turns, 0..180
 * @param earlyDeg what it turns where the hinge lets go at {@link #EARLY_DEG}, right positive, -180..180
 */
public record Turns(double gustMs, double gustDeg, double earlyDeg) {
    /** Angle of the tree at which a hinge that was lost early lets go (judgement). */
    public static final double EARLY_DEG = 10;

    public Turns {
        Require.within(gustMs, 1, 45, "gustMs");
        Require.within(gustDeg, 0, 180, "gustDeg");
        Require.within(earlyDeg, -180, 180, "earlyDeg");
    }
}
