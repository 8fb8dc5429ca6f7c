package org.antevid.core.site;

/** What is done so that a target is not hurt. It counts only when done. */
public enum Protection {
    NONE("nothing planned"),
    MOVE("move it away"),
    EMPTY("get people out"),
    COVER("cover it"),
    CUSHION("cushion it"),
    CLOSE("close it and post a guard"),
    SWITCH_OFF("switch it off"),
    TAKE_DOWN("take it down");

    private final String words;

    Protection(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** @return whether the target is no longer there once this is done */
    public boolean removesTarget() {
        return this == MOVE || this == TAKE_DOWN;
    }

    /** @return whether nobody is in or on it once this is done */
    public boolean clearsPeople() {
        return this == MOVE || this == EMPTY || this == CLOSE;
    }
}
