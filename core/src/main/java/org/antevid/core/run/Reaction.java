package org.antevid.core.run;

import org.antevid.core.message.Code;

/** What somebody does at what they see and hear. */
public enum Reaction implements Code {
    /** Goes on: cuts, drives the wedge, pulls. */
    ACT,
    WAIT,
    /** Stops everything and says so. */
    HOLD,
    /** Leaves by the way out, at once. */
    RUN
}
