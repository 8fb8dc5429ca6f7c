package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What is done in one pass of the bar. */
enum PassWords implements Code {
    BORE_IN,
    SAW_IN,
    BORE_IN_FIRST,
    SAW_IN_FIRST,
    CHANGE_SIDES,
    BORE_FACE
}
