package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Hook load before the cut: the rest of the weight comes on at once. Mechanics. It does not hold for a plate, nor for a
 * piece that others press.
 *
 * @param minKg below it the take-over would pass the limit; {@code maxKg} above it a light piece would jump
 * @param pretensionKg aimed at; empty where there is no window, as all that follows from it
 * @param showKg what the display must show, rig included
 */
public record PretensionWindow(
        Optional<Double> pretensionKg,
        double minKg,
        double maxKg,
        Optional<Double> showKg,
        Optional<Double> peakKg,
        Optional<Double> residualDropKg,
        Optional<Double> residualJumpKg,
        Optional<Double> peakAtReadingKg,
        List<Remarks.Told> remarks) {
    private static final double SLACK = 1e-9;

    public record Mass(double lowKg, double kg, double highKg) {}

    /** @param grossKg of the chart at the governing radius */
    public record Chart(double grossKg, double deductionsKg, double stopShare) {}

    /**
     * @param target share of the mass that is aimed at
     * @param readingKg of the operator before the cut, rig included; empty: none yet
     * @throws RefusedInput {@code HIGH_BELOW_LOW}
     */
    public static PretensionWindow of(Mass m, Chart c, double target, Optional<Double> readingKg) {
        if (m.kg < m.lowKg) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "mass_kg");
        }
        if (m.highKg < m.kg) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "mass_high_kg");
        }
        double room = c.stopShare * c.grossKg - c.deductionsKg;
        double min = Math.max(0, 2 * m.highKg - room);
        if (m.highKg > room || min > m.lowKg) {
            Optional<Double> none = Optional.empty();
            return new PretensionWindow(
                    none,
                    min,
                    m.lowKg,
                    none,
                    none,
                    none,
                    none,
                    none,
                    new Remarks()
                            .say(m.highKg > room ? Remark.PIECE_TOO_HEAVY : Remark.NO_WINDOW)
                            .told());
        }
        double p = Math.max(Math.min(target * m.kg, m.lowKg), min);
        Optional<Double> pulled = readingKg.map(r -> r - c.deductionsKg);
        return new PretensionWindow(
                Optional.of(p),
                min,
                m.lowKg,
                Optional.of(p + c.deductionsKg),
                Optional.of(2 * m.highKg - p + c.deductionsKg),
                Optional.of(m.highKg - p),
                Optional.of(Math.max(0, p - m.lowKg)),
                pulled.map(x -> (x <= m.highKg ? 2 * m.highKg - x : x) + c.deductionsKg),
                new Remarks()
                        .when(pulled.filter(x -> x < min - SLACK).isPresent(), Remark.READING_BELOW_WINDOW)
                        .when(pulled.filter(x -> x > m.lowKg + SLACK).isPresent(), Remark.READING_ABOVE_WINDOW)
                        .told());
    }
}
