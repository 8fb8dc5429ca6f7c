package org.antevid.core.takedown.rope;

import java.util.Locale;

/** Which of both is used up first. */
public enum Governs {
    LINE,
    ANCHOR;

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
