package org.antevid.core.site;

/** How the ground is today: what slides on it. Friction values are typical. */
public enum GroundState {
    FIRM("firm", 0.45),
    WET("wet", 0.3),
    FROZEN("frozen", 0.3),
    SLIPPERY("slippery, ice or mud", 0.15);

    private final String words;
    private final double friction;

    GroundState(String words, double friction) {
        this.words = words;
        this.friction = friction;
    }

    public String words() {
        return words;
    }

    /** @return friction of a stem sliding on it */
    public double friction() {
        return friction;
    }
}
