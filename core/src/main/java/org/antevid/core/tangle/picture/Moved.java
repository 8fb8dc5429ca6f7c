package org.antevid.core.tangle.picture;

/** What a stem did when its step was ended, told in three taps. */
public enum Moved {
    AS_SAID,
    OTHERWISE,
    NOT_AT_ALL;

    /** What it lies on or hangs in now. */
    public enum NowOn {
        GROUND,
        ANOTHER_STEM,
        STILL_HANGS
    }
}
