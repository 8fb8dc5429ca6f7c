package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What speaks against a height of the cut. */
enum HeightWords implements Code {
    UNION,
    SLOPE,
    METAL,
    BUTTRESS,
    EARLIER_CUTS,
    ROT
}
