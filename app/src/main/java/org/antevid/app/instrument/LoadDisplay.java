package org.antevid.app.instrument;

import java.util.Optional;

/** Load displays of machines and cranes. A real device would take this over. */
public interface LoadDisplay {
    /**
     * @param number as it stands on the machine
     * @return the newest reading; empty while none was ever heard
     */
    Optional<Force> load(String number);

    /** @return whether it is a stand-in: marked so wherever what it reads is shown */
    boolean simulated();
}
