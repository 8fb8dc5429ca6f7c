package org.antevid.core.site;

/** What is done so that a target is not hurt. It counts only when done. */
public enum Protection {
    NONE,
    MOVE,
    EMPTY,
    COVER,
    CUSHION,
    CLOSE,
    SWITCH_OFF,
    TAKE_DOWN;

    /** @return whether the target is no longer there once this is done */
    public boolean removesTarget() {
        return this == MOVE || this == TAKE_DOWN;
    }

    /** @return whether nobody is in or on it once this is done */
    public boolean clearsPeople() {
        return this == MOVE || this == EMPTY || this == CLOSE;
    }
}
