package org.antevid.core.brief;

import org.antevid.core.message.Code;

/** Why a first look comes to what it says. */
public enum LookRemark implements Code {
    IN_ONE_LINE,
    FELL,
    FELL_ONCE_MEASURED,
    FELL_WITH_LINE,
    NOT_BY_HAND,
    PULL_NOT_KNOWN,
    BEST_TO,
    NO_LEAN_AT_ALL,
    PULLED_TO,
    LINE_FROM_THE_FRONT,
    CLOSED,
    NO_LAY_FREE,
    NEVER
}
