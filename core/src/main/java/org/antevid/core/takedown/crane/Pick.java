package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * How much of the chart a pick uses, at the worst radius of its way. Practice rule; the chart is the maker's.
 *
 * @param netKg what is left for the piece
 * @param massDesignKg the piece is reckoned at
 * @param util the larger of both; empty where nothing is left
 * @param overrun how wrong the estimate may be
 * @param massGoKg it may be reckoned at without a caution; {@code massLimitKg} without a stop
 */
public record Pick(
        double grossKg,
        double deductionsKg,
        double netKg,
        double governingRadiusM,
        double massDesignKg,
        Optional<Double> util,
        Optional<Double> utilGross,
        Optional<Double> utilNet,
        Optional<Double> overrun,
        double massGoKg,
        double massLimitKg,
        List<Remarks.Told> remarks) {
    private static final double UNWEIGHED = 1.51;

    /** @param highKg upper planning value; empty where nobody said it */
    public record Piece(double massKg, Optional<Double> highKg) {}

    /** What hangs on the hook beside the piece, kg. */
    public record Deductions(double hookKg, double slingsKg, double attachmentKg, double ropeKg) {
        double sum() {
            return hookKg + slingsKg + attachmentKg + ropeKg;
        }
    }

    /** Shares of the chart from which on it is said, and from which on it stops. */
    public record Shares(double caution, double stop) {}

    /** @throws RefusedInput {@code LIMITS}, {@code HIGH_BELOW_LOW}, {@code OUT_OF_CHART} */
    public static Pick of(
            LoadChart chart, List<Double> radiiM, double marginM, Piece piece, Deductions less, Shares shares) {
        if (shares.stop <= shares.caution) {
            throw new RefusedInput(Refusal.LIMITS, "stop_share");
        }
        double high = piece.highKg.orElse(UNWEIGHED * piece.massKg);
        if (high < piece.massKg) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "mass_high_kg");
        }
        double gross = Double.POSITIVE_INFINITY;
        double governing = 0;
        for (int i = 0; i < radiiM.size(); i++) {
            double kg = chart.at(radiiM.get(i), marginM, LoadChart.Mode.STEP, "radii_m[" + i + "]")
                    .capacityKg();
            if (kg < gross || kg == gross && radiiM.get(i) > governing) {
                gross = kg;
                governing = radiiM.get(i);
            }
        }
        double deductions = less.sum();
        double net = gross - deductions;
        double byGross = (high + deductions) / gross;
        double byNet = high / net;
        boolean left = net > 0;
        Optional<Double> util = Optional.of(Math.max(byGross, byNet)).filter(u -> left);
        Remarks remarks = new Remarks()
                .when(piece.highKg.isEmpty(), Remark.ASSUMED, "mass_high_kg")
                .when(!left, Remark.NO_NET_CAPACITY);
        util.ifPresent(u -> {
            if (u > 1) {
                remarks.say(Remark.OVER_CHART);
            } else if (u > shares.stop) {
                remarks.say(Remark.OVER_LIMIT);
            } else {
                remarks.when(u > shares.caution, Remark.NEAR_LIMIT);
            }
        });
        return new Pick(
                gross,
                deductions,
                net,
                governing,
                high,
                util,
                Optional.of(byGross).filter(u -> left),
                Optional.of(byNet).filter(u -> left),
                Optional.of(net / piece.massKg).filter(u -> left),
                may(shares.caution, gross, deductions, net),
                may(shares.stop, gross, deductions, net),
                remarks.told());
    }

    private static double may(double share, double gross, double deductions, double net) {
        return Math.max(0, Math.min(share * gross - deductions, share * net));
    }
}
