package org.antevid.core.stump;

import java.util.Locale;

/** Ways to cut behind the hinge. */
public enum BackCut {
    STRAIGHT("straight back cut"),
    BORE_STRAP("bored, strap left at the back"),
    BORE_RUN_OUT("bored and run out to the back");
    private final String words;

    BackCut(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean bored() {
        return this != STRAIGHT;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
