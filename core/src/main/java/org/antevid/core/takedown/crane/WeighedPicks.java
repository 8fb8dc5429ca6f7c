package org.antevid.core.takedown.crane;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * What the readings of earlier picks say of the next estimate (statistics, priors by judgement). The factor may rise at
 * once, it falls only after three readings.
 *
 * @param n readings that count
 * @param factorPlan the plan reckons with
 * @param sdLog of the next piece's logarithm
 * @param low one-sided 95 % end; {@code high} the other
 * @param lastZ how far the last reading lay off what was expected before it; empty without one
 */
public record WeighedPicks(
        int n,
        double factor,
        double factorPlan,
        double sdLog,
        double low,
        double high,
        Optional<Double> lastZ,
        List<Remarks.Told> remarks) {
    private static final double Z95 = 1.645;
    private static final int FEW = 3;
    private static final double ODD = 3;

    /** @param valid it hung free and still */
    public record Reading(double estKg, double readKg, double rigKg, boolean valid) {}

    /**
     * @param factor of the group before
     * @param sd of its logarithm
     * @param scatterSd of single pieces, worth {@code n} readings
     */
    public record Prior(double factor, double sd, double scatterSd, double n, double cellAccuracy) {}

    private record State(double mean, double variance, double scatter2, double reading2) {}

    /** @throws RefusedInput {@code READING_BELOW_RIG} */
    public static WeighedPicks of(List<Reading> picks, Prior prior) {
        List<Double> logs = new ArrayList<>();
        for (int i = 0; i < picks.size(); i++) {
            Reading r = picks.get(i);
            if (r.valid && r.readKg <= r.rigKg) {
                throw new RefusedInput(Refusal.READING_BELOW_RIG, "picks[" + i + "].read_kg");
            }
            if (r.valid) {
                logs.add(Math.log((r.readKg - r.rigKg) / r.estKg));
            }
        }
        State s = state(logs, prior);
        double sd = Math.sqrt(s.variance + s.scatter2);
        double factor = Math.exp(s.mean);
        double plan = logs.size() < FEW ? Math.max(factor, 1) : factor;
        Optional<Double> z = Optional.of(logs).filter(l -> !l.isEmpty()).map(l -> {
            State before = state(l.subList(0, l.size() - 1), prior);
            return (l.get(l.size() - 1) - before.mean) / Math.sqrt(before.variance + before.reading2);
        });
        return new WeighedPicks(
                logs.size(),
                factor,
                plan,
                sd,
                Math.exp(s.mean - Z95 * sd),
                plan * Math.exp(Z95 * sd),
                z,
                new Remarks()
                        .when(logs.size() < FEW, Remark.FEW_READINGS)
                        .when(z.filter(x -> Math.abs(x) > ODD).isPresent(), Remark.READING_OUT_OF_BAND)
                        .told());
    }

    private static State state(List<Double> logs, Prior p) {
        int n = logs.size();
        double mean = logs.stream().mapToDouble(x -> x).average().orElse(0);
        double squares = logs.stream().mapToDouble(x -> (x - mean) * (x - mean)).sum();
        double scatter2 = (p.n * p.scatterSd * p.scatterSd + squares) / (p.n + Math.max(n - 1, 0));
        double reading2 = scatter2 + p.cellAccuracy * p.cellAccuracy;
        double precision = 1 / (p.sd * p.sd) + n / reading2;
        double mu = (Math.log(p.factor) / (p.sd * p.sd) + n * mean / reading2) / precision;
        return new State(mu, 1 / precision, scatter2, reading2);
    }
}
