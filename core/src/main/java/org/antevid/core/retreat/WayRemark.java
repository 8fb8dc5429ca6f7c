package org.antevid.core.retreat;

import org.antevid.core.message.Code;

/** What is said of the ways out. */
enum WayRemark implements Code {
    PRACTICE_OR_QUICKER,
    CLEARED,
    NOT_CLEARED
}
