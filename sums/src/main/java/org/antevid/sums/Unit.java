package org.antevid.sums;

import static org.antevid.words.Imperial.FOOT_M;
import static org.antevid.words.Imperial.INCH_M;
import static org.antevid.words.Imperial.LBF_N;
import static org.antevid.words.Imperial.LB_KG;
import static org.antevid.words.Imperial.MPH_MS;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import org.antevid.words.Units;

/** The units of the open interface, and what somebody reads them in. Numbers are exchanged in the unit itself. */
public enum Unit {
    NONE("", ""),
    METRE("m", "m"),
    MILLIMETRE("mm", "mm"),
    SQUARE_METRE("m2", "m2"),
    CUBIC_METRE("m3", "m3"),
    DEGREE("deg", "deg"),
    DEGREE_SIGN("°", "deg"),
    DEGREE_OR_PERCENT("deg or %", ""),
    SECOND("s", "s"),
    SPEED("m/s", "ms"),
    KILOGRAM("kg", "kg"),
    DENSITY("kg/m3", "kgm3"),
    INERTIA("kg m2", "kgm2"),
    NEWTON("N", "N"),
    NEWTON_METRE("N m", "Nm"),
    MOMENT_TIME("N m s2", "Nms2"),
    PRESSURE("MPa", "MPa"),
    GROUND_PRESSURE("kPa", "kPa"),
    STIFFNESS("GPa", "GPa"),
    SPRING("N/m", "n_m"),
    VOLT("V", "v"),
    CENTIMETRE("cm", "cm"),
    PERCENT("%", "pct"),
    TURNS("1/min", "rpm"),
    PER_SQUARE_SECOND("1/s2", "s2");

    /** Lengths up to this many metres are said in millimetres or inches. */
    private static final double SHORT_M = 0.5;

    private static final double KILO = 1000;
    private static final double MEGA = 1e6;
    private static final double PSI_MPA = LBF_N / INCH_M / INCH_M / MEGA;
    private final String code;
    private final String suffix;

    Unit(String code, String suffix) {
        this.code = code;
        this.suffix = suffix;
    }

    /**
     * A unit as a reader has it.
     *
     * @param unit as it is written after the number
     * @param per how many of it are one of the unit it stands for
     */
    public record Scale(String unit, double per) {}

    /** @throws IllegalArgumentException for a unit no field has */
    static Unit coded(String code) {
        return Arrays.stream(values())
                .filter(u -> u.code.equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no unit " + code));
    }

    /** @return the unit a name of the open interface ends with; {@link #NONE} for a share, a count, a class */
    static Unit ending(String name) {
        return Arrays.stream(values())
                .filter(u -> u.ends(name))
                .max(Comparator.comparingInt(u -> u.suffix.length()))
                .orElse(NONE);
    }

    /** Newer sums write their units small. */
    private boolean ends(String name) {
        return !suffix.isEmpty()
                && (name.endsWith("_" + suffix) || name.endsWith("_" + suffix.toLowerCase(Locale.ROOT)));
    }

    /** @return the name as it is read: without this unit, words apart */
    String words(String name) {
        return PlainNames.of(ends(name) ? name.substring(0, name.length() - suffix.length() - 1) : name);
    }

    /** @return how far an ordinary tree goes in this unit; endless where a field says its range well enough itself */
    double ofATree() {
        return switch (this) {
            case METRE -> 40;
            case KILOGRAM -> 6000;
            case NEWTON -> 50_000;
            case NEWTON_METRE -> 100_000;
            default -> Double.POSITIVE_INFINITY;
        };
    }

    /** @return a name of the open interface that ends with this unit */
    String suffixed(String name) {
        return suffix.isEmpty() ? name : name + "_" + suffix;
    }

    /** @param size the largest number that is said in it, in this unit: what is small is said small */
    public Scale read(Units units, double size) {
        return units == Units.METRIC ? metric(size) : feet(size);
    }

    private Scale metric(double size) {
        boolean thousands = size >= KILO;
        return switch (this) {
            case METRE -> size > 0 && size <= SHORT_M ? new Scale("mm", KILO) : new Scale("m", 1);
            case NEWTON -> thousands ? new Scale("kN", 1 / KILO) : new Scale("N", 1);
            case NEWTON_METRE -> thousands ? new Scale("kN m", 1 / KILO) : new Scale("N m", 1);
            case SQUARE_METRE -> new Scale("m²", 1);
            case CUBIC_METRE -> new Scale("m³", 1);
            case DENSITY -> new Scale("kg/m³", 1);
            case INERTIA -> new Scale("kg m²", 1);
            case DEGREE, DEGREE_SIGN -> new Scale("°", 1);
            default -> new Scale(code, 1);
        };
    }

    private Scale feet(double size) {
        return switch (this) {
            case METRE -> size > 0 && size <= SHORT_M ? new Scale("in", 1 / INCH_M) : new Scale("ft", 1 / FOOT_M);
            case MILLIMETRE -> new Scale("in", 1 / INCH_M / KILO);
            case SQUARE_METRE -> new Scale("ft²", 1 / FOOT_M / FOOT_M);
            case CUBIC_METRE -> new Scale("ft³", 1 / FOOT_M / FOOT_M / FOOT_M);
            case SPEED -> new Scale("mph", 1 / MPH_MS);
            case KILOGRAM -> new Scale("lb", 1 / LB_KG);
            case DENSITY -> new Scale("lb/ft³", FOOT_M * FOOT_M * FOOT_M / LB_KG);
            case INERTIA -> new Scale("lb ft²", 1 / LB_KG / FOOT_M / FOOT_M);
            case NEWTON -> new Scale("lb", 1 / LBF_N);
            case NEWTON_METRE -> new Scale("ft lb", 1 / LBF_N / FOOT_M);
            case PRESSURE -> new Scale("psi", 1 / PSI_MPA);
            default -> metric(size);
        };
    }
}
