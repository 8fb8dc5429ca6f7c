package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What the thickness of a hinge goes by. */
public enum HingeBy implements Code {
    PRACTICE,
    MECHANICS,
    ASKS_FAR_MORE,
    NO_HINGE_WOOD
}
