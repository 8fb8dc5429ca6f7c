package org.antevid.core.judge.crew;

import org.antevid.core.message.Code;

/** Why a day cannot be shorter. */
public enum Binds implements Code {
    /** one waits for the other */
    ORDER,
    /** nobody else can do it */
    PERSONS,
    EQUIPMENT,
    /** no two of them can go on at once */
    APART,
    RESCUE
}
