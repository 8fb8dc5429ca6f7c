package org.antevid.core.stem;

/** How a stem is found or left. */
public enum StemState {
    STANDING,
    HUNG,
    LYING,
    SET_UP_AGAIN,
    FELLED,
    /** it hung or lay, and was crosscut from end to end */
    CUT_UP;

    /** @return whether nothing is left of it to be worked on */
    public boolean gone() {
        return this == FELLED || this == CUT_UP;
    }
}
