package org.antevid.core.quantity;

import java.util.Locale;

/** Display rounding to the side that errs safely. Inside the core nothing is rounded. */
public final class Rounding {
    private Rounding() {}

    /** Distances to keep clear, forces, heights used for reach. A value within 1e-9 of a digit stays there. */
    public static double up(double value, int decimals) {
        double f = Math.pow(10, decimals);
        return Math.ceil(value * f - 1e-9) / f;
    }

    /** Capacities, clearances, remaining time. */
    public static double down(double value, int decimals) {
        double f = Math.pow(10, decimals);
        return Math.floor(value * f + 1e-9) / f;
    }

    private static final double G = 9.81;
    private static final double KG_STEP = 5;

    /** @return kilograms that hang on a rope with this pull, rounded up to five */
    public static double kg(double newton) {
        return KG_STEP * up(newton / G / KG_STEP, 0);
    }

    /** @return the same rounded down */
    public static double kgDown(double newton) {
        return KG_STEP * down(newton / G / KG_STEP, 0);
    }

    /** @return a chance rounded up to one significant digit, "4 %"; never "0 %" but "< 0.1 %" */
    public static String chance(double p) {
        double percent = 100 * p;
        if (percent < 0.1) {
            return "< 0.1 %";
        }
        double digit = Math.pow(10, Math.floor(Math.log10(percent)));
        double shown = Math.min(100, Math.ceil(percent / digit - 1e-9) * digit);
        return String.format(Locale.ROOT, shown < 1 ? "%.1f %%" : "%.0f %%", shown);
    }
}
