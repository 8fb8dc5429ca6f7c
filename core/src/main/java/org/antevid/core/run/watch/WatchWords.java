package org.antevid.core.run.watch;

import org.antevid.core.message.Code;

/** What is said of an instrument. */
enum WatchWords implements Code {
    CALLED,
    SILENT,
    VAGUE,
    NOT_BRIEFED,
    LINE_WITHIN,
    LINE_SLACK,
    LINE_MORE_THAN_PLANNED,
    LINE_NEAR,
    LINE_OVER,
    LINE_UNUSED,
    LOAD_WITHIN,
    LOAD_NEAR,
    LOAD_OVER,
    LOAD_UNUSED,
    BEACON_OUTSIDE,
    BEACON_WORKS_THERE,
    BEACON_MAY_BE_INSIDE,
    BEACON_INSIDE,
    BEACON_NO_GROUND
}
