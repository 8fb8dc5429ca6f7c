package org.antevid.core.site;

import org.antevid.core.quantity.Require;

/**
 * What of the day's conditions goes into every computation.
 *
 * @param designGustMs gust at crown height that the plan must stand, from the worst side: the job's wind limit, m/s
 */
public record Today(GroundState ground, CrownLoad load, double designGustMs) {
    /** Firm ground, bare crowns, no wind: for a computation that asks about the stem alone. */
    public static final Today STILL = new Today(GroundState.FIRM, CrownLoad.NONE, 0);

    public Today {
        Require.within(designGustMs, 0, 45, "designGustMs");
    }
}
