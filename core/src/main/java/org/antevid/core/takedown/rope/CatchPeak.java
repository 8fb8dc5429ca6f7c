package org.antevid.core.takedown.rope;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Peak when a piece falls into the line. Mechanics: point mass, elastic line, no damping, stiff stem, which is above
 * the truth; a swing is bounded from above.
 *
 * @param dropM free fall with slack
 * @param lineEffM length that stretches, little friction
 * @param stiffnessNm of the stiff line
 * @param anchorN on the block in the catch, legs parallel
 * @param anchorLowerN on the block while it is lowered slowly
 * @param fallTotalM free fall and stretch of the soft line
 */
public record CatchPeak(
        double weightN,
        double dropM,
        double lineEffM,
        double stiffnessNm,
        double peakBestN,
        double peakN,
        double factor,
        double brakeN,
        double anchorN,
        double anchorLowerN,
        double stretchMaxM,
        double fallTotalM,
        List<Remarks.Told> remarks) {
    private static final double HARD = 5;
    private static final double SHORT_FALLS = 3;

    /**
     * How it swings as it lets go.
     *
     * @param fromDownDeg line from straight down, 0..90
     * @param radiusM block to centre of mass; empty: the leg to the piece
     */
    public record Swing(double fromDownDeg, Optional<Double> radiusM) {
        public static final Swing NONE = new Swing(0, Optional.empty());
    }

    public static CatchPeak of(Load load, Fall fall, Swing swing, Line line, double legLoadM) {
        double high = load.highKg();
        double h = fall.heightM();
        double weight = high * StemMass.G;
        double low = line.efficiencyLow();
        double up = line.efficiencyHigh();
        double k = line.stiffNm(legLoadM, low);
        double radius = swing.radiusM.orElse(legLoadM);
        double peak = peak(weight, k, h, swing.fromDownDeg, radius);
        double peakUp = peak(weight, line.stiffNm(legLoadM, up), h, swing.fromDownDeg, radius);
        double soft = line.softNm(legLoadM, up);
        double stretch = peak(weight, soft, h, swing.fromDownDeg, radius) / soft;
        Remarks remarks = line.assumed()
                .when(load.massHighKg().isEmpty(), Remark.ASSUMED, "mass_high_kg")
                .when(line.effectiveM(legLoadM, up) < SHORT_FALLS * h, Remark.SHORT_ROPE)
                .when(peak / weight > HARD, Remark.HARD_CATCH)
                .when(swing.fromDownDeg > 0 && h > 0, Remark.SLACK_BEFORE_SWING);
        line.strength(remarks, peak);
        return new CatchPeak(
                weight,
                h,
                line.effectiveM(legLoadM, up),
                k,
                peak(load.massKg() * StemMass.G, line.middleNm(legLoadM, up), h, swing.fromDownDeg, radius),
                peak,
                peak / weight,
                up * peakUp,
                DoubleStream.of(peak * (1 + low), peakUp * (1 + up)).max().orElseThrow(),
                weight * (1 + up),
                stretch,
                h + stretch,
                remarks.told());
    }

    /** Slack never lowers it: both are bounds of an integrated elastic pendulum. */
    private static double peak(double weightN, double kNm, double h, double swingDeg, double radiusM) {
        if (swingDeg <= 0) {
            return Line.snubN(weightN, kNm, h);
        }
        double rise = 1 - Math.cos(Math.toRadians(swingDeg));
        double bare = 2 * weightN + 3 * weightN * rise;
        return h <= 0 ? bare : Math.max(bare, Line.snubN(weightN, kNm, h + radiusM * rise));
    }
}
