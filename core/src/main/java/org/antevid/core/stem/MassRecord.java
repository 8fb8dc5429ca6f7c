package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.InUse;
import org.antevid.core.quantity.Require;

/**
 * How the house's own weights compare with what was reckoned, for one part of one species: ln f = sum of ln(weighed /
 * reckoned) / (n + 4). Nothing weighed changes nothing, and one weight a fifth of what it says (statistics).
 *
 * @param ratios weighed over reckoned, 0.1..10, in any order
 * @param taken what a person decided for this job; empty while nobody has
 */
public record MassRecord(Species species, MassPart part, List<Double> ratios, Optional<Boolean> taken) {
    private static final double PRIOR_WEIGHT = 4;
    /** Scatter of single weights about their factor that is taken for granted, ln (judgement). */
    private static final double PRIOR_SCATTER = 0.15;

    private static final double Z = 1.96;

    public MassRecord {
        ratios = List.copyOf(ratios);
        ratios.forEach(r -> Require.within(r, 0.1, 10, "weightKg"));
    }

    /**
     * What the weights say.
     *
     * @param factor on what is reckoned
     * @param low end of its 95 % range
     * @param high other end
     * @param used whether the plan rests on it
     * @param mayBeTaken whether a person may take it: always what is heavier, from eight weights what is lighter
     */
    public record Learned(
            Species species,
            MassPart part,
            @Shown(in = Dimension.TIMES, to = Side.UP) double factor,
            @Shown(in = Dimension.TIMES, to = Side.DOWN) double low,
            @Shown(in = Dimension.TIMES, to = Side.UP) double high,
            int weights,
            boolean used,
            boolean mayBeTaken) {
        public boolean heavier() {
            return factor > 1;
        }

        /** @return the same, used or not */
        public Learned used(boolean other) {
            return new Learned(species, part, factor, low, high, weights, other, mayBeTaken);
        }
    }

    /** @return empty where nothing was weighed */
    public Optional<Learned> learned() {
        if (ratios.isEmpty()) {
            return Optional.empty();
        }
        int n = ratios.size();
        double weight = PRIOR_WEIGHT + n;
        double mean = logs().sum() / weight;
        double off = PRIOR_WEIGHT * PRIOR_SCATTER * PRIOR_SCATTER
                + logs().map(l -> (l - mean) * (l - mean)).sum();
        double half = Z * Math.sqrt(off / weight / weight);
        double factor = Math.exp(mean);
        InUse use = InUse.of(factor > 1, n, taken);
        return Optional.of(new Learned(
                species, part, factor, Math.exp(mean - half), Math.exp(mean + half), n, use.used(), use.mayBeTaken()));
    }

    private DoubleStream logs() {
        return ratios.stream().mapToDouble(Math::log);
    }
}
