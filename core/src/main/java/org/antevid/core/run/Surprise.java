package org.antevid.core.run;

import org.antevid.core.message.Code;

/**
 * What was not foreseen while it ran. Everybody stands fast already; each has one first thing to do, and what comes
 * next is planned anew. Practice rules; local codes and the qualified person outrank them.
 */
public enum Surprise implements Code {
    SOMEBODY_INSIDE,
    /** the stem does not move */
    STALLED,
    /** the kerf has closed on the bar */
    SAT_BACK,
    STRAP_THIN,
    /** the opened face shows decay */
    FACE_ROTTEN,
    WIND_TURNED,
    HUNG,
    /** the line pulls harder than its weakest piece may carry */
    LINE_OVERLOADED,
    /** more hangs in the machine than was planned */
    LOAD_OVERLOADED;

    /** The first thing that is done. */
    public enum First implements Code {
        SOMEBODY_INSIDE,
        STALLED,
        SAT_BACK,
        STRAP_THIN,
        FACE_ROTTEN,
        WIND_TURNED,
        HUNG,
        LINE_OVERLOADED,
        LOAD_OVERLOADED
    }

    public First first() {
        return switch (this) {
            case SOMEBODY_INSIDE -> First.SOMEBODY_INSIDE;
            case STALLED -> First.STALLED;
            case SAT_BACK -> First.SAT_BACK;
            case STRAP_THIN -> First.STRAP_THIN;
            case FACE_ROTTEN -> First.FACE_ROTTEN;
            case WIND_TURNED -> First.WIND_TURNED;
            case HUNG -> First.HUNG;
            case LINE_OVERLOADED -> First.LINE_OVERLOADED;
            case LOAD_OVERLOADED -> First.LOAD_OVERLOADED;
        };
    }
}
