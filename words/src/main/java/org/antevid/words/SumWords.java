package org.antevid.words;

import org.antevid.core.message.Code;

/** What stands in the answer of a sum where there is no number to say. */
public enum SumWords implements Code {
    NOT_KNOWN,
    YES,
    NO,
    NONE,
    UNUSUAL
}
