package org.antevid.core.tangle;

import java.util.Optional;

/**
 * Ground around one stem of the pile that nobody may enter. Practice rules, metres.
 *
 * @param radiusM all around, empty where the whole slope below is closed
 * @param stripHalfM no-entry strip under a hung stem, to each side of it
 * @param plateM clear of a root plate
 * @param sweepM sweep of a stem under tension
 */
public record KeepOut(
        Optional<Double> radiusM, Optional<Double> stripHalfM, Optional<Double> plateM, Optional<Double> sweepM) {

    /**
     * @return radius around a hung stem: two lengths, wider on a slope; empty from 15 degrees on, where all ground
     *     below is closed
     */
    public static Optional<Double> hungRadiusM(double lengthM, double slopeDeg) {
        return slopeDeg >= 15 ? Optional.empty() : Optional.of(2 * lengthM * (1 + slopeDeg / 15));
    }

    static KeepOut of(Pile.Stem s, double longestBoundM, boolean bound) {
        double r = s.hung() ? 2 * s.lengthM() : Math.max(5, s.lengthM() / 2);
        if (bound) {
            r = Math.max(r, 2 * longestBoundM);
        }
        Optional<Double> radius = s.slopeDeg() >= 15 ? Optional.empty() : Optional.of(r * (1 + s.slopeDeg() / 15));
        return new KeepOut(
                radius,
                s.hung() ? Optional.of(Math.max(5, s.lengthM() / 4)) : Optional.empty(),
                s.rootPlate() ? s.plateHeightM().map(h -> h + 2) : Optional.empty(),
                s.springLoaded() ? Optional.of(1.5 * s.lengthM()) : Optional.empty());
    }
}
