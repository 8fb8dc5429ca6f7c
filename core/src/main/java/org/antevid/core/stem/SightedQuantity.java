package org.antevid.core.stem;

/** What a sighting measures. After a change of state some of it is no longer so. */
public enum SightedQuantity {
    DIAMETER,
    HEIGHT,
    LEAN,
    CROWN,
    CROWN_BASE,
    WALL,
    HEAVE,
    DEFECT_HEIGHT;

    /**
     * @return whether a sighting taken in one state still holds in another (practice rule: what has moved is measured
     *     anew)
     */
    public boolean stillHolds(StemState then, StemState now) {
        if (then == now) {
            return true;
        }
        return switch (this) {
            case DIAMETER, WALL -> true;
            case LEAN, HEAVE -> false;
            case HEIGHT -> now.gone() || now == StemState.LYING;
            case CROWN, CROWN_BASE, DEFECT_HEIGHT -> now.gone();
        };
    }
}
