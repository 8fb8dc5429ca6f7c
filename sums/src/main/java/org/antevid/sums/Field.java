package org.antevid.sums;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.words.Units;

/**
 * One input of a sum as the open interface names it (snake case with the unit).
 *
 * @param low hard range, refused outside
 * @param usualLow usual range, warned outside
 * @param standard the default; empty with {@code required} false means "not given"
 * @param choices keys of a choice, empty for a number
 * @param of the fields of each entry of a list, or of a group; empty for a plain list
 * @param entries how many entries a list of such may have; empty for any number
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
        List<String> choices,
        List<Field> of,
        Optional<Entries> entries) {
    /** What is written into the field. */
    public enum Kind {
        NUMBER,
        CHOICE,
        FLAG,
        TEXT,
        /** several of the same */
        LIST,
        /** several numbers */
        NUMBERS,
        /** several pairs of numbers */
        PAIRS,
        /** a few fields that belong together, given or not as a whole */
        GROUP,
        /** a whole number */
        WHOLE,
        /** whole numbers by a name that is free */
        COUNTS,
        /** groups by a name that is free */
        NAMED
    }

    /** @param one the entry is refused as a whole, not field by field */
    record Entries(int least, int most, boolean one, boolean strict) {
        Entries(int least, int most, boolean one) {
            this(least, most, one, false);
        }
    }

    /** @return whether each kind of fault has its own label, and what is unusual in a row is told */
    boolean strict() {
        return entries.filter(Entries::strict).isPresent();
    }

    private Field strictly(boolean needed, int least, int most, List<Field> fields) {
        return new Field(
                name,
                unit,
                kind,
                needed,
                low,
                high,
                usualLow,
                usualHigh,
                standard,
                choices,
                fields,
                Optional.of(new Entries(least, most, false, true)));
    }

    /** Rows, each with these fields; none where they may be left out and are. */
    static Field rows(String name, int least, int most, List<Field> of) {
        return list(name).strictly(least > 0, least, most, of);
    }

    /** The same, which may be left out, and then they are not known. */
    static Field maybeRows(String name, int least, int most, List<Field> of) {
        return plain(name, Kind.LIST, false, Optional.empty(), List.of()).strictly(false, least, most, of);
    }

    static Field numberRows(String name, String unit, int least, int most, double low, double high) {
        return new Field(name, unit, Kind.NUMBERS, false, low, high, low, high, Optional.of(List.of()), List.of())
                .strictly(least > 0, least, most, List.of());
    }

    /** A name of 1 to 80 characters. */
    static Field label(String name) {
        return needText(name).strictly(true, 1, 80, List.of());
    }

    static Field maybeLabel(String name) {
        return maybeText(name).strictly(false, 1, 80, List.of());
    }

    /** A whole number; a fraction is none. */
    static Field number(String name, int low, int high) {
        return maybeWhole(name, "", low, high).strictly(true, 0, 0, List.of());
    }

    static Field number(String name, int low, int high, int standard) {
        return whole(name, "", low, high, standard).strictly(false, 0, 0, List.of());
    }

    /** Yes, no, or not answered. */
    static Field maybeFlag(String name) {
        return plain(name, Kind.FLAG, false, Optional.empty(), List.of());
    }

    static Field needFlag(String name) {
        return plain(name, Kind.FLAG, true, Optional.empty(), List.of());
    }

    private Field(
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
        this(
                name,
                unit,
                kind,
                required,
                low,
                high,
                usualLow,
                usualHigh,
                standard,
                choices,
                List.of(),
                Optional.empty());
    }

    private static Field plain(
            String name, Kind kind, boolean required, Optional<Object> standard, List<String> choices) {
        return new Field(name, "", kind, required, 0, 0, 0, 0, standard, choices);
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
        return plain(name, Kind.CHOICE, false, Optional.of(standard), List.copyOf(choices));
    }

    static Field needChoice(String name, List<String> choices) {
        return plain(name, Kind.CHOICE, true, Optional.empty(), List.copyOf(choices));
    }

    static Field maybeChoice(String name, List<String> choices) {
        return plain(name, Kind.CHOICE, false, Optional.empty(), List.copyOf(choices));
    }

    static Field flag(String name) {
        return flag(name, false);
    }

    static Field flag(String name, boolean standard) {
        return plain(name, Kind.FLAG, false, Optional.of(standard), List.of());
    }

    static Field needText(String name) {
        return plain(name, Kind.TEXT, true, Optional.empty(), List.of());
    }

    static Field maybeText(String name) {
        return plain(name, Kind.TEXT, false, Optional.empty(), List.of());
    }

    static Field list(String name) {
        return plain(name, Kind.LIST, false, Optional.of(List.of()), List.of());
    }

    static Field numbers(String name) {
        return plain(name, Kind.NUMBERS, false, Optional.of(List.of()), List.of());
    }

    static Field pairs(String name) {
        return plain(name, Kind.PAIRS, false, Optional.of(List.of()), List.of());
    }

    /** @param least of them; below it the field is missing */
    static Field entries(String name, int least, int most, List<Field> of) {
        return list(name).with(of, new Entries(least, most, false));
    }

    /** The same, each entry refused as a whole. */
    static Field wholeEntries(String name, int least, int most, List<Field> of) {
        return list(name).with(of, new Entries(least, most, true));
    }

    /** The same, and it has to be there, if only empty. */
    static Field needEntries(String name, int most, List<Field> of) {
        Field f = entries(name, 0, most, of);
        return new Field(
                f.name,
                f.unit,
                f.kind,
                true,
                f.low,
                f.high,
                f.usualLow,
                f.usualHigh,
                Optional.empty(),
                f.choices,
                of,
                f.entries);
    }

    static Field whole(String name, String unit, int low, int high, int standard) {
        return new Field(
                name, unit, Kind.WHOLE, false, low, high, low, high, Optional.of((double) standard), List.of());
    }

    static Field maybeWhole(String name, String unit, int low, int high) {
        return new Field(name, unit, Kind.WHOLE, false, low, high, low, high, Optional.empty(), List.of());
    }

    /** @param most of each, from 0 on */
    static Field counts(String name, int most) {
        return new Field(name, "", Kind.COUNTS, false, 0, most, 0, most, Optional.of(Map.of()), List.of());
    }

    /** Groups of these fields, each under a name that is free. */
    static Field named(String name, List<Field> of) {
        Field f = group(name, of);
        return new Field(f.name, f.unit, Kind.NAMED, false, 0, 0, 0, 0, f.standard, f.choices, of, Optional.empty());
    }

    static Field group(String name, List<Field> of) {
        Field f = plain(name, Kind.GROUP, false, Optional.empty(), List.of());
        return new Field(f.name, f.unit, f.kind, false, 0, 0, 0, 0, f.standard, f.choices, of, Optional.empty());
    }

    private Field with(List<Field> fields, Entries howMany) {
        return new Field(
                name, unit, kind, howMany.least > 0, 0, 0, 0, 0, standard, choices, fields, Optional.of(howMany));
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
        return new Field(name, unit, kind, required, low, high, from, to, standard, choices, of, entries);
    }
}
