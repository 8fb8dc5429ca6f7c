package org.antevid.core.retreat;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;

/**
 * Way out of a person who is not the cutter: straight away from the stem, or as near to it as is clear. At least six
 * metres, and on to the exclusion ring when they stand inside it. Source: practice rule.
 *
 * @param barredBy what was met on the ways tried first
 */
public record WayOut(double azimuthDeg, double lengthM, List<Arg> barredBy) {
    private static final double[] TURNS_DEG = {0, 15, -15, 30, -30, 45, -45, 60, -60};
    /** How wide a way is cleared, metres. Source: practice rule. */
    public static final double CORRIDOR_M = 1.5;

    /**
     * @param obstacles what bars the way, in the frame of {@code stand}
     * @throws RefusedInput {@code NO_WAY_OUT} when all ways away from the stem are barred
     */
    public static WayOut of(Spot stand, Spot stump, double ringM, List<EscapeRoutes.Obstacle> obstacles) {
        double away = stump.bearingTo(stand);
        double length = Math.max(6, ringM - stump.distanceTo(stand));
        List<Arg> barred = new ArrayList<>();
        for (double turn : TURNS_DEG) {
            double azimuth = Azimuth.normal(away + turn);
            List<Arg> hits = EscapeRoutes.barred(azimuth, 0.5, Math.min(length, 12), CORRIDOR_M, obstacles);
            if (hits.isEmpty()) {
                return new WayOut(azimuth, length, List.copyOf(barred));
            }
            hits.stream().filter(h -> !barred.contains(h)).forEach(barred::add);
        }
        throw new RefusedInput(Message.of(Refusal.NO_WAY_OUT).with("barred", Arg.several(barred)), "stand");
    }
}
