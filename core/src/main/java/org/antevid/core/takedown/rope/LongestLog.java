package org.antevid.core.takedown.rope;

import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * The longest log whose catch stays within the weakest link, tied above a block below its cut. Empty numbers: none is
 * short enough.
 *
 * @param massDesignKg what is reckoned with
 */
public record LongestLog(
        Optional<Double> lengthMaxM,
        Optional<Double> massKg,
        Optional<Double> massDesignKg,
        Optional<Double> dropM,
        Optional<Double> peakN,
        Optional<Double> anchorN,
        Governs governs,
        double legLoadM,
        List<Remarks.Told> remarks) {
    private static final double SHORTEST_M = 0.3;
    private static final double THINNEST_M = 0.02;
    private static final int HALVINGS = 60;

    /**
     * @param diameterM at the cut, its thicker end
     * @param blockBelowCutM block to cut
     * @param knotAboveCutM cut to knot
     */
    public record Log(
            double diameterM,
            double taperMPerM,
            double densityKgm3,
            double blockBelowCutM,
            double knotAboveCutM,
            double slackM,
            double massFactor,
            double mostM,
            boolean densityAssumed) {
        double legLoadM() {
            return blockBelowCutM + knotAboveCutM + slackM;
        }
    }

    private record Reckoned(
            double massKg,
            double designKg,
            double dropM,
            double peakN,
            double anchorN,
            double byLine,
            double byAnchor) {
        double use() {
            return Math.max(byLine, byAnchor);
        }

        Governs governs() {
            return byAnchor > byLine ? Governs.ANCHOR : Governs.LINE;
        }
    }

    public static LongestLog of(Log log, LargestPiece.Allowed allowed, Line line) {
        Remarks remarks = line.assumed()
                .when(log.densityAssumed, Remark.ASSUMED, "density_kgm3")
                .when(allowed.anchorN().isEmpty(), Remark.ANCHOR_NOT_CHECKED);
        Reckoned shortest = at(SHORTEST_M, log, allowed, line);
        if (shortest.use() > 1) {
            Optional<Double> none = Optional.empty();
            return new LongestLog(
                    none,
                    none,
                    none,
                    none,
                    none,
                    none,
                    shortest.governs(),
                    log.legLoadM(),
                    remarks.say(Remark.NO_LOG_SHORT_ENOUGH).told());
        }
        double low = SHORTEST_M;
        if (at(log.mostM, log, allowed, line).use() <= 1) {
            low = log.mostM;
            remarks.say(Remark.LIMITED_BY_INPUT);
        } else {
            double high = log.mostM;
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                boolean holds = at(middle, log, allowed, line).use() <= 1;
                low = holds ? middle : low;
                high = holds ? high : middle;
            }
        }
        Reckoned a = at(low, log, allowed, line);
        return new LongestLog(
                Optional.of(low),
                Optional.of(a.massKg),
                Optional.of(a.designKg),
                Optional.of(a.dropM),
                Optional.of(a.peakN),
                Optional.of(a.anchorN),
                a.governs(),
                log.legLoadM(),
                remarks.told());
    }

    private static Reckoned at(double lengthM, Log log, LargestPiece.Allowed allowed, Line line) {
        double d = log.diameterM;
        double e = Math.max(THINNEST_M, d - log.taperMPerM * lengthM);
        double ends = d * d + d * e + e * e;
        double mass = Math.PI * lengthM * ends / 12 * log.densityKgm3;
        double centre = lengthM * (d * d + 2 * d * e + 3 * e * e) / (4 * ends);
        double h = 2 * (log.blockBelowCutM + centre) + log.slackM;
        double weight = mass * log.massFactor * StemMass.G;
        double low = line.efficiencyLow();
        double high = line.efficiencyHigh();
        double peak = Line.snubN(weight, line.stiffNm(log.legLoadM(), low), h);
        double peakHigh = Line.snubN(weight, line.stiffNm(log.legLoadM(), high), h);
        double anchor = Math.max(peak * (1 + low), peakHigh * (1 + high));
        return new Reckoned(
                mass,
                mass * log.massFactor,
                h,
                peak,
                anchor,
                peak / allowed.lineN(),
                allowed.anchorN().map(a -> anchor / a).orElse(0.0));
    }
}
