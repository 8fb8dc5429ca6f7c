package org.antevid.core.stem;

import org.antevid.core.message.Code;

/** What the field book of a stem says against itself. */
public enum BookRemark implements Code {
    DIAMETERS_DISAGREE,
    HEIGHTS_DISAGREE,
    CROWN_RADII,
    LEAN_SEEN_ONCE,
    LEAN_WAITS_FOR_HEIGHT,
    VIEWS_DISAGREE,
    LEAN_VIEWS
}
