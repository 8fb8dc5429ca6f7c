package org.antevid.core.stem;

import org.antevid.core.message.Code;

/** How a quantity was got. */
enum How implements Code {
    GIRTH,
    BY,
    SEVERAL,
    LARGEST_TAPED,
    VIEWS,
    IN_DISAGREEMENT,
    WIDENED
}
