package org.antevid.app.instrument;

import org.antevid.core.quantity.Estimate;

/** Wind at crown height. A real device would take this over. */
public interface Anemometer {
    /** @param gustMs gust in m/s with its sigma @param fromDeg where it blows from */
    record Reading(Estimate gustMs, double fromDeg, boolean simulated) {
    }

    Reading now();
}
