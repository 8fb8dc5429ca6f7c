package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What is said beside the numbers of a cut. */
public enum CutRemark implements Code {
    LOOSE_ABOVE,
    LINE_REFUSED,
    FALLBACK_REFUSED,
    LINE_NOT_MEASURED,
    NO_HEIGHT_CLEAR,
    NEVER_STAND,
    LEANS_ASIDE,
    BETTER_WAY_OUT,
    NOBODY_GOES_BACK
}
