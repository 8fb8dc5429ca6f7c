package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** Where a bore that did not stay level came out too low, or went too high, seen from behind along the lay. */
public enum DipSide implements Code {
    LEFT,
    RIGHT
}
