package org.antevid.words;

import static org.antevid.words.Imperial.INCH_M;
import static org.antevid.words.Imperial.LBF_N;
import static org.antevid.words.Imperial.LB_KG;
import static org.antevid.words.Imperial.MPH_MS;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.function.Function;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Gauge;
import org.antevid.core.quantity.Rounding;

/**
 * Shows a quantity in the reader's units, rounded to its safe side. The point stands before decimals in every language:
 * on a crew that reads two languages a number looks the same in both.
 */
public final class Display {
    private static final double FOOT_IN = 12;
    private static final double TONNE_KG = 1000;
    private static final double KILO = 1000;
    /** People measure with a tape in wet wood: whole steps of five millimetres, or quarters of an inch. */
    private static final double SAWN_M = 0.005;

    private static final double SAWN_INCH_M = INCH_M / 4;
    private static final double STAYS_M = 0.001;
    /** More of them a double does not tell apart. */
    private static final double MOST_STEPS = 1e15;

    private final Units units;
    private final String onTheRope;
    private final String of;

    /** @param words what is said between and behind digits, as the reader reads it */
    Display(Units units, Function<QuantityWords, String> words) {
        this.units = units;
        this.onTheRope = " " + words.apply(QuantityWords.ON_THE_ROPE);
        this.of = " " + words.apply(QuantityWords.OF) + " ";
    }

    public String of(Arg.Amount a) {
        return of(a.dimension(), a.value(), a.side());
    }

    /** @param value in the SI unit of the dimension */
    public String of(Dimension dimension, double value, Side side) {
        return switch (dimension) {
            case AZIMUTH -> Azimuth.digits(value) + "°";
            case SECTOR, OPENING -> digits(value, 0, side) + "°";
            case ANGLE -> digits(value, 1, side) + "°";
            case SHARE -> digits(100 * value, 0, side) + " %";
            case CHANCE -> side == Side.DOWN ? chanceDown(value) : Rounding.chance(value);
            case TIMES -> digits(value, 1, side);
            case TIME -> digits(value, 1, side) + " s";
            case MINUTES -> digits(value, 0, side) + " min";
            default -> units == Units.METRIC ? metric(dimension, value, side) : feet(dimension, value, side);
        };
    }

    /** A limit in percent, never rounded to nothing. */
    private static String chanceDown(double chance) {
        double percent = 100 * chance;
        int digits = percent >= 1 - 1e-9 ? 0 : percent >= 0.1 - 1e-9 ? 1 : 2;
        return digits(percent, digits, Side.NEAREST) + " %";
    }

    private String metric(Dimension dimension, double value, Side side) {
        return switch (dimension) {
            case LENGTH -> digits(value, 1, side) + " m";
            case DISTANCE -> digits(value, 0, side) + " m";
            case DIAMETER -> digits(100 * value, 1, side) + " cm";
            case HEIGHT -> digits(value, 2, side) + " m";
            case WRITTEN -> figure(Math.rint(value * KILO) / KILO) + " m";
            case SHORT -> digits(1000 * value, 0, side) + " mm";
            case SAWN -> digits(1000 * sawn(value, side, SAWN_M), 0, Side.NEAREST) + " mm";
            case REACH -> digits(100 * value, 0, side) + " cm";
            case SPEED -> digits(value, 1, side) + " m/s";
            case PULL -> digits(value / 1000, 1, side) + " kN (" + kilos(value, side) + " kg" + onTheRope + ")";
            case FORCE -> digits(value / 1000, 1, side) + " kN";
            case MOMENT -> digits(value / 1000, 1, side) + " kN m";
            case MASS -> value < TONNE_KG ? digits(value, 0, side) + " kg" : digits(value / TONNE_KG, 1, side) + " t";
            default -> throw new IllegalStateException(dimension + " is the same in all units");
        };
    }

    /** Whole steps; nobody saws to a millimetre, so that one so little off a step stays on it. */
    private static double sawn(double metres, Side side, double stepM) {
        double off = side == Side.UP ? -STAYS_M : side == Side.DOWN ? STAYS_M : 0;
        return 0.0 + stepM * rounded((metres + off) / stepM, 0, side);
    }

    /** @return a need of what there is, with as many digits as it takes not to contradict the comparison */
    String pair(Gauge g, Dimension dimension) {
        return switch (dimension) {
            case PULL ->
                units == Units.METRIC
                        ? pair(g, KILO) + " kN (" + kilos(g.need(), Side.UP) + of + kilos(g.have(), Side.DOWN) + " kg)"
                        : pair(g, LBF_N) + " lb";
            case FORCE -> units == Units.METRIC ? pair(g, KILO) + " kN" : pair(g, LBF_N) + " lb";
            case SHORT ->
                units == Units.METRIC
                        ? pair(g, 1 / KILO) + " mm"
                        : inches(g.need() / INCH_M, 0.125, Side.UP) + of + inches(g.have() / INCH_M, 0.125, Side.DOWN);
            default -> throw new IllegalArgumentException(dimension + " is no need of what there is");
        };
    }

    private String pair(Gauge g, double unit) {
        Gauge in = Gauge.of(g.need() / unit, g.have() / unit);
        return digits(in.need(), in.digits(), Side.UP) + of + digits(in.have(), in.digits(), Side.DOWN);
    }

    /** @return a number as it was written, without what is not needed of it */
    static String figure(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static String kilos(double newton, Side side) {
        return digits(side == Side.DOWN ? Rounding.kgDown(newton) : Rounding.kg(newton), 0, Side.NEAREST);
    }

    private String feet(Dimension dimension, double value, Side side) {
        return switch (dimension) {
            case LENGTH -> feetInches(value, 1, side);
            case DISTANCE -> digits(value / INCH_M / FOOT_IN, 0, side) + " ft";
            case DIAMETER -> inches(value / INCH_M, 0.25, side);
            case HEIGHT, WRITTEN -> feetInches(value, 0.5, side);
            case SHORT -> inches(value / INCH_M, 0.125, side);
            case SAWN -> inches(sawn(value, side, SAWN_INCH_M) / INCH_M, 0.25, Side.NEAREST);
            case REACH -> inches(value / INCH_M, 0.5, side);
            case SPEED -> digits(value / MPH_MS, 0, side) + " mph";
            case PULL -> pounds(value / LBF_N, 10, side) + " lb" + onTheRope;
            case FORCE -> pounds(value / LBF_N, 10, side) + " lb";
            case MOMENT -> pounds(value / LBF_N / INCH_M / FOOT_IN, 10, side) + " ft lb";
            case MASS -> pounds(value / LB_KG, 5, side) + " lb";
            default -> throw new IllegalStateException(dimension + " is the same in all units");
        };
    }

    private static String pounds(double pounds, double step, Side side) {
        return digits(step * rounded(pounds / step, 0, side), 0, Side.NEAREST);
    }

    private static String feetInches(double metres, double step, Side side) {
        double all = step * rounded(Math.abs(metres) / INCH_M / step, 0, metres < 0 ? other(side) : side);
        String feet = digits(Math.floor(all / FOOT_IN), 0, Side.NEAREST);
        double rest = all - FOOT_IN * Math.floor(all / FOOT_IN);
        String sign = metres < 0 && all > 0 ? "-" : "";
        return sign
                + (all < FOOT_IN
                        ? inches(all, step, Side.NEAREST)
                        : rest == 0 ? feet + " ft" : feet + " ft " + inches(rest, step, Side.NEAREST));
    }

    private static Side other(Side side) {
        return side == Side.UP ? Side.DOWN : side == Side.DOWN ? Side.UP : side;
    }

    /** Whole inches with a fraction as on a tape. */
    private static String inches(double inches, double step, Side side) {
        double shown = step * rounded(inches / step, 0, side);
        double whole = Math.floor(shown + 1e-9);
        long eighths = Math.round((shown - whole) * 8);
        String fraction =
                switch ((int) eighths) {
                    case 1 -> "1/8";
                    case 2 -> "1/4";
                    case 3 -> "3/8";
                    case 4 -> "1/2";
                    case 5 -> "5/8";
                    case 6 -> "3/4";
                    case 7 -> "7/8";
                    default -> "";
                };
        String number = digits(whole, 0, Side.NEAREST);
        return (fraction.isEmpty() ? number : whole == 0 ? fraction : number + " " + fraction) + " in";
    }

    private static String digits(double value, int decimals, Side side) {
        double shown = rounded(value, decimals, side);
        double steps = Math.rint(shown * Math.pow(10, decimals));
        // each screen says hundreds: a formatter's pattern for each of them took an eighth of an answer
        return Math.abs(steps) < MOST_STEPS
                ? BigDecimal.valueOf((long) steps, decimals).toPlainString()
                : String.format(Locale.ROOT, "%." + decimals + "f", shown + 0.0);
    }

    private static double rounded(double value, int decimals, Side side) {
        return switch (side) {
            case UP -> Rounding.up(value, decimals);
            case DOWN -> Rounding.down(value, decimals);
            case NEAREST -> Math.rint(value * Math.pow(10, decimals)) / Math.pow(10, decimals);
        };
    }
}
