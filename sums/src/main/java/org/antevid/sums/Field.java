package org.antevid.sums;

import java.util.List;
import java.util.Optional;
import org.antevid.words.Units;

/**
 * One input of a sum as the open interface names it (snake case with the unit).
 *
 * @param low hard range, refused outside
 * @param usualLow usual range, warned outside
 * @param standard the default; empty with {@code required} false means "not given"
 * @param choices keys of a choice, empty for a number
 */
public record Field(
        String name,
        String unit,
        Kind kind,
        boolean required,
        double low,
        double high,
        double usualLow,
        double usualHigh,
        Optional<Object> standard,
        List<String> choices) {
    /** What is written into the field. */
    public enum Kind {
        NUMBER,
        CHOICE,
        FLAG,
        LIST
    }

    static Field need(String name, String unit, double low, double high) {
        return new Field(name, unit, Kind.NUMBER, true, low, high, low, high, Optional.empty(), List.of());
    }

    static Field with(String name, String unit, double low, double high, double standard) {
        return new Field(name, unit, Kind.NUMBER, false, low, high, low, high, Optional.of(standard), List.of());
    }

    static Field maybe(String name, String unit, double low, double high) {
        return new Field(name, unit, Kind.NUMBER, false, low, high, low, high, Optional.empty(), List.of());
    }

    static Field choice(String name, String standard, List<String> choices) {
        return new Field(name, "", Kind.CHOICE, false, 0, 0, 0, 0, Optional.of(standard), List.copyOf(choices));
    }

    static Field flag(String name) {
        return new Field(name, "", Kind.FLAG, false, 0, 0, 0, 0, Optional.of(false), List.of());
    }

    static Field list(String name) {
        return new Field(name, "", Kind.LIST, false, 0, 0, 0, 0, Optional.of(List.of()), List.of());
    }

    /** @return the name as it is read: without its unit, words apart */
    public String words() {
        return Unit.coded(unit).words(name);
    }

    /** @return what its number is read and written in */
    public Unit.Scale scale(Units units) {
        return Unit.coded(unit).read(units, Math.max(Math.abs(usualLow), Math.abs(usualHigh)));
    }

    /** @return the low end of what is slid over: the usual range, as far as an ordinary tree goes; more is typed */
    public double handyLow() {
        return Math.max(usualLow, -Unit.coded(unit).ofATree());
    }

    public double handyHigh() {
        return Math.min(usualHigh, Math.max(Unit.coded(unit).ofATree(), handyLow()));
    }

    /** @return whether it is a number with a range it can be moved over */
    public boolean moves() {
        return kind == Kind.NUMBER && usualHigh > usualLow;
    }

    Field usual(double from, double to) {
        return new Field(name, unit, kind, required, low, high, from, to, standard, choices);
    }
}
