package org.antevid.core.outcome;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.apache.commons.statistics.distribution.BetaDistribution;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * How well falls were foreseen, of those that were measured: what was not measured is counted beside it, because people
 * measure what went well. Source: statistics (Student's interval for the mean, Clopper and Pearson's for the share).
 *
 * @param falls in all
 * @param measured of them
 * @param numbers empty below eight: dots are shown then, and no mean
 */
public record Accuracy(int falls, int measured, Optional<Numbers> numbers) {
    /** Fewer say nothing of the next one (practice rule). */
    public static final int LEAST = 8;

    private static final double TAIL = 0.025;

    /**
     * @param biasDeg mean of the signed misses, right positive
     * @param biasLowDeg lower end of its 95 % interval
     * @param biasHighDeg upper end
     * @param spreadDeg standard deviation about the mean
     * @param inside how many of those with a foreseen fan lie inside it
     * @param fans how many had one
     * @param insideLow lower end of the 95 % interval of the share inside, 0..1
     * @param insideHigh upper end
     * @param oneSided whether the falls turn to one side more than chance would have it
     */
    public record Numbers(
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double biasDeg,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double biasLowDeg,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double biasHighDeg,

            @Shown(in = Dimension.ANGLE, to = Side.UP) double spreadDeg,
            int inside,
            int fans,
            @Shown(in = Dimension.SHARE, to = Side.DOWN) double insideLow,
            @Shown(in = Dimension.SHARE, to = Side.UP) double insideHigh,
            boolean oneSided) {}

    /**
     * @param missDeg signed, right of the predicted direction positive
     * @param inside the foreseen fan; empty where none was foreseen
     */
    public record Measured(double missDeg, Optional<Boolean> inside) {}

    /** @param falls in all, the unmeasured among them */
    public static Accuracy of(int falls, List<Measured> measured) {
        return new Accuracy(
                falls, measured.size(), measured.size() < LEAST ? Optional.empty() : Optional.of(numbers(measured)));
    }

    private static Numbers numbers(List<Measured> all) {
        int n = all.size();
        double mean = all.stream().mapToDouble(Measured::missDeg).average().orElseThrow();
        double squares =
                all.stream().mapToDouble(m -> Math.pow(m.missDeg - mean, 2)).sum();
        double spread = Math.sqrt(squares / (n - 1));
        double half = TDistribution.of(n - 1).inverseSurvivalProbability(TAIL) * spread / Math.sqrt(n);
        List<Boolean> fans = all.stream().flatMap(m -> m.inside.stream()).toList();
        int inside = (int) fans.stream().filter(x -> x).count();
        return new Numbers(
                mean,
                mean - half,
                mean + half,
                spread,
                inside,
                fans.size(),
                low(inside, fans.size()),
                high(inside, fans.size()),
                Math.abs(mean) > half);
    }

    private static double low(int inside, int of) {
        return inside == 0 ? 0 : BetaDistribution.of(inside, of - inside + 1.0).inverseCumulativeProbability(TAIL);
    }

    private static double high(int inside, int of) {
        return inside == of ? 1 : BetaDistribution.of(inside + 1.0, of - inside).inverseSurvivalProbability(TAIL);
    }
}
