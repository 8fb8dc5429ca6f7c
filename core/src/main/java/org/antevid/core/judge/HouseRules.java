package org.antevid.core.judge;

import java.util.List;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.stump.School;
import org.antevid.core.takedown.pieces.HouseLimits;

/**
 * The company's thresholds. Local code and the qualified person outrank them.
 *
 * @param exclusionLengths tree lengths kept clear, 1..5; practice says 2
 * @param soundSigmaDeg spread of the lay in sound wood, degrees
 * @param windLimitMs gust at which work stops, m/s
 * @param usualSchool type of cut that needs no reason
 * @param leastAwayM a cutter who gets less far than this by the time it is down stops the lay, 1..10 m
 * @param aloft what it asks of work aloft
 */
public record HouseRules(
        double exclusionLengths,
        double soundSigmaDeg,
        double windLimitMs,
        School usualSchool,
        double leastAwayM,
        HouseLimits aloft) {
    public static final HouseRules USUAL = new HouseRules(
            Threshold.EXCLUSION_LENGTHS.usual(),
            Threshold.SOUND_SIGMA.usual(),
            Threshold.WIND_LIMIT.usual(),
            School.OPEN_FACE,
            Threshold.LEAST_AWAY.usual(),
            HouseLimits.USUAL);

    public HouseRules(double exclusionLengths, double soundSigmaDeg, double windLimitMs, School usualSchool) {
        this(
                exclusionLengths,
                soundSigmaDeg,
                windLimitMs,
                usualSchool,
                Threshold.LEAST_AWAY.usual(),
                HouseLimits.USUAL);
    }

    public HouseRules {
        Threshold.EXCLUSION_LENGTHS.require(exclusionLengths);
        Threshold.SOUND_SIGMA.require(soundSigmaDeg);
        Threshold.WIND_LIMIT.require(windLimitMs);
        Threshold.LEAST_AWAY.require(leastAwayM);
        Threshold.RESCUE_WITHIN.require(aloft.rescueWithinMin());
        Threshold.LEAST_WOOD.require(aloft.leastWoodM());
    }

    /** @return one of its numbers, in SI units */
    public double of(Threshold t) {
        return switch (t) {
            case EXCLUSION_LENGTHS -> exclusionLengths;
            case SOUND_SIGMA -> soundSigmaDeg;
            case WIND_LIMIT -> windLimitMs;
            case LEAST_AWAY -> leastAwayM;
            case RESCUE_WITHIN -> aloft.rescueWithinMin();
            case LEAST_WOOD -> aloft.leastWoodM();
        };
    }

    /** @return the same, each number the stricter of both; what would loosen one changes nothing */
    public HouseRules tightened(List<Tightening> learned) {
        return new HouseRules(
                strictest(Threshold.EXCLUSION_LENGTHS, learned),
                strictest(Threshold.SOUND_SIGMA, learned),
                strictest(Threshold.WIND_LIMIT, learned),
                usualSchool,
                strictest(Threshold.LEAST_AWAY, learned),
                new HouseLimits(strictest(Threshold.RESCUE_WITHIN, learned), strictest(Threshold.LEAST_WOOD, learned)));
    }

    private double strictest(Threshold t, List<Tightening> learned) {
        return learned.stream()
                .filter(l -> l.threshold() == t)
                .map(Tightening::value)
                .reduce(of(t), (a, b) -> t.stricter(b, a) ? b : a);
    }

    public LayPlan.Limits layLimits() {
        return new LayPlan.Limits(exclusionLengths, soundSigmaDeg, leastAwayM);
    }
}
