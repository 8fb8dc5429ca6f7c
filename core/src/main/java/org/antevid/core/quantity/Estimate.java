package org.antevid.core.quantity;

import java.util.List;

/**
 * A measured or estimated quantity with its standard deviation; both in the same SI unit. {@link #low()} and
 * {@link #high()} are one-sided 95 % bounds.
 */
public record Estimate(double value, double sigma) {
    /** One-sided 95 % point of the normal distribution, as used in every design value. */
    public static final double Z95 = 1.6449;

    public Estimate {
        if (!Double.isFinite(value)) {
            throw new RefusedInput(Refusal.NOT_A_NUMBER, "value");
        }
        Require.within(sigma, 0, Double.MAX_VALUE, "sigma");
    }

    public double low() {
        return value - Z95 * sigma;
    }

    public double high() {
        return value + Z95 * sigma;
    }

    /**
     * Weighted mean of several observations of one quantity (weights 1/sigma^2). When they differ by more than two of
     * their common sigmas, the spread between them is taken as the sigma: disagreement is shown, not averaged away.
     *
     * @throws RefusedInput for an empty list or a zero sigma among several
     */
    public static Estimate combined(List<Estimate> observations) {
        if (observations.isEmpty()) {
            throw new RefusedInput(Refusal.NO_OBSERVATION, "observations");
        }
        if (observations.size() == 1) {
            return observations.get(0);
        }
        double weights = 0;
        double sum = 0;
        for (Estimate o : observations) {
            Require.within(o.sigma, 1e-9, Double.MAX_VALUE, "sigma");
            weights += 1 / (o.sigma * o.sigma);
            sum += o.value / (o.sigma * o.sigma);
        }
        double mean = sum / weights;
        double sigma = Math.sqrt(1 / weights);
        double chi2 = observations.stream()
                .mapToDouble(o -> Math.pow((o.value - mean) / o.sigma, 2))
                .sum();
        double birge = Math.sqrt(chi2 / (observations.size() - 1));
        return new Estimate(mean, sigma * Math.max(1, birge));
    }
}
