package org.antevid.core.lay.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;

/**
 * How far a lay spreads, and to which side it is drawn off. Degrees, right of the lay positive, one sigma. An ideal
 * hinge keeps the sideways offset of the tip (geometry); a yielding one turns the plane of the fall by u t / L
 * (mechanics; the factor 1 holds a third more than the working value). Gunning, notch and an uneven hinge are judgement
 * values, blended with the cutter's own measured misses. The aim correction is advice, never applied by itself.
 *
 * @param gunningDeg aim of the notch by skill
 * @param notchDeg error of the notch line along the hinge
 * @param unevenDeg hinge thicker at one end than meant
 * @param sawyerDeg these three together, blended with measured misses
 * @param sideWindDeg scatter of the side moment
 * @param modelDeg what the two biases are uncertain by
 * @param biasDeg expected turn; empty when the hinge does not govern the lay
 * @param sigmaDeg spread; empty when the hinge does not govern the lay
 * @param lostChance chance that control is lost altogether and any direction is as likely, 0..1; 1 when not controlled
 * @param half95M half width at the tip, 1.96 sigma, without bias and crown
 * @param learned what the cutter's earlier falls say, used or not; empty below three
 * @param lost how often control was lost in wood like this, used or not; empty below three
 */
public record LaySpread(
        double gunningDeg,
        double notchDeg,
        double unevenDeg,
        double sawyerDeg,
        double sideWindDeg,
        double modelDeg,
        double biasGeometryDeg,
        double biasHingeDeg,
        Optional<Double> biasDeg,
        Optional<Double> sigmaDeg,
        double lostChance,
        Optional<Double> half95M,
        List<Warning> warnings,
        Optional<AimRecord.Learned> learned,
        Optional<LossRecord.Learned> lost) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        HISTORY_TOO_SHORT,
        LAY_NOT_CONTROLLED,
        LAY_POORLY_CONTROLLED
    }

    private static final int HISTORY_LEAST = 3;
    private static final double UNEVEN_DEG = 5;
    private static final double TIP_SHARE = 0.5;
    /** A lay that spreads more than this hardly is one (judgement). */
    public static final double POORLY_DEG = 8;

    /** Skill of the person who gunns and cuts; one sigma of the aim in degrees (judgement). */
    public enum Skill {
        NOVICE(4),
        TRAINED(2.5),
        EXPERIENCED(1.5);
        private final double gunningDeg;

        Skill(double gunningDeg) {
            this.gunningDeg = gunningDeg;
        }

        public double gunningDeg() {
            return gunningDeg;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What the cutter brings along.
     *
     * @param notchSigmaMm 0..100
     * @param unevenSigmaMm 0..100
     * @param missesDeg signed misses measured on earlier fells
     * @param priorWeight how many measured misses the table value weighs, 1..100
     * @param before what is used only as its rules say, the aim in place of bare misses
     */
    public record Cutter(
            Skill skill,
            double notchSigmaMm,
            double unevenSigmaMm,
            List<Double> missesDeg,
            double priorWeight,
            PastWork before) {
        public Cutter {
            Require.within(notchSigmaMm, 0, 100, "notch_sigma_mm");
            Require.within(unevenSigmaMm, 0, 100, "uneven_sigma_mm");
            Require.within(priorWeight, 1, 100, "prior_weight");
            missesDeg = List.copyOf(missesDeg);
        }

        public static Cutter of(Skill skill) {
            return new Cutter(skill, 8, 5, List.of(), 8, PastWork.NONE);
        }

        public static Cutter of(Skill skill, PastWork before) {
            return new Cutter(skill, 8, 5, List.of(), 8, before);
        }

        public static Cutter of(Skill skill, List<Double> missesDeg) {
            return new Cutter(skill, 8, 5, missesDeg, 8, PastWork.NONE);
        }
    }

    /**
     * The loaded hinge.
     *
     * @param sideUse side moment / working hinge capacity, right positive
     * @param sigmaSideUse its sigma
     * @param tipSideM standing sideways offset of the tip, right positive
     * @param lengthM hinge to tip, 1..120
     */
    public record Hinge(
            double lengthAlongM,
            double thickM,
            double sideUse,
            double sigmaSideUse,
            double tipSideM,
            double lengthM,
            Condition wood) {
        public Hinge {
            Require.within(lengthAlongM, 0.03, 4, "hinge_length_m");
            Require.within(thickM, 0.005, 0.5, "hinge_thick_m");
            Require.within(sigmaSideUse, 0, Double.MAX_VALUE, "sigma_side_util");
            Require.within(lengthM, 1, 120, "length_m");
        }
    }

    /** @throws RefusedInput {@code IMPOSSIBLE_GEOMETRY} for a tip that hangs out farther than half the length */
    public static LaySpread of(Cutter c, Hinge h) {
        if (Math.abs(h.tipSideM) > TIP_SHARE * h.lengthM) {
            throw new RefusedInput(
                    Message.of(Refusal.TIP_TOO_FAR_TO_THE_SIDE).with("length", Arg.of(Dimension.LENGTH, h.lengthM)),
                    "tip_side_m");
        }
        List<Warning> warnings = new ArrayList<>();
        double gunning = c.skill.gunningDeg;
        double notch = Math.toDegrees(Math.atan(c.notchSigmaMm / 1000 / h.lengthAlongM));
        double uneven = UNEVEN_DEG * c.unevenSigmaMm / 1000 / h.thickM;
        double table = gunning * gunning + notch * notch + uneven * uneven;
        double sawyer = Math.sqrt(table);
        double byTable = sawyer;
        Optional<AimRecord.Learned> learned = c.before.aim().flatMap(b -> b.against(byTable, c.priorWeight));
        if (learned.isPresent()) {
            sawyer = learned.get().sawyerDeg();
        } else if (c.missesDeg.size() >= HISTORY_LEAST) {
            sawyer = AimRecord.blended(sawyer, c.priorWeight, c.missesDeg);
        } else if (!c.missesDeg.isEmpty()) {
            warnings.add(Warning.HISTORY_TOO_SHORT);
        }
        double turnPerUse = Math.toDegrees(h.thickM / h.lengthAlongM);
        double sideWind = h.sigmaSideUse * turnPerUse;
        boolean sound = h.wood.factor() > 0;
        double geometry = Math.toDegrees(Math.asin(h.tipSideM / h.lengthM));
        double yield = Math.max(-1, Math.min(1, h.sideUse)) * turnPerUse;
        double model = 0.5 * Math.abs(yield) + 0.3 * Math.abs(geometry);
        double sigma = Math.sqrt(sawyer * sawyer + sideWind * sideWind + model * model);
        boolean controlled = sound && Math.abs(h.sideUse) < 1;
        if (!controlled) {
            warnings.add(Warning.LAY_NOT_CONTROLLED);
        } else if (sigma > POORLY_DEG) {
            warnings.add(Warning.LAY_POORLY_CONTROLLED);
        }
        return new LaySpread(
                gunning,
                notch,
                uneven,
                sawyer,
                sideWind,
                model,
                geometry,
                yield,
                controlled ? Optional.of(geometry + yield) : Optional.empty(),
                controlled ? Optional.of(sigma) : Optional.empty(),
                controlled ? c.before.losses().chance(h.wood) : 1,
                controlled
                        ? Optional.of(h.lengthM * Math.sin(Math.toRadians(Math.min(90, 1.96 * sigma))))
                        : Optional.empty(),
                List.copyOf(warnings),
                learned,
                c.before.losses().against(h.wood));
    }

    /** @return chance that control is lost altogether, by the wood of the hinge (judgement, order of magnitude) */
    public static double lostChance(Condition wood) {
        return switch (wood) {
            case SOUND -> 0.005;
            case FROZEN -> 0.01;
            case STRESSED -> 0.02;
            case DEAD_RECENT -> 0.03;
            case DEAD_OLD, DECAYED -> 0.1;
            case UNRELIABLE, UNSEEN -> 0.25;
        };
    }

    public boolean controlled() {
        return biasDeg.isPresent();
    }
}
