package org.antevid.sums;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
    private final Map<String, Object> values;
    private final List<String> warnings;

    private Input(Map<String, Object> values, List<String> warnings) {
        this.values = values;
        this.warnings = warnings;
    }

    /** @throws RefusedInput with one fault for each field at fault, in the order of the fields */
    static Input read(List<Field> fields, Map<String, ?> raw) {
        return read(fields, raw, "");
    }

    static Input read(List<Field> fields, Map<String, ?> raw, String prefix) {
        Map<String, Object> values = new HashMap<>();
        List<Fault> faults = new ArrayList<>();
        List<String> warnings = new ArrayList<>();
        faults.addAll(unknown(raw, fields.stream().map(Field::name).toList(), prefix));
        for (Field f : fields) {
            Object given = raw.get(f.name());
            if (given == null) {
                if (f.required()) {
                    faults.add(new Fault(
                            Message.of(Refusal.NEEDED_IN_UNIT).with("unit", Arg.name(f.unit())), prefix + f.name()));
                }
                f.standard().ifPresent(s -> values.put(f.name(), s));
                continue;
            }
            Optional<Fault> fault =
                    switch (f.kind()) {
                        case NUMBER -> number(f, given, prefix, warnings);
                        case CHOICE ->
                            f.choices().contains(given)
                                    ? Optional.empty()
                                    : Optional.of(new Fault(
                                            Message.of(Refusal.NOT_AMONG).with("choices", Arg.names(f.choices())),
                                            prefix + f.name()));
                        case FLAG ->
                            given instanceof Boolean
                                    ? Optional.empty()
                                    : Optional.of(new Fault(Refusal.NO_FLAG, prefix + f.name()));
                        case LIST ->
                            given instanceof List
                                    ? Optional.empty()
                                    : Optional.of(new Fault(Refusal.NO_LIST, prefix + f.name()));
                    };
            fault.ifPresentOrElse(faults::add, () -> values.put(f.name(), given));
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        return new Input(values, warnings);
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

    private static Optional<Fault> number(Field f, Object given, String prefix, List<String> warnings) {
        if (!(given instanceof Number n) || !Double.isFinite(n.doubleValue())) {
            return Optional.of(new Fault(
                    Message.of(Refusal.NO_NUMBER_IN_UNIT).with("unit", Arg.name(f.unit())), prefix + f.name()));
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
                    prefix + f.name()));
        }
        if (v < f.usualLow() || v > f.usualHigh()) {
            warnings.add("UNUSUAL:" + prefix + f.name());
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

    boolean flag(String name) {
        return (Boolean) Require.present(values, name);
    }

    <E extends Enum<E>> E choice(Class<E> type, String name) {
        return Enum.valueOf(type, ((String) Require.present(values, name)).toUpperCase(Locale.ROOT));
    }

    String text(String name) {
        return (String) Require.present(values, name);
    }

    List<?> list(String name) {
        return (List<?>) Require.present(values, name);
    }

    List<String> warnings() {
        return warnings;
    }
}
