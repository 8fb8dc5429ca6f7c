package org.antevid.core.run;

/** The one word for one person now; it is for that person alone. */
public enum Word {
    /** A hold stands. */
    STOP,
    /** The step goes and this person has a part in it. */
    GO,
    /** The go has been ended by something else than a hold or the step being done. */
    STAND_FAST,
    WAIT,
    /** No part in the step whose turn it is: outside its ring, whatever the others do. */
    STAY_OUT,
    DONE;

    /** @param ended whether the last go of this step was ended and nothing has been given since */
    public static Word of(boolean stepLeft, boolean held, boolean posted, boolean going, boolean ended) {
        if (held) {
            return STOP;
        }
        if (!stepLeft) {
            return DONE;
        }
        if (!posted) {
            return STAY_OUT;
        }
        return going ? GO : ended ? STAND_FAST : WAIT;
    }
}
