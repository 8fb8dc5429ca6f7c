package org.antevid.core.cutting;

import java.util.List;
import org.antevid.core.message.Message;

/**
 * One step of the cut, in order, able to be ticked off. Practice rule.
 *
 * @param key stable within a stem, so that a tick stays with it
 * @param kind a cut, a check between cuts, or a signal that is read back
 * @param says what is done
 * @param measures what is to be met; none for most checks
 */
public record CutStep(String key, Kind kind, Message says, List<Message> measures) {
    public CutStep {
        measures = List.copyOf(measures);
    }

    /** What is done in a step. */
    public enum Kind {
        CUT,
        CHECK,
        SIGNAL
    }
}
