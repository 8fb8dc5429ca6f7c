package org.antevid.core.lay.spread;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.outcome.Accuracy;
import org.antevid.core.quantity.InUse;
import org.antevid.core.quantity.Require;

/**
 * How well somebody sighted and cut before, and whether the next plan rests on it. Misses are signed degrees from the
 * predicted direction, right positive, of falls that were measured and guided to the end. What makes the spread wider
 * holds at once; what makes it narrower needs eight falls and a person's yes (practice rule). A pull to one side counts
 * as error and is told; the aim is never moved by it.
 *
 * @param missesDeg the newest first; the first 30 count
 * @param taken what a person decided for this job; empty while nobody has
 */
public record AimRecord(String personId, String name, List<Double> missesDeg, Optional<Boolean> taken) {
    private static final int MOST = 30;
    private static final int LEAST = 3;

    public AimRecord {
        personId = Require.text(personId, 60, "person");
        name = Require.text(name, 120, "name");
        missesDeg = missesDeg.stream().limit(MOST).toList();
        missesDeg.forEach(m -> Require.within(m, -180, 180, "missDeg"));
    }

    /**
     * What these falls say beside the table's value.
     *
     * @param tableDeg one sigma of whoever sights and cuts, by skill alone
     * @param blendedDeg the same, with the falls
     * @param used whether the plan rests on it
     * @param mayBeTaken whether a person may take it: always what is wider, from eight falls what is narrower
     */
    public record Learned(
            @Shown(in = Dimension.ANGLE, to = Side.UP) double tableDeg,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double blendedDeg,
            int falls,
            boolean used,
            boolean mayBeTaken) {
        public boolean wider() {
            return blendedDeg > tableDeg;
        }

        /** @return what the plan is made with */
        public double sawyerDeg() {
            return used ? blendedDeg : tableDeg;
        }
    }

    /** @return the same with this decided */
    public AimRecord decided(boolean take) {
        return new AimRecord(personId, name, missesDeg, Optional.of(take));
    }

    /** @return empty below three falls: they change nothing */
    Optional<Learned> against(double tableDeg, double priorWeight) {
        int n = missesDeg.size();
        if (n < LEAST) {
            return Optional.empty();
        }
        double blended = blended(tableDeg, priorWeight, missesDeg);
        InUse use = InUse.of(blended > tableDeg, n, taken);
        return Optional.of(new Learned(tableDeg, blended, n, use.used(), use.mayBeTaken()));
    }

    /** @return one sigma: the table's variance weighs as many falls as {@code priorWeight} says (statistics) */
    static double blended(double tableDeg, double priorWeight, List<Double> missesDeg) {
        double squares = missesDeg.stream().mapToDouble(m -> m * m).sum();
        return Math.sqrt((priorWeight * tableDeg * tableDeg + squares) / (priorWeight + missesDeg.size()));
    }

    /** @return the mean miss where more than chance turns the falls to one side, right positive; advice alone */
    public Optional<Double> pullDeg() {
        return Accuracy.of(
                        missesDeg.size(),
                        missesDeg.stream()
                                .map(m -> new Accuracy.Measured(m, Optional.empty()))
                                .toList())
                .numbers()
                .filter(Accuracy.Numbers::oneSided)
                .map(Accuracy.Numbers::biasDeg);
    }
}
