package org.antevid.core.brief;

import org.antevid.core.message.Code;

/** What brings the stem over, and the signals for it, as they stand on the cut card. */
public enum HelpLine implements Code {
    WEDGES,
    LINE,
    FALLBACK,
    GUY,
    SIGNAL_GIVEN,
    SIGNAL_READ_BACK,
    SIGNAL_PULL,
    SIGNAL_NOT_MOVING
}
