package org.antevid.app.instrument;

import java.util.List;
import org.antevid.core.site.Weather;

/** The weather service's word on the next hours. A real service would take this over. */
public interface Bulletin {
    /** @param hours the next ones, soonest first */
    record Issue(List<Weather.Hour> hours, boolean simulated) {}

    Issue now();
}
