package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Where a tip came to lie, seen from the stump.
 *
 * @param bearingDeg azimuth stump to tip
 * @param distanceM stump to tip, more than 0.5
 * @param by empty of entries that never said it: they count as seen by eye
 */
public record Fall(double bearingDeg, double distanceM, Optional<MeasuredBy> by) {
    private static final double LEAST_M = 0.5;

    public Fall {
        if (!(distanceM > LEAST_M)) {
            throw new RefusedInput(
                    Message.of(Refusal.TIP_AT_STUMP).with("least", Arg.of(Dimension.LENGTH, LEAST_M)), "distanceM");
        }
        bearingDeg = Azimuth.normal(bearingDeg);
    }

    /** @return one sigma of the bearing, degrees */
    public double sigmaDeg() {
        return by.orElse(MeasuredBy.EYE).sigmaDeg(distanceM);
    }

    /** @return one sigma of the distance, metres */
    public double sigmaM() {
        return by.orElse(MeasuredBy.EYE).sigmaM();
    }
}
