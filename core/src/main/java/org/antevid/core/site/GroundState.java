package org.antevid.core.site;

/** How the ground is today: what slides on it. Friction values are typical. */
public enum GroundState {
    FIRM(0.45),
    WET(0.3),
    FROZEN(0.3),
    SLIPPERY(0.15);

    private final double friction;

    GroundState(double friction) {
        this.friction = friction;
    }

    /** @return friction of a stem sliding on it */
    public double friction() {
        return friction;
    }
}
