package org.antevid.core.lay.spread;

import org.antevid.core.quantity.Require;

/**
 * What a small error along the hinge does at the tip. Source: geometry.
 *
 * @param angleDeg turn of the lay
 * @param missM sideways at the tip, metres
 * @param mmFor1mMiss hinge error in millimetres that misses by one metre
 */
public record SightMiss(double angleDeg, double missM, double mmFor1mMiss) {
    /** What is said for an error at the stump that nobody sees: a centimetre, metres. */
    public static final double OFF_M = 0.01;

    /**
     * @param errorMm 0..300
     * @param hingeLengthM 0.05..4
     * @param lengthM hinge to tip, 1..120
     */
    public static SightMiss of(double errorMm, double hingeLengthM, double lengthM) {
        Require.within(errorMm, 0, 300, "error_mm");
        Require.within(hingeLengthM, 0.05, 4, "hinge_length_m");
        Require.within(lengthM, 1, 120, "length_m");
        double angle = Math.atan(errorMm / 1000 / hingeLengthM);
        return new SightMiss(Math.toDegrees(angle), lengthM * Math.sin(angle), 1000 * hingeLengthM / lengthM);
    }
}
