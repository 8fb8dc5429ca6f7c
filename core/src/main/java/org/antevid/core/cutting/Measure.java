package org.antevid.core.cutting;

import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Rounding;

/**
 * One measure of the cut card in the words of the person who cuts.
 *
 * @param key stable name
 * @param value metres inside the bark; degrees for the face
 * @param outside from the outside of the bark, as a tape lies; empty where bark does not matter or nobody looked at it
 * @param rule what the rule of the type of cut says
 * @param own the leader set it himself
 * @param safe side to which it is rounded when it is said
 * @param off what a centimetre off does; empty for what nobody sets
 */
public record Measure(
        String key,
        String words,
        double value,
        Optional<Double> outside,
        double rule,
        boolean own,
        Safe safe,
        Optional<String> off) {
    /** People measure with a tape in wet wood: whole steps of five millimetres, or quarters of an inch. */
    public static final double STEP_M = 0.005;

    public static final double STEP_INCH_M = 0.0254 / 4;

    /**
     * The side a length is rounded to: what is left thicker can still be thinned, what is cut deeper cannot be put
     * back.
     */
    public enum Safe {
        UP,
        DOWN,
        NONE
    }

    /** Nobody saws to a millimetre: one that is that little off a step stays on it. */
    private static final double STAYS_M = 0.001;

    /** @return whole steps on the safe side, metres */
    public static double rounded(double metres, Safe safe, double stepM) {
        return 0.0
                + stepM
                        * switch (safe) {
                            case UP -> Rounding.up((metres - STAYS_M) / stepM, 0);
                            case DOWN -> Rounding.down((metres + STAYS_M) / stepM, 0);
                            case NONE -> Math.rint(metres / stepM);
                        };
    }

    /** @return "50 mm" */
    public static String metric(double metres, Safe safe) {
        return String.format(Locale.ROOT, "%.0f mm", 1000 * rounded(metres, safe, STEP_M));
    }

    /** @return "2 1/4 in" */
    public static String inches(double metres, Safe safe) {
        long quarters = Math.round(rounded(metres, safe, STEP_INCH_M) / STEP_INCH_M);
        String[] part = {"", " 1/4", " 1/2", " 3/4"};
        long whole = Math.floorDiv(quarters, 4L);
        String rest = part[(int) Math.floorMod(quarters, 4L)];
        return (whole == 0 && !rest.isEmpty() ? rest.strip() : whole + rest) + " in";
    }
}
