package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** How the strap let go. */
public enum StrapFound implements Code {
    CUT,
    /** It tore before it was cut: there was more load on it than it held. */
    TORN,
    NONE_LEFT
}
