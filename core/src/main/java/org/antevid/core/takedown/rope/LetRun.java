package org.antevid.core.takedown.rope;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * A piece that is let run: the strong end of the brake decides the peak, its weak end the way.
 *
 * @param snubN peak if nothing ran
 * @param runM line that runs; empty where it never stops
 * @param fallTotalM fall, run and stretch; empty where it never stops
 * @param savedRel share of the full catch that running takes off
 */
public record LetRun(
        double weightN,
        double dropM,
        double snubN,
        double peakN,
        double factor,
        Optional<Double> runM,
        Optional<Double> fallTotalM,
        double savedRel,
        List<Remarks.Told> remarks) {
    private static final double WEAK = 1.3;

    /**
     * @param slipLowN least force at the piece's leg at which it slips
     * @param evenM line paid out while it is braked evenly, in place of slip forces
     */
    public record Brake(Optional<Double> slipLowN, Optional<Double> slipHighN, Optional<Double> evenM) {
        private void check() {
            boolean slips = slipLowN.isPresent() || slipHighN.isPresent();
            if (slips == evenM.isPresent()) {
                throw new RefusedInput(Refusal.ONE_OF, "slip_low_n");
            }
            if (slips && slipLowN.isEmpty()) {
                throw new RefusedInput(Refusal.NEEDED, "slip_low_n");
            }
            if (slips && slipHighN.isEmpty()) {
                throw new RefusedInput(Refusal.NEEDED, "slip_high_n");
            }
            if (slips && slipHighN.orElseThrow() < slipLowN.orElseThrow()) {
                throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "slip_high_n");
            }
        }
    }

    private record Way(Optional<Double> runM, Optional<Double> fallM) {}

    /** @param clearanceM how far it may sink in all; empty where nobody said it */
    public static LetRun of(
            Load load, Fall fall, Brake brake, Optional<Double> clearanceM, Line line, double legLoadM) {
        double weight = load.highKg() * StemMass.G;
        double h = fall.heightM();
        brake.check();
        double stiff = line.stiffNm(legLoadM, line.efficiencyLow());
        double soft = line.softNm(legLoadM, line.efficiencyHigh());
        double snub = Line.snubN(weight, stiff, h);
        double snubSoft = Line.snubN(weight, soft, h);
        Remarks remarks = line.assumed().when(load.massHighKg().isEmpty(), Remark.ASSUMED, "mass_high_kg");
        double peak;
        Way way;
        if (brake.evenM.isPresent()) {
            double s = brake.evenM.get();
            peak = even(weight, stiff, h, s);
            way = new Way(Optional.of(s), Optional.of(h + s + even(weight, soft, h, s) / soft));
        } else {
            double low = brake.slipLowN.orElseThrow();
            double high = brake.slipHighN.orElseThrow();
            peak = high <= weight ? high : Math.min(snub, high);
            way = slipping(weight, h, low, soft, snubSoft);
            remarks.when(way.runM.isEmpty(), Remark.NEVER_STOPS)
                    .when(low > weight && low <= WEAK * weight, Remark.WEAK_BRAKE)
                    .when(high >= snub, Remark.BRAKE_WILL_NOT_RUN);
        }
        if (clearanceM.isPresent()) {
            double room = clearanceM.get();
            remarks.when(way.fallM.filter(f -> f <= room).isEmpty(), Remark.HITS_GROUND);
        } else {
            remarks.say(Remark.CLEARANCE_NOT_CHECKED);
        }
        line.strength(remarks, peak);
        return new LetRun(weight, h, snub, peak, peak / weight, way.runM, way.fallM, 1 - peak / snub, remarks.told());
    }

    private static Way slipping(double weight, double h, double slip, double soft, double snubSoft) {
        if (slip <= weight) {
            return new Way(Optional.empty(), Optional.empty());
        }
        if (slip >= snubSoft) {
            return new Way(Optional.of(0.0), Optional.of(h + snubSoft / soft));
        }
        double run = (weight * (h + slip / soft) - slip * slip / (2 * soft)) / (slip - weight);
        return new Way(Optional.of(run), Optional.of(h + run + slip / soft));
    }

    private static double even(double weight, double k, double h, double s) {
        double a = weight - k * s;
        return a + Math.sqrt(a * a + 2 * k * weight * (h + s));
    }

    public boolean holds() {
        return runM.isPresent();
    }
}
