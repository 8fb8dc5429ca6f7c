package org.antevid.core.takedown.drop;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * What may be lifted by hand (practice rules, judgement aloft).
 *
 * @param lengthMaxM of a piece as thick
 * @param massKg of the piece; empty while its length is not known
 */
public record ByHand(double limitKg, double lengthMaxM, Optional<Double> massKg, List<Remarks.Told> remarks) {
    private static final double SLACK = 1e-9;
    private static final double GROUND_KG = 23;

    /** Where and how it is held; aloft with the most it may weigh. */
    public enum Mode {
        ONE_HAND_ALOFT(5),
        TWO_HANDS_ALOFT(12),
        GROUND(0);

        private final double kg;

        Mode(double kg) {
            this.kg = kg;
        }
    }

    /**
     * How it is lifted on the ground.
     *
     * @param reachCm hands before the ankles
     * @param frequency share that is left for often; {@code grip} for a poor grip
     */
    public record Lift(
            int persons,
            double reachCm,
            double gripHeightCm,
            double travelCm,
            double turnDeg,
            double frequency,
            double grip) {
        private double kg() {
            double reach = reachCm > 63 ? 0 : 25 / Math.max(reachCm, 25);
            double height = gripHeightCm > 175 ? 0 : 1 - 0.003 * Math.abs(gripHeightCm - 75);
            double travel = travelCm > 175 ? 0 : 0.82 + 4.5 / Math.max(travelCm, 25);
            double turn = turnDeg > 135 ? 0 : 1 - 0.0032 * turnDeg;
            double together = persons == 1 ? 1 : persons == 2 ? 4.0 / 3 : 1.5;
            return GROUND_KG * reach * height * travel * turn * frequency * grip * together;
        }
    }

    /** @param branchRel twigs and leaves as a share of the wood */
    public record Piece(
            double diameterM, Optional<Double> lengthM, double densityKgm3, boolean densityAssumed, double branchRel) {}

    /** @throws RefusedInput {@code ONE_PERSON_ALOFT} */
    public static ByHand of(Mode mode, Piece p, Lift lift) {
        if (mode != Mode.GROUND && lift.persons > 1) {
            throw new RefusedInput(Refusal.ONE_PERSON_ALOFT, "persons");
        }
        double limit = mode == Mode.GROUND ? lift.kg() : mode.kg;
        double perMetre = p.densityKgm3 * (1 + p.branchRel) * Math.PI * p.diameterM * p.diameterM / 4;
        Optional<Double> mass = p.lengthM.map(l -> perMetre * l);
        return new ByHand(
                limit,
                limit / perMetre,
                mass,
                new Remarks()
                        .when(p.densityAssumed, Remark.ASSUMED, "density_kgm3")
                        .when(mass.filter(m -> m > limit + SLACK).isPresent(), Remark.TOO_HEAVY_BY_HAND)
                        .when(limit <= 0, Remark.OUT_OF_REACH)
                        .told());
    }
}
