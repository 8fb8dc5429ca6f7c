package org.antevid.core.stem;

import java.util.Locale;

/** State of the wood that will be the hinge. Factors on bending strength are judgement values. */
public enum Condition {
    SOUND(1),
    FROZEN(0.7),
    STRESSED(0.8),
    DEAD_RECENT(0.6),
    DEAD_OLD(0.3),
    DECAYED(0.3),
    UNRELIABLE(0),
    /** Nobody has looked: it holds nothing, and is asked for before anything is said of the tree. */
    UNSEEN(0);

    private final double factor;

    Condition(double factor) {
        this.factor = factor;
    }

    /** @return share of the green bending strength that counts, 0..1 */
    public double factor() {
        return factor;
    }

    /** @return as people say it */
    public String words() {
        return key().replace('_', ' ');
    }

    /** @return whether it breaks instead of bending, so that no lay is promised on it (judgement) */
    public boolean rotten() {
        return factor <= ROTTEN;
    }

    private static final double ROTTEN = 0.3;

    /** @return whether practice thickens the hinge by half for this wood (practice rule) */
    public boolean wantsThickerHinge() {
        return this == STRESSED || this == DEAD_RECENT || this == DEAD_OLD || this == DECAYED;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
