package org.antevid.app.instrument;

import java.time.Instant;
import java.util.Optional;
import org.antevid.core.site.Spot;

/** Position beacons that people carry. A real system would take this over. */
public interface Beacons {
    /** @param sigmaM of east and north each */
    record Fix(Spot at, double sigmaM, Instant heardAt) {}

    /**
     * @param number as it stands on the beacon
     * @param stand where its bearer is to stand by the plan: a simulated one is there until it is told to walk, a real
     *     one does not look at it
     * @return the newest fix; empty while it was never heard
     */
    Optional<Fix> fix(String number, Optional<Spot> stand);

    /** @return whether it is a stand-in: marked so wherever what it reads is shown */
    boolean simulated();
}
