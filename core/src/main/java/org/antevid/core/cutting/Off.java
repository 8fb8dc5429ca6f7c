package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What a centimetre off does to a measure of the card. */
enum Off implements Code {
    DEEPER,
    SHUTS_THE_FACE,
    THICKER_AT_ONE_END,
    NO_HINGE,
    THINNER_HINGE,
    ASKEW,
    NO_STRAP,
    THINNER_STRAP
}
