package org.antevid.core.stump;

import java.util.Locale;

/** Ways to cut behind the hinge. */
public enum BackCut {
    STRAIGHT,
    BORE_STRAP,
    BORE_RUN_OUT;

    public boolean bored() {
        return this != STRAIGHT;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
