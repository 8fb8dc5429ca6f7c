package org.antevid.core.site;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * What of the day's conditions goes into every computation.
 *
 * @param designGustMs gust at crown height that the plan must stand, from the worst side: the job's wind limit, m/s
 * @param gustNowMs gust measured now with its sigma on top, m/s; empty while nothing measures it
 */
public record Today(GroundState ground, CrownLoad load, double designGustMs, Optional<Double> gustNowMs) {
    private static final double MOST_GUST_MS = 45;
    /** Firm ground, bare crowns, no wind: for a computation that asks about the stem alone. */
    public static final Today STILL = new Today(GroundState.FIRM, CrownLoad.NONE, 0);

    public Today(GroundState ground, CrownLoad load, double designGustMs) {
        this(ground, load, designGustMs, Optional.empty());
    }

    /**
     * @return gust to judge by now, m/s: the measured one; the limit itself while nothing measures it, because knowing
     *     less lowers no risk
     */
    public double judgedGustMs() {
        return gustNowMs.map(g -> Math.min(MOST_GUST_MS, g)).orElse(designGustMs);
    }

    public Today withGust(double gustMs) {
        return new Today(ground, load, designGustMs, Optional.of(gustMs));
    }

    public Today {
        Require.within(designGustMs, 0, MOST_GUST_MS, "designGustMs");
    }
}
