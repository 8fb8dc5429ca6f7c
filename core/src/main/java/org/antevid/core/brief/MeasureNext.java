package org.antevid.core.brief;

import org.antevid.core.message.Code;

/** What is measured next, and from where. */
enum MeasureNext implements Code {
    HEIGHT,
    GIRTH,
    CROWN_RADIUS,
    LEAN,
    LEAN_TWO_SIDES,
    WALL,
    FROM_WAY,
    FROM_SIDES
}
