package org.antevid.core.run.watch;

import org.antevid.core.message.Code;

/** How a reading stands against its limit, worst last. */
public enum WatchState implements Code {
    WITHIN,
    /** near its limit, or possibly beyond it: somebody looks, and decides on a hold */
    NEAR,
    /** nothing was heard for too long, or too vaguely: no go rests on it */
    NOT_KNOWN,
    /** beyond its limit: everything stops */
    OVER
}
