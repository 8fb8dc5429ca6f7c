package org.antevid.core.quantity;

/** The eight names of directions. */
public enum Compass {
    NORTH,
    NORTH_EAST,
    EAST,
    SOUTH_EAST,
    SOUTH,
    SOUTH_WEST,
    WEST,
    NORTH_WEST;

    private static final int EACH_DEG = 45;

    /** @param deg clockwise from north */
    public static Compass of(double deg) {
        return values()[(int) Math.round(Azimuth.normal(deg) / EACH_DEG) % values().length];
    }
}
