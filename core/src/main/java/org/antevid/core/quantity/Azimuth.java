package org.antevid.core.quantity;

/** Directions in degrees clockwise from north. */
public final class Azimuth {
    private Azimuth() {}

    /** @return the same direction in [0, 360) */
    public static double normal(double deg) {
        double r = deg % 360;
        return r < 0 ? r + 360 : r;
    }

    /** @return the turn from one azimuth to another in (-180, 180], clockwise positive */
    public static double turn(double fromDeg, double toDeg) {
        double t = normal(toDeg - fromDeg);
        return t > 180 ? t - 360 : t;
    }

    /** @return azimuth of the vector (east, north) in [0, 360) */
    public static double of(double east, double north) {
        return normal(Math.toDegrees(Math.atan2(east, north)));
    }

    /** @return the azimuth as three digits, "058" */
    public static String digits(double deg) {
        return Long.toString(1000 + Math.round(normal(deg)) % 360).substring(1);
    }
}
