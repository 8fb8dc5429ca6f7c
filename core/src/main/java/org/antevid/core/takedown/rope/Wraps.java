package org.antevid.core.takedown.rope;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Wraps on a brake, bark on the way to it, the hand behind it. Mechanics: T2 = T e^(-mu phi). Friction is never a
 * number to rely on: the low end counts for the hand, both for what slips.
 *
 * @param brakeN force that reaches the brake
 * @param wrapsUse rounded up to half a wrap
 * @param slipLowN least force at the piece's leg at which it slips
 */
public record Wraps(
        double brakeN,
        double wrapsMin,
        double wrapsUse,
        double wraps,
        double handNeededN,
        double slipLowN,
        double slipHighN,
        List<Remarks.Told> remarks) {
    private static final double SLACK = 1e-9;
    private static final double MANY = 6;
    private static final double LOCKS = 3;

    /** A low and a high end of friction. */
    public record Friction(double low, double high) {}

    /**
     * @param bark friction over bark between piece and brake
     * @param barkDeg angle it turns there
     * @throws RefusedInput {@code HIGH_BELOW_LOW}
     */
    public static Wraps of(
            double lineN, double handN, Optional<Double> given, Friction drum, Friction bark, double barkDeg) {
        if (drum.high < drum.low) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "mu_high");
        }
        if (bark.high < bark.low) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "crotch_mu_high");
        }
        double turn = Math.toRadians(barkDeg);
        double brake = lineN * Math.exp(-bark.low * turn);
        double least = Math.max(0, Math.log(brake / handN) / (2 * Math.PI * drum.low));
        double use = Math.max(0, Math.ceil(2 * least - SLACK) / 2);
        double wraps = given.orElse(use);
        double hand = brake * Math.exp(-2 * Math.PI * drum.low * wraps);
        double slipHigh = handN * Math.exp(2 * Math.PI * drum.high * wraps + bark.high * turn);
        return new Wraps(
                brake,
                least,
                use,
                wraps,
                hand,
                handN * Math.exp(2 * Math.PI * drum.low * wraps + bark.low * turn),
                slipHigh,
                new Remarks()
                        .when(hand > handN * (1 + SLACK), Remark.TOO_FEW_WRAPS)
                        .when(use > MANY, Remark.MANY_WRAPS)
                        .when(slipHigh > LOCKS * lineN, Remark.BRAKE_MAY_LOCK)
                        .told());
    }
}
