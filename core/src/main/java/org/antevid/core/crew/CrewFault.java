package org.antevid.core.crew;

import org.antevid.core.message.Code;

/** What can be wrong with the posts of one step, beyond the rules of a roster. */
public enum CrewFault implements Code {
    TWICE_IN_STEP,
    /** No longer found; said by briefings that were issued before the rules of a roster were. */
    TWO_PLACES,
    /** As {@link #TWO_PLACES}. */
    NOT_COMPETENT,
    /** As {@link #TWO_PLACES}. */
    UNKNOWN_PERSON
}
