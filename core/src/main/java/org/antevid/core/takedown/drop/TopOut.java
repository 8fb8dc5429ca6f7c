package org.antevid.core.takedown.drop;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Cutting the top out over a hinge. Practice rules of notch and hinge; the push on the stem by the mechanics of a
 * falling rod.
 *
 * @param pushBackN largest push backwards until it lets go
 * @param reactionReleaseN as it lets go, backwards positive
 * @param pullNeededN empty without a line
 * @param swayM of the stem below; empty while its length is not known
 */
public record TopOut(
        double hingeLengthM,
        double sideMomentAllowNm,
        double pushBackN,
        double reactionReleaseN,
        double reactionPeakN,
        Optional<Double> pullNeededN,
        Optional<Double> swayM,
        List<Remarks.Told> remarks) {
    private static final double SLACK = 1e-9;
    private static final double PULL_RESERVE = 1.5;
    private static final double LARGE_M = 0.5;
    private static final double SLENDER = 60;
    private static final double MPA = 1e6;

    /** @param comBackM centre of mass behind the hinge, against the fall positive */
    public record Top(double lengthM, double massKg, double comBackM, double windMomentNm) {}

    /** @param brittle dead or brittle: the hinge gets no credit */
    public record Cut(
            double diameterM,
            double notchDepthM,
            double hingeM,
            double notchOpenDeg,
            double bendingMpa,
            boolean brittle,
            double safetyFactor) {}

    /**
     * @param lengthM free below the cut; empty where nobody said it
     * @param diameterM its least
     */
    public record Stem(Optional<Double> lengthM, double diameterM, double eGpa) {}

    /**
     * @param pullHeightM of a line above the hinge; empty: none
     * @throws RefusedInput {@code DEEPER_THAN_STEM}
     */
    public static TopOut of(Top top, Cut cut, Stem stem, Optional<Double> pullHeightM) {
        double d = cut.diameterM;
        if (cut.notchDepthM > d) {
            throw new RefusedInput(Refusal.DEEPER_THAN_STEM, "notch_depth_m");
        }
        if (cut.hingeM > d) {
            throw new RefusedInput(Refusal.DEEPER_THAN_STEM, "hinge_m");
        }
        double b = 2 * Math.sqrt(cut.notchDepthM * (d - cut.notchDepthM));
        double bends = cut.bendingMpa * MPA;
        double weight = top.massKg * StemMass.G;
        double release = Math.toRadians(cut.notchOpenDeg);
        double most = Math.acos((1 + Math.sqrt(19)) / 6);
        double pushBack = Math.max(0, push(weight, Math.min(release, most)));
        double atRelease = push(weight, release);
        double peak = Math.max(pushBack, Math.abs(atRelease));
        double over = weight * Math.max(0, top.comBackM) + top.windMomentNm;
        Optional<Double> sway = stem.lengthM.map(
                l -> 2 * peak * Math.pow(l, 3) / (3 * stem.eGpa * 1e9 * Math.PI * Math.pow(stem.diameterM, 4) / 64));
        Remarks remarks = new Remarks()
                .when(pullHeightM.isEmpty() && over > 0, Remark.PULL_LINE_NEEDED)
                .when(sway.filter(s -> s > LARGE_M).isPresent(), Remark.LARGE_SWAY)
                .when(top.lengthM > SLENDER * d, Remark.TOP_TOO_SLENDER);
        limits(remarks, cut);
        return new TopOut(
                b,
                cut.brittle ? 0 : cut.hingeM * b * b / 6 * bends / cut.safetyFactor,
                pushBack,
                atRelease,
                peak,
                pullHeightM.map(h -> PULL_RESERVE * (over + b * cut.hingeM * cut.hingeM / 6 * bends) / h),
                sway,
                remarks.told());
    }

    private static void limits(Remarks remarks, Cut c) {
        double d = c.diameterM;
        double n = c.notchDepthM;
        if (n < d / 5 - SLACK || n > d / 3 + SLACK) {
            remarks.say(Remark.NOTCH_DEPTH);
        } else {
            remarks.when(n > d / 4 + SLACK, Remark.NOTCH_DEEPER_THAN_QUARTER);
        }
        double thin = Math.max(0.08 * d, 0.010);
        double thick = Math.max(0.12 * d, 0.020);
        remarks.when(c.hingeM < thin - SLACK || c.hingeM > thick + SLACK, Remark.HINGE_THICKNESS)
                .when(c.notchOpenDeg < 45, Remark.NOTCH_TOO_CLOSED)
                .when(c.notchOpenDeg > 90, Remark.NOTCH_TOO_OPEN)
                .when(n + c.hingeM >= 0.65 * d, Remark.NO_ROOM_FOR_BACKCUT);
    }

    /** Backwards positive: a rod falling about its foot. */
    private static double push(double weightN, double angle) {
        return 0.75 * weightN * Math.sin(angle) * (3 * Math.cos(angle) - 2);
    }
}
