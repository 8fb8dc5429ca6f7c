package org.antevid.core.takedown;

import java.util.Locale;

/** How much stands against a number, the least first. */
public enum Finding {
    NONE,
    /** Look at it. */
    NOTE,
    /** Acknowledge it. */
    CAUTION,
    /** A named competent person clears it. */
    SECOND_OPINION,
    /** Only another plan clears it. */
    STOP;

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
