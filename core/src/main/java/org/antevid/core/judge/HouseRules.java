package org.antevid.core.judge;

import org.antevid.core.lay.LayPlan;
import org.antevid.core.quantity.Require;
import org.antevid.core.stump.School;

/**
 * The company's thresholds. Local code and the qualified person outrank them.
 *
 * @param exclusionLengths tree lengths kept clear, 1..5; practice says 2
 * @param soundSigmaDeg spread of the lay in sound wood, degrees
 * @param windLimitMs gust at which work stops, m/s
 * @param usualSchool type of cut that needs no reason
 * @param leastAwayM a cutter who gets less far than this by the time it is down stops the lay, 1..10 m
 */
public record HouseRules(
        double exclusionLengths, double soundSigmaDeg, double windLimitMs, School usualSchool, double leastAwayM) {
    public static final HouseRules USUAL = new HouseRules(2, 3, 10, School.OPEN_FACE, LayPlan.LEAST_AWAY_M);

    public HouseRules(double exclusionLengths, double soundSigmaDeg, double windLimitMs, School usualSchool) {
        this(exclusionLengths, soundSigmaDeg, windLimitMs, usualSchool, LayPlan.LEAST_AWAY_M);
    }

    public HouseRules {
        Require.within(exclusionLengths, 1, 5, "exclusionLengths");
        Require.within(soundSigmaDeg, 1, 30, "soundSigmaDeg");
        Require.within(windLimitMs, 2, 20, "windLimitMs");
        Require.within(leastAwayM, 1, 10, "leastAwayM");
    }

    public LayPlan.Limits layLimits() {
        return new LayPlan.Limits(exclusionLengths, soundSigmaDeg, leastAwayM);
    }
}
