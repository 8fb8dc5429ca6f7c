package org.antevid.core.run;

import java.util.List;
import java.util.Optional;

/**
 * One hold: the press that called it, further presses while it stands (they are receipts on it), who saw it, who
 * confirms that all is stopped, and the lift. A lift covers only what its giver had seen: a press that crossed it is a
 * hold of its own.
 *
 * @param presses in order; the first called it
 * @param receipts SEEN and STOPPED on any of the presses
 */
public record Hold(List<Happening> presses, List<Happening> receipts, Optional<Happening> lift) {
    public Hold {
        presses = List.copyOf(presses);
        receipts = List.copyOf(receipts);
    }

    public boolean stands() {
        return lift.isEmpty();
    }

    /** @return the seq of its newest press: what a lift has to name */
    public long newest() {
        return presses.get(presses.size() - 1).seq();
    }
}
