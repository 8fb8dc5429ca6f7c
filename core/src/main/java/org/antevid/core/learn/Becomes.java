package org.antevid.core.learn;

import org.antevid.core.message.Code;

/** What a lesson becomes once it stands. */
public enum Becomes implements Code {
    /** It is told on the card and in the briefing of jobs that match. */
    REMINDER,
    /** It is a line to tick off when a stem that matches is felled; from the next briefing on. */
    CHECK,
    /** It makes a number of the house stricter, on every job; the owner alone approves it. */
    HOUSE_RULE
}
