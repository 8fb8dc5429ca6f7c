package org.antevid.core.lay.zone;

import org.antevid.core.message.Code;

/** What makes a zone as large as it is. */
enum ZoneWhy implements Code {
    RING,
    DROP_AS_FIXED,
    DROP_FAN,
    BUTT,
    LINE,
    GUY,
    PLATE
}
