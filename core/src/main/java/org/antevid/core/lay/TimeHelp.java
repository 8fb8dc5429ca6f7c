package org.antevid.core.lay;

import org.antevid.core.message.Code;

/** What gets the cutter farther away in time. */
public enum TimeHelp implements Code {
    CLEAR_THE_WAY,
    PULL_WHEN_LEFT,
    BORE_AND_STRAP,
    ANOTHER_LAY
}
