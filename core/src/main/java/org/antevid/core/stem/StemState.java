package org.antevid.core.stem;

/** How a stem is found or left. */
public enum StemState {
    STANDING,
    HUNG,
    LYING,
    SET_UP_AGAIN,
    FELLED;
}
