package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Forces in the legs of slings. Statics; choker factors by local code. Two legs are taken to carry all, a third or
 * fourth only steadies.
 *
 * @param share of the mass on the worst leg
 * @param util empty while its working limit is not known
 */
public record SlingLegs(
        double multiplier,
        double share,
        double legN,
        double hitchFactor,
        Optional<Double> util,
        List<Remarks.Told> remarks) {
    private static final double NEAR = 0.8;
    private static final double TIGHT_DEG = 120;
    private static final double WIDE_DEG = 45;

    /** How they go round the piece. */
    public enum Hitch {
        STRAIGHT,
        CHOKER,
        BASKET
    }

    /**
     * @param angleDeg from the vertical
     * @param chokeDeg angle of the choke
     * @param wllN straight pull; empty while it is not known
     * @param offsetM centre of mass off the middle of two slings
     * @param spreadM between two slings; empty where nobody said it
     */
    public record Slings(
            int legs,
            double angleDeg,
            Hitch hitch,
            double chokeDeg,
            Optional<Double> wllN,
            double offsetM,
            Optional<Double> spreadM) {
        private double factor() {
            return switch (hitch) {
                case STRAIGHT -> 1;
                case BASKET -> 2;
                case CHOKER ->
                    0.8
                            * (chokeDeg >= 120
                                    ? 1
                                    : chokeDeg >= 90 ? 0.87 : chokeDeg >= 60 ? 0.74 : chokeDeg >= 30 ? 0.62 : 0.49);
            };
        }
    }

    /** @throws RefusedInput {@code NOT_BOTH}, {@code MISSING}, {@code TWO_LEGS_ONLY}, {@code COM_OUTSIDE_SLINGS} */
    public static SlingLegs of(double massKg, Slings s) {
        if (s.legs == 1 && s.angleDeg > 0) {
            throw new RefusedInput(Refusal.NOT_BOTH, "angle_deg");
        }
        if (s.offsetM != 0 && s.spreadM.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "spread_m");
        }
        if (s.spreadM.isPresent() && s.legs != 2) {
            throw new RefusedInput(Refusal.TWO_LEGS_ONLY, "spread_m");
        }
        if (s.spreadM.filter(w -> Math.abs(s.offsetM) >= w / 2).isPresent()) {
            throw new RefusedInput(Refusal.COM_OUTSIDE_SLINGS, "offset_m");
        }
        double multiplier = 1 / Math.cos(Math.toRadians(s.angleDeg));
        double share = s.legs == 1
                ? 1
                : s.spreadM.map(w -> 0.5 + Math.abs(s.offsetM) / w).orElse(0.5);
        double leg = massKg * StemMass.G * share * multiplier;
        Optional<Double> util = s.wllN.map(w -> leg / (w * s.factor()));
        return new SlingLegs(
                multiplier,
                share,
                leg,
                s.factor(),
                util,
                new Remarks()
                        .when(util.filter(u -> u > 1).isPresent(), Remark.SLING_OVER_LIMIT)
                        .when(util.filter(u -> u > NEAR && u <= 1).isPresent(), Remark.SLING_NEAR_LIMIT)
                        .when(util.isEmpty(), Remark.SLING_NOT_CHECKED)
                        .when(s.hitch == Hitch.CHOKER && s.chokeDeg < TIGHT_DEG, Remark.TIGHT_CHOKE)
                        .when(s.angleDeg > WIDE_DEG, Remark.WIDE_SLING_ANGLE)
                        .told());
    }
}
