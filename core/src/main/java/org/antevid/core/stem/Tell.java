package org.antevid.core.stem;

/** A sign that tells a harmless fault from a dangerous one of the same kind. Practice rules. */
public enum Tell {
    MOVES("opens and closes when the stem is rocked", true),
    HEALED("healed over, edges grown round", false),
    SOUNDS_DULL("sounds dull under the hammer", true),
    SOUNDS_CLEAR("sounds clear all round", false),
    CURVED_ROUND_STEM("curved round the stem, a stem's height or less away", true),
    GROUND_MOVES("the ground moves when the stem sways", true),
    EDGE_LIFTED("one edge stands higher than the other", true),
    CRACKS_EVERYWHERE("the same cracks everywhere on dry ground", false);
    private final String words;
    private final boolean bad;

    Tell(String words, boolean bad) {
        this.words = words;
        this.bad = bad;
    }

    public String words() {
        return words;
    }

    /** @return whether it speaks for movement or decay */
    public boolean bad() {
        return bad;
    }
}
