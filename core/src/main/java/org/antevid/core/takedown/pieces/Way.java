package org.antevid.core.takedown.pieces;

/** How a piece comes down. */
public enum Way {
    /** Held in two hands and dropped, thrown or handed down. */
    BY_HAND(false, false),
    /** Cut past each other from both sides, broken off and thrown. */
    SNAPPED(false, false),
    /** Over a notch and a hinge. */
    TOPPED(false, false),
    /** On a line from above it: it hangs at once. */
    TIED_ABOVE(true, false),
    /** On a line over a block below its cut: it falls into it. */
    TIED_BELOW(true, true),
    /** The same, and the brake lets line out while it falls. */
    LET_RUN(true, true),
    /** Hung in one line, drawn across by a second one, let down there. */
    DRIFTED(true, false),
    /** Slung, held by a crane while it is cut, lifted off. */
    PICKED(false, false),
    /** Held and cut by a crane's grab: nobody is near it. */
    GRABBED(false, false),
    /** From the ground, as one felled. */
    FELLED(false, false);

    private final boolean roped;
    private final boolean falls;

    Way(boolean roped, boolean falls) {
        this.roped = roped;
        this.falls = falls;
    }

    /** @return whether a line carries it */
    public boolean roped() {
        return roped;
    }

    /** @return whether it falls into its line */
    public boolean fallsIntoLine() {
        return falls;
    }

    /** @return whether it hangs in its line as soon as it is off */
    public boolean hangsAtOnce() {
        return roped && !falls;
    }

    /** @return whether a crane lifts it off */
    public boolean picked() {
        return this == PICKED || this == GRABBED;
    }

    /** @return whether somebody cuts it in the tree; what a crane picks is cut from outside it */
    public boolean aloft() {
        return this != FELLED && !picked();
    }
}
