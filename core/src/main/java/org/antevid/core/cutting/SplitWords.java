package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What makes a stem split up, and what would change it. */
enum SplitWords implements Code {
    BORE,
    STRAIGHT,
    DEEPER_FACE,
    ONLY_PRETENSION,
    OFF_THE_LEAN,
    BIND,
    SPLITS_READILY,
    SPLITS_NOW_AND_THEN,
    BRITTLE,
    SEAM,
    HELD_AT_THE_TOP
}
