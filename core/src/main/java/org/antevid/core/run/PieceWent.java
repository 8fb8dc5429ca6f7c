package org.antevid.core.run;

import org.antevid.core.message.Code;

/** How a piece of a tree came down, told when its step ends. */
public enum PieceWent implements Code {
    AS_PLANNED,
    HEAVIER,
    SWUNG,
    SNAGGED
}
