package org.antevid.core.stem;

/** A sign that tells a harmless fault from a dangerous one of the same kind. Practice rules. */
public enum Tell {
    MOVES(true),
    HEALED(false),
    SOUNDS_DULL(true),
    SOUNDS_CLEAR(false),
    CURVED_ROUND_STEM(true),
    GROUND_MOVES(true),
    EDGE_LIFTED(true),
    CRACKS_EVERYWHERE(false);
    private final boolean bad;

    Tell(boolean bad) {
        this.bad = bad;
    }

    /** @return whether it speaks for movement or decay */
    public boolean bad() {
        return bad;
    }
}
