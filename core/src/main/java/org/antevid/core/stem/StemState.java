package org.antevid.core.stem;

/** How a stem is found or left. */
public enum StemState {
    STANDING("standing"),
    HUNG("hung up"),
    LYING("lying"),
    SET_UP_AGAIN("set up again"),
    FELLED("felled");
    private final String words;

    StemState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
