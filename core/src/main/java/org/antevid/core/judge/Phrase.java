package org.antevid.core.judge;

import org.antevid.core.message.Code;

/** Small things that are said inside others. */
public enum Phrase implements Code {
    /** A step, by its kind and the stem it is about. */
    STEP,
    /** A crown and how likely it catches. */
    CROWN,
    /** A target and how far it is clear. */
    CLEAR_BY,
    /** A change and what it makes of the splitting. */
    CHANGE
}
