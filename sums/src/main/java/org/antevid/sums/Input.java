package org.antevid.sums;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.jspecify.annotations.Nullable;

/**
 * Raw input checked against its fields: every fault is found before anything is computed, unusual values are warned of.
 */
public final class Input {
    private static final int LONGEST_NAME = 80;
    private final Map<String, Object> values;
    private final List<String> unusual;
    private final Set<String> written = new HashSet<>();

    private Input(Map<String, Object> values, List<String> unusual) {
        this.values = values;
        this.unusual = unusual;
    }

    /**
     * What could be read, and what is wrong with the rest.
     *
     * @param read holds the fields that are right; what rests on another is not asked of it
     */
    record Reading(Input read, List<Fault> faults) {
        Input whole() {
            if (!faults.isEmpty()) {
                throw new RefusedInput(faults);
            }
            return read;
        }
    }

    /** @throws RefusedInput with one fault for each field at fault, in the order of the fields */
    static Input read(List<Field> fields, Map<String, ?> raw) {
        return read(fields, raw, "");
    }

    static Input read(List<Field> fields, Map<String, ?> raw, String prefix) {
        return reading(fields, raw, prefix).whole();
    }

    static Reading reading(List<Field> fields, Map<?, ?> raw, String prefix) {
        Input in = new Input(new HashMap<>(), new ArrayList<>());
        List<Fault> faults =
                new ArrayList<>(unknown(raw, fields.stream().map(Field::name).toList(), prefix));
        for (Field f : fields) {
            Object given = raw.get(f.name());
            if (given == null) {
                in.missing(f, prefix).ifPresent(faults::add);
            } else {
                in.written.add(f.name());
                List<Fault> wrong = in.take(f, given, prefix);
                faults.addAll(wrong);
                if (wrong.isEmpty() && !in.values.containsKey(f.name())) {
                    in.values.put(f.name(), given);
                }
            }
        }
        return new Reading(in, faults);
    }

    private Optional<Fault> missing(Field f, String prefix) {
        f.standard().ifPresent(s -> values.put(f.name(), s));
        return f.required()
                ? Optional.of(new Fault(
                        f.unit().isEmpty()
                                ? Message.of(Refusal.NEEDED)
                                : Message.of(Refusal.NEEDED_IN_UNIT).with("unit", Arg.name(f.unit())),
                        prefix + f.name()))
                : Optional.empty();
    }

    /** @return what is wrong with a field that is given; what is right is kept */
    private List<Fault> take(Field f, Object given, String prefix) {
        String at = prefix + f.name();
        return switch (f.kind()) {
            case NUMBER -> number(f, given, prefix, unusual).stream().toList();
            case CHOICE ->
                wrongUnless(
                        f.choices().contains(given),
                        Message.of(Refusal.NOT_AMONG).with("choices", Arg.names(f.choices())),
                        at);
            case FLAG -> wrongUnless(given instanceof Boolean, Message.of(Refusal.NO_FLAG), at);
            case TEXT ->
                f.strict()
                        ? wrongUnless(
                                given instanceof String text && !text.isEmpty() && text.length() <= LONGEST_NAME,
                                Message.of(Refusal.NO_NAME),
                                at)
                        : wrongUnless(given instanceof String text && !text.isBlank(), Message.of(Refusal.NEEDED), at);
            case LIST -> f.entries().isPresent() ? entries(f, given, at) : plainList(given, at);
            case NUMBERS ->
                f.strict()
                        ? numbers(f, given, at)
                        : wrongUnless(
                                given instanceof List<?> l && l.stream().allMatch(Input::isNumber),
                                Message.of(Refusal.NO_LIST_OF_NUMBERS),
                                at);
            case PAIRS ->
                wrongUnless(
                        given instanceof List<?> l && l.stream().allMatch(Input::isPair),
                        Message.of(Refusal.NO_LIST_OF_NUMBERS),
                        at);
            case GROUP -> group(f, given, at);
            case WHOLE -> whole(f, given, at);
            case COUNTS -> counts(f, given, at);
            case NAMED -> named(f, given, at);
        };
    }

    private static List<Fault> whole(Field f, @Nullable Object given, String at) {
        if (!(given instanceof Number n) || !Double.isFinite(n.doubleValue())) {
            return List.of(new Fault(Message.of(Refusal.NO_NUMBER_IN_UNIT).with("unit", Arg.name(f.unit())), at));
        }
        double v = n.doubleValue();
        if (f.strict() && v != Math.rint(v)) {
            return List.of(new Fault(Message.of(Refusal.FRACTION), at));
        }
        return wrongUnless(
                v == Math.rint(v) && v >= f.low() && v <= f.high(),
                Message.of(Refusal.NO_WHOLE_NUMBER)
                        .with("low", Arg.figure(f.low()))
                        .with("high", Arg.figure(f.high())),
                at);
    }

    private static List<Fault> counts(Field f, Object given, String at) {
        if (!(given instanceof Map<?, ?> table)) {
            return List.of(new Fault(Message.of(Refusal.NO_TABLE), at));
        }
        return table.entrySet().stream()
                .sorted(Comparator.comparing(e -> String.valueOf(e.getKey())))
                .flatMap(e -> whole(f, e.getValue(), at + "." + e.getKey()).stream())
                .toList();
    }

    private List<Fault> named(Field f, Object given, String at) {
        if (!(given instanceof Map<?, ?> table)) {
            return List.of(new Fault(Message.of(Refusal.NO_TABLE), at));
        }
        Map<String, Input> read = new LinkedHashMap<>();
        List<Fault> faults = new ArrayList<>();
        table.forEach((name, entry) -> {
            Reading reading = reading(f.of(), asObject(entry), at + "." + name + ".");
            read.put(String.valueOf(name), reading.read);
            faults.addAll(reading.faults);
        });
        values.put(f.name(), read);
        return faults;
    }

    private static List<Fault> wrongUnless(boolean right, Message says, String at) {
        return right ? List.of() : List.of(new Fault(says, at));
    }

    private static List<Fault> plainList(Object given, String at) {
        return wrongUnless(given instanceof List, Message.of(Refusal.NO_LIST), at);
    }

    private static boolean isNumber(@Nullable Object raw) {
        return raw instanceof Number n && Double.isFinite(n.doubleValue());
    }

    private static boolean isPair(@Nullable Object raw) {
        return raw instanceof List<?> l && l.size() == 2 && l.stream().allMatch(Input::isNumber);
    }

    /** @return what is wrong with how many there are, each kind by its own label */
    private static List<Fault> strictly(Field f, Object given, String at) {
        Field.Entries howMany = f.entries().orElseThrow();
        if (!(given instanceof List<?> list)) {
            return List.of(new Fault(Message.of(Refusal.NO_ROWS), at));
        }
        if (list.size() < howMany.least() || list.size() > howMany.most()) {
            return List.of(
                    new Fault(Message.of(list.size() < howMany.least() ? Refusal.LIST_SHORT : Refusal.LIST_LONG), at));
        }
        return List.of();
    }

    private List<Fault> numbers(Field f, Object given, String at) {
        List<Fault> faults = new ArrayList<>(strictly(f, given, at));
        if (faults.isEmpty() && given instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                Object one = list.get(i);
                String place = at + "[" + i + "]";
                if (one == null) {
                    faults.add(
                            new Fault(Message.of(Refusal.NO_NUMBER_IN_UNIT).with("unit", Arg.name(f.unit())), place));
                } else {
                    inRange(f, one, place, unusual).ifPresent(faults::add);
                }
            }
        }
        return faults;
    }

    private List<Fault> rows(Field f, Object given, String at) {
        List<Fault> faults = new ArrayList<>(strictly(f, given, at));
        List<Input> read = new ArrayList<>();
        if (faults.isEmpty() && given instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                String row = at + "[" + i + "]";
                if (list.get(i) instanceof Map<?, ?> fields) {
                    Reading reading = reading(f.of(), fields, row + ".");
                    read.add(reading.read);
                    unusual.addAll(reading.read.unusual);
                    faults.addAll(reading.faults);
                } else {
                    faults.add(new Fault(Message.of(Refusal.NO_ROW), row));
                }
            }
            values.put(f.name(), read);
        }
        return faults;
    }

    private List<Fault> entries(Field f, Object given, String at) {
        if (f.strict()) {
            return rows(f, given, at);
        }
        Field.Entries howMany = f.entries().orElseThrow();
        if (!(given instanceof List<?> list) || list.size() > howMany.most()) {
            return List.of(new Fault(Message.of(Refusal.TOO_MANY_ENTRIES).with("most", Arg.count(howMany.most())), at));
        }
        if (list.size() < howMany.least()) {
            return List.of(new Fault(Message.of(Refusal.NEEDED), at));
        }
        List<Input> read = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            String entry = at + "[" + i + "]";
            Reading reading = reading(f.of(), asObject(list.get(i)), entry + ".");
            read.add(reading.read);
            faults.addAll(howMany.one() ? asOne(reading.faults, entry) : reading.faults);
        }
        values.put(f.name(), read);
        return faults;
    }

    private static List<Fault> asOne(List<Fault> faults, String entry) {
        List<Fault> told = new ArrayList<>(faults.stream()
                .filter(x -> x.says().code() == Refusal.UNKNOWN_FIELD)
                .toList());
        if (told.size() < faults.size()) {
            told.add(new Fault(Message.of(Refusal.BAD_PIECE), entry));
        }
        return told;
    }

    private List<Fault> group(Field f, Object given, String at) {
        Reading reading = reading(f.of(), asObject(given), at + ".");
        values.put(f.name(), reading.read);
        return reading.faults;
    }

    /** What is no object has none of the fields. */
    private static Map<?, ?> asObject(@Nullable Object raw) {
        return raw instanceof Map<?, ?> m ? m : Map.of();
    }

    /**
     * @return one fault for each name that is none of these, sorted: a mistyped name must never fall back to a default
     */
    static List<Fault> unknown(Map<?, ?> raw, List<String> names, String prefix) {
        return raw.keySet().stream()
                .map(String::valueOf)
                .filter(k -> !names.contains(k))
                .sorted()
                .map(k -> new Fault(Message.of(Refusal.UNKNOWN_FIELD).with("names", Arg.names(names)), prefix + k))
                .toList();
    }

    /** @throws RefusedInput naming every entry that is none of these names */
    static void requireKnown(Map<?, ?> raw, List<String> names, String prefix) {
        List<Fault> faults = unknown(raw, names, prefix);
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
    }

    /** @throws ClassCastException for what is no object */
    static Map<?, ?> object(@Nullable Object raw) {
        if (raw instanceof Map<?, ?> object) {
            return object;
        }
        throw new ClassCastException("no object");
    }

    private static Optional<Fault> number(Field f, Object given, String prefix, List<String> unusual) {
        return inRange(f, given, prefix + f.name(), unusual);
    }

    private static Optional<Fault> inRange(Field f, Object given, String at, List<String> unusual) {
        if (!(given instanceof Number n) || !Double.isFinite(n.doubleValue())) {
            return Optional.of(new Fault(Message.of(Refusal.NO_NUMBER_IN_UNIT).with("unit", Arg.name(f.unit())), at));
        }
        double v = n.doubleValue();
        if (v < f.low() || v > f.high()) {
            return Optional.of(new Fault(
                    Message.of(Refusal.OUT_OF_RANGE)
                            .with("is", Arg.figure(v))
                            .with("low", Arg.figure(f.low()))
                            .with("high", Arg.figure(f.high()))
                            .with(
                                    "unit",
                                    Optional.of(f.unit())
                                            .filter(u -> !u.isEmpty())
                                            .map(Arg::name)),
                    at));
        }
        if (v < f.usualLow() || v > f.usualHigh()) {
            unusual.add(at);
        }
        return Optional.empty();
    }

    double num(String name) {
        return ((Number) Require.present(values, name)).doubleValue();
    }

    /** @throws RefusedInput for a number with a fraction */
    int whole(String name) {
        double v = num(name);
        if (v != Math.rint(v)) {
            throw new RefusedInput(Refusal.NOT_WHOLE, name);
        }
        return (int) v;
    }

    Optional<Double> opt(String name) {
        return Optional.ofNullable(values.get(name)).map(v -> ((Number) v).doubleValue());
    }

    /** @return whether somebody wrote something there, right or wrong */
    boolean given(String name) {
        return written.contains(name);
    }

    boolean flag(String name) {
        return (Boolean) Require.present(values, name);
    }

    <E extends Enum<E>> E choice(Class<E> type, String name) {
        return Enum.valueOf(type, ((String) Require.present(values, name)).toUpperCase(Locale.ROOT));
    }

    String text(String name) {
        return (String) Require.present(values, name);
    }

    Optional<String> maybeText(String name) {
        return Optional.ofNullable((String) values.get(name));
    }

    <E extends Enum<E>> Optional<E> maybeChoice(Class<E> type, String name) {
        return Optional.ofNullable((String) values.get(name)).map(v -> Enum.valueOf(type, v.toUpperCase(Locale.ROOT)));
    }

    /** @return each entry of a list; what is wrong in one is not in it */
    List<Input> entries(String name) {
        return values.get(name) instanceof List<?> l
                ? l.stream()
                        .filter(Input.class::isInstance)
                        .map(Input.class::cast)
                        .toList()
                : List.of();
    }

    /** @return whole numbers by their names */
    Map<String, Integer> counts(String name) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        if (values.get(name) instanceof Map<?, ?> table) {
            table.forEach((k, v) -> counts.put(String.valueOf(k), ((Number) v).intValue()));
        }
        return counts;
    }

    /** @return groups by their names; empty where nobody gave any */
    Optional<Map<String, Input>> named(String name) {
        if (!(values.get(name) instanceof Map<?, ?> table)) {
            return Optional.empty();
        }
        Map<String, Input> groups = new LinkedHashMap<>();
        table.forEach((k, v) -> groups.put(String.valueOf(k), (Input) v));
        return Optional.of(groups);
    }

    Optional<Input> group(String name) {
        return values.get(name) instanceof Input in ? Optional.of(in) : Optional.empty();
    }

    List<Double> numbers(String name) {
        return values.get(name) instanceof List<?> l
                ? l.stream().map(v -> ((Number) v).doubleValue()).toList()
                : List.of();
    }

    List<List<Double>> pairs(String name) {
        return values.get(name) instanceof List<?> l
                ? l.stream()
                        .map(p -> ((List<?>) p)
                                .stream().map(v -> ((Number) v).doubleValue()).toList())
                        .toList()
                : List.of();
    }

    List<?> list(String name) {
        return (List<?>) Require.present(values, name);
    }

    /** @return fields that are outside what is usual */
    List<String> unusual() {
        return List.copyOf(unusual);
    }

    List<String> warnings() {
        return unusual.stream().map(f -> "UNUSUAL:" + f).toList();
    }

    /** @return yes or no; empty where nobody answered */
    Optional<Boolean> maybeFlag(String name) {
        return Optional.ofNullable((Boolean) values.get(name));
    }

    /** @return whether it was left out where its default must not be taken in silence */
    boolean assumed(String name) {
        return !written.contains(name);
    }
}
