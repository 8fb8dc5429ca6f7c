package org.antevid.core.takedown.spar;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * A back guy on a tree whose plate has turned. Mechanics, about its foot, without any credit for the plate. On a plate
 * past its peak it only limits movement for people outside: it makes nothing climbable.
 *
 * @param armM of the guy about the foot
 * @param guyNeededN what it has to hold; empty on the wrong side, as all that follows from it
 * @param guyN with its pretension
 * @param pressN it presses on the plate
 * @param unheldSideNm moment beside its line
 * @param plateTurnDeg before it carries; empty while its stretch is not known
 * @param anchorMomentNm at the tree it is tied to
 */
public record BackGuy(
        double riggingMomentNm,
        double leanMomentNm,
        double armM,
        double guyAngleDeg,
        double guyLengthM,
        Optional<Double> guyNeededN,
        Optional<Double> guyN,
        Optional<Double> pressN,
        double unheldSideNm,
        Optional<Double> plateTurnDeg,
        Optional<Double> topMoveM,
        Optional<Double> anchorMomentNm,
        List<Remarks.Told> remarks) {
    private static final double LEAST_ARM_M = 0.2;
    private static final double WRONG_SIDE_DEG = 60;
    private static final double SECOND_DEG = 20;
    private static final double STEEP_DEG = 45;
    private static final double TURNS_DEG = 1;
    private static final double SOFT_DEG = 0.25;
    private static final double LIFTED_DEG = 0.25;
    private static final double NO_RESCUE_DEG = 2.5;
    private static final double NO_RESCUE_M = 0.15;

    /** How much of the lean the guy is to hold. */
    public enum Carries {
        FULL,
        /** Only what the turn of the plate added. */
        INCREMENT
    }

    /**
     * What is rigged, as the stem leans.
     *
     * @param blockOffsetM from the axis, towards the lean positive
     * @param legLoadDeg from straight down, towards the lean positive
     */
    public record Rigged(
            double lineN,
            double swayFactor,
            double efficiencyHigh,
            double blockHeightM,
            double blockOffsetM,
            double legLoadDeg,
            double legBrakeDeg) {
        /** The brake's leg pulls with its friction or not at all. */
        private double momentNm(double leanRad) {
            double a = Math.toRadians(legLoadDeg);
            double b = Math.toRadians(legBrakeDeg);
            double out = blockOffsetM + blockHeightM * Math.tan(leanRad);
            return Math.max(
                    0,
                    DoubleStream.of(0, efficiencyHigh)
                            .map(e -> lineN
                                    * swayFactor
                                    * (blockHeightM * (Math.sin(a) + e * Math.sin(b))
                                            + out * (Math.cos(a) + e * Math.cos(b))))
                            .max()
                            .orElse(0));
        }
    }

    /**
     * @param tiltDeg turn of the plate
     * @param leanBeforeDeg lean it always had the same way
     */
    public record Tree(
            double massKg,
            double cgHeightM,
            double tiltDeg,
            double leanBeforeDeg,
            Carries carries,
            double windMomentNm,
            double plateRiseM) {
        private double leanRad() {
            return Math.toRadians(tiltDeg + leanBeforeDeg);
        }

        private double momentNm() {
            double before = carries == Carries.FULL ? 0 : Math.tan(Math.toRadians(leanBeforeDeg));
            return massKg * StemMass.G * cgHeightM * (Math.tan(leanRad()) - before);
        }
    }

    /**
     * @param anchorDistanceM level distance from the foot
     * @param offPlaneDeg seen from above, off the line of pull
     * @param eaN empty while its stretch is not known; {@code allowN} while its strength is not
     */
    public record Guy(
            double heightM,
            double anchorDistanceM,
            double anchorHeightM,
            double offPlaneDeg,
            double gamma,
            double pretensionN,
            Optional<Double> eaN,
            Optional<Double> allowN) {}

    /** @param proven pulled to its load before anybody cut */
    public record Held(boolean peopleOnTree, boolean machineHolds, boolean proven) {}

    /** @throws RefusedInput {@code ARM_TOO_SHORT} */
    public static BackGuy of(Rigged r, Tree t, Guy g, Held held) {
        double lean = t.leanRad();
        double rigging = r.momentNm(lean);
        double leaning = t.momentNm();
        double out = g.heightM * Math.tan(lean);
        double rise = g.heightM - g.anchorHeightM;
        double run = g.anchorDistanceM + out;
        double beta = Math.atan2(rise, run);
        double length = Math.hypot(rise, run);
        double arm = g.heightM * Math.cos(beta) - out * Math.sin(beta);
        if (arm <= LEAST_ARM_M) {
            throw new RefusedInput(Refusal.ARM_TOO_SHORT, "guy_height_m");
        }
        double off = Math.toRadians(g.offPlaneDeg);
        boolean wrong = g.offPlaneDeg >= WRONG_SIDE_DEG;
        double holds = g.gamma * (rigging + leaning + t.windMomentNm) / (arm * Math.cos(off));
        Optional<Double> needed = Optional.of(holds).filter(x -> !wrong);
        Optional<Double> guy = needed.map(n -> n + g.pretensionN);
        Optional<Double> turn = needed.flatMap(
                n -> g.eaN.map(ea -> Math.max(0, n / g.gamma - g.pretensionN) * length / ea / (arm * Math.cos(off))));
        Remarks remarks = new Remarks()
                .when(Math.toDegrees(beta) > STEEP_DEG, Remark.GUY_STEEP)
                .when(g.heightM < r.blockHeightM / 2, Remark.GUY_LOW)
                .when(g.eaN.isEmpty(), Remark.GUY_STRETCH_NOT_CHECKED)
                .when(wrong, Remark.GUY_WRONG_SIDE);
        turn.map(Math::toDegrees).ifPresent(deg -> {
            if (deg > TURNS_DEG) {
                remarks.say(Remark.GUY_LETS_PLATE_MOVE);
            } else {
                remarks.when(deg > SOFT_DEG, Remark.GUY_TOO_SOFT);
            }
        });
        if (!wrong) {
            remarks.when(g.offPlaneDeg > SECOND_DEG, Remark.NEEDS_SECOND_GUY)
                    .when(g.allowN.isEmpty(), Remark.GUY_STRENGTH_NOT_CHECKED)
                    .when(g.allowN.filter(a -> guy.orElse(0.0) > a).isPresent(), Remark.GUY_OVER_LIMIT);
        }
        plate(remarks, r, t, held);
        return new BackGuy(
                rigging,
                leaning,
                arm,
                Math.toDegrees(beta),
                length,
                needed,
                guy,
                guy.map(n -> n * Math.sin(beta)),
                (rigging + t.windMomentNm) * Math.sin(off),
                turn.map(Math::toDegrees),
                turn.map(x -> x * r.blockHeightM),
                guy.map(n -> n * Math.cos(beta) * Math.max(0, g.anchorHeightM)),
                remarks.told());
    }

    private static void plate(Remarks remarks, Rigged r, Tree t, Held held) {
        if (t.plateRiseM <= 0 && t.tiltDeg < LIFTED_DEG) {
            return;
        }
        remarks.when(held.peopleOnTree, Remark.CLIMB_ON_LIFTED_PLATE)
                .when(r.lineN > 0 && !held.machineHolds && !held.proven, Remark.RIGGING_ON_LIFTED_PLATE)
                .when(t.plateRiseM > NO_RESCUE_M || t.tiltDeg >= NO_RESCUE_DEG, Remark.GUY_IS_NO_RESCUE);
    }
}
