package org.antevid.app.instrument;

import java.util.Optional;
import org.antevid.core.site.Spot;

/** The hand behind the simulated instruments: what they shall read from now on. Nothing of it is kept. */
public interface MadeUpSite {
    /**
     * @param forceN what a line pulls or a machine holds, N; empty leaves it as it is
     * @param at where a beacon is; empty leaves it where it is
     * @param silent nothing is heard of it any more
     */
    record Told(Optional<Double> forceN, Optional<Spot> at, boolean silent) {}

    void tell(String number, Told told);
}
