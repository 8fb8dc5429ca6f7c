package org.antevid.app.instrument;

import java.time.Instant;
import org.antevid.core.quantity.Estimate;

/** Wind at crown height. A real device would take this over. */
public interface Anemometer {
    /**
     * @param gustMs gust in m/s with its sigma
     * @param fromDeg where it blows from
     * @param at when it was read
     */
    record Reading(Estimate gustMs, double fromDeg, boolean simulated, Instant at) {}

    Reading now();
}
