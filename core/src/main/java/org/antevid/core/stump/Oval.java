package org.antevid.core.stump;

import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Outline of the stump inside the bark as an ellipse, two axes measured square to each other. Metres.
 *
 * @param alongM along {@code facingDeg}
 * @param acrossM square to it
 * @param facingDeg the lay it was measured for
 */
public record Oval(double alongM, double acrossM, double facingDeg) {
    public Oval {
        double oval = acrossM / alongM;
        if (!(alongM > 0) || !(oval >= 0.5 - 1e-9 && oval <= 2 + 1e-9)) {
            throw new RefusedInput(Refusal.BAD_OVALITY, "acrossM");
        }
    }

    public static Oval round(double diameterM) {
        return new Oval(diameterM, diameterM, 0);
    }

    /** @return width of the outline seen along a lay */
    public double along(double layDeg) {
        return width(layDeg, alongM, acrossM);
    }

    /** @return width square to a lay */
    public double across(double layDeg) {
        return width(layDeg, acrossM, alongM);
    }

    /** @return chord square to the lay of an ellipse with these axes, so far behind its front, metres; 0 outside it */
    static double chordM(double alongM, double acrossM, double fromFrontM) {
        double x = fromFrontM / alongM;
        return x <= 0 || x >= 1 ? 0 : 2 * acrossM * Math.sqrt(x * (1 - x));
    }

    private double width(double layDeg, double first, double second) {
        double a = Math.toRadians(layDeg - facingDeg);
        return Math.hypot(first * Math.cos(a), second * Math.sin(a));
    }
}
