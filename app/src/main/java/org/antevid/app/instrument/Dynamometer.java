package org.antevid.app.instrument;

import java.util.Optional;

/** Load cells in pull lines. A real device would take this over. */
public interface Dynamometer {
    /**
     * @param number as it stands on the device
     * @param plannedN what the plan asks of the line before the release: a simulated one shows it until it is told
     *     otherwise, a real one does not look at it
     * @return the newest reading; empty while none was ever heard
     */
    Optional<Force> pull(String number, double plannedN);

    /** @return whether it is a stand-in: marked so wherever what it reads is shown */
    boolean simulated();
}
