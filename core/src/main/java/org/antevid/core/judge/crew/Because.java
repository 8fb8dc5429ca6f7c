package org.antevid.core.judge.crew;

import org.antevid.core.message.Code;

/** Why the plan asks for a step. */
public enum Because implements Code {
    /** its stem has a lay */
    LAY,
    /** something to be protected is within the ring of its stem */
    WITHIN_RING,
    /** cleared, the way out brings the cutter farther, and he is not far enough without */
    WAY_TOO_SLOW,
    /** it is pulled over */
    PULLED,
    /** what the stump shows goes into the review */
    STUMP_SHOWS,
    /** it lies with its limbs on */
    LIES_WITH_LIMBS,
    /** it is left as it is */
    LEFT,
    /** a turn of the tangle's order */
    ORDER,
    /** its stem comes down in pieces */
    IN_PIECES,
    /** pieces of the plan */
    PIECE
}
