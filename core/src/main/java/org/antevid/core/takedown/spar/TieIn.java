package org.antevid.core.takedown.spar;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * A climber's tie-in, attachments and place to cut from. Practice rules; the peak of a short fall by mechanics.
 *
 * @param anchorN at the tie-in; twice the peak where the line ends at the foot
 * @param stressMpa empty while the wall is not known
 */
public record TieIn(
        double peakN,
        double anchorN,
        double momentNm,
        Optional<Double> stressMpa,
        Optional<Double> util,
        List<Remarks.Told> remarks) {
    private static final double STIFF = 1.25;
    private static final double MOST_N = 6000;
    private static final double MOST_SLACK_M = 0.5;
    private static final double LEAST_ANCHOR_M = 0.1;
    private static final double APART_M = 0.3;
    private static final double NEAR = 0.8;
    private static final int ATTACHED = 2;

    /** How the line is tied. */
    public enum Tie {
        CANOPY,
        /** At the foot: the tie-in carries both legs. */
        BASE,
        STEM_SLING
    }

    /**
     * @param lineM tie-in to climber, of a base tie with the leg to the ground
     * @param pullDeg line from straight down at the tie-in
     */
    public record Climber(
            double massKg,
            boolean massAssumed,
            double lineM,
            double slackM,
            double eaN,
            boolean eaAssumed,
            double pullDeg) {}

    /** @param offsetM tie-in from the axis of the stem */
    public record Anchor(Tie tie, double heightM, double offsetM, double diameterM) {}

    /**
     * @param feetHeightM empty where nobody said it; {@code cutHeightM} too
     * @param riggingHeightM of the block; empty where nothing is rigged
     * @param defectsM lower ends of cracks, cavities and decay
     */
    public record Position(
            Optional<Double> feetHeightM,
            double neckAboveFeetM,
            Optional<Double> cutHeightM,
            boolean cutting,
            int attachments,
            boolean wayDown,
            Optional<Double> riggingHeightM,
            List<Double> defectsM) {}

    /** @throws RefusedInput {@code SECTION_ABOVE_ANCHOR}, {@code WALL_OVER_RADIUS}, {@code NOT_BOTH} */
    public static TieIn of(
            Climber c,
            Anchor a,
            Position p,
            double sectionHeightM,
            SparSection.Wood wood,
            boolean conditionAssumed,
            SparSection.Strength strength,
            double safetyFactor) {
        if (sectionHeightM >= a.heightM) {
            throw new RefusedInput(Refusal.SECTION_ABOVE_ANCHOR, "section_height_m");
        }
        Remarks remarks = new Remarks()
                .when(c.massAssumed, Remark.ASSUMED, "climber_kg")
                .when(c.eaAssumed, Remark.ASSUMED, "ea_n")
                .when(conditionAssumed, Remark.ASSUMED, "condition");
        SparSection section = SparSection.of(wood, strength, safetyFactor, remarks, "");
        double weight = c.massKg * StemMass.G;
        double k = STIFF * c.eaN / c.lineM;
        double peak = weight + Math.sqrt(weight * weight + 2 * k * weight * c.slackM);
        double pull = Math.toRadians(c.pullDeg);
        double thrust = peak * Math.cos(pull) + (a.tie == Tie.BASE ? peak : 0);
        double moment = peak * Math.sin(pull) * (a.heightM - sectionHeightM) + a.offsetM * thrust;
        boolean known = section.shape().isPresent();
        double stress = section.stressMpa(section.shape().orElse(section.asFullWood()), moment, thrust);
        Optional<Double> use = section.use(stress);
        boolean over = use.isEmpty() || use.get() > 1;
        remarks.when(over, Remark.STEM_OVER_LIMIT)
                .when(!over && known && use.orElse(0.0) > NEAR, Remark.STEM_NEAR_LIMIT)
                .when(peak > MOST_N, Remark.CLIMBER_PEAK_OVER_6KN)
                .when(c.slackM > MOST_SLACK_M, Remark.SLACK_OVER_HALF_METRE)
                .when(a.diameterM < LEAST_ANCHOR_M, Remark.ANCHOR_UNDER_100_MM)
                .when(a.tie == Tie.BASE, Remark.PEAK_STATIC_TIE_IN);
        position(remarks, a, p);
        return new TieIn(
                peak,
                a.tie == Tie.BASE ? 2 * peak : peak,
                moment,
                Optional.of(stress).filter(x -> known),
                use.filter(x -> known),
                remarks.told());
    }

    private static void position(Remarks remarks, Anchor a, Position p) {
        remarks.when(p.defectsM.stream().anyMatch(d -> d < a.heightM), Remark.ANCHOR_ABOVE_DEFECT)
                .when(p.attachments == 0 || !p.wayDown, Remark.NO_WAY_DOWN)
                .when(
                        p.feetHeightM
                                .flatMap(f -> p.cutHeightM.filter(c -> c > f + p.neckAboveFeetM))
                                .isPresent(),
                        Remark.CUT_ABOVE_NECK)
                .when(
                        p.riggingHeightM
                                .filter(r -> Math.abs(r - a.heightM) < APART_M)
                                .isPresent(),
                        Remark.ROPES_TOGETHER);
        if (p.cutting) {
            remarks.when(p.cutHeightM.filter(c -> a.heightM >= c).isPresent(), Remark.ANCHOR_ABOVE_CUT)
                    .when(p.attachments < ATTACHED, Remark.ONE_ATTACHMENT_WHILE_CUTTING);
            if (p.cutHeightM.isEmpty()) {
                remarks.say(Remark.NOT_CHECKED, "cut_height_m");
            } else {
                remarks.when(p.feetHeightM.isEmpty(), Remark.NOT_CHECKED, "feet_height_m");
            }
        }
    }
}
