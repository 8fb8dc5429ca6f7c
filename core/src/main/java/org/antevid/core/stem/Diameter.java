package org.antevid.core.stem;

import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Diameter from a girth tape: D = C / pi. A girth always gives at least the area-equivalent diameter of a stem that is
 * not round, so it errs high: up for mass, measure two axes for hinge work. Source: geometry.
 *
 * @param overBark metres, with its sigma
 * @param underBarkM metres, over bark less twice the single bark thickness
 */
public record Diameter(Estimate overBark, double underBarkM) {
    /** Height above ground at which a girth is taped, metres; by convention. */
    public static final double BREAST_M = 1.3;

    /**
     * @param girthM 0.03..25 m
     * @param sigmaGirthM 0..1 m
     * @param barkM single bark thickness, 0..0.4 m
     * @throws RefusedInput outside these ranges, or {@code BARK_TOO_THICK} when no wood is left
     */
    public static Diameter ofGirth(double girthM, double sigmaGirthM, double barkM) {
        Require.within(girthM, 0.03, 25, "girth_m");
        Require.within(sigmaGirthM, 0, 1, "sigma_girth_m");
        Require.within(barkM, 0, 0.4, "bark_m");
        Estimate d = new Estimate(girthM / Math.PI, sigmaGirthM / Math.PI);
        double wood = d.value() - 2 * barkM;
        if (!(wood > 0)) {
            throw new RefusedInput(
                    Message.of(Refusal.BARK_LEAVES_NO_WOOD).with("diameter", Arg.of(Dimension.HEIGHT, d.value())),
                    "bark_m");
        }
        return new Diameter(d, wood);
    }
}
