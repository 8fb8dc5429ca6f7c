package org.antevid.sums;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.words.Units;
import org.jspecify.annotations.Nullable;

/**
 * An answer as somebody reads it: every result a row, in their units, to four digits. It is as it was computed, to the
 * nearest; what is sawn, stood at or pulled is rounded to its safe side where it is planned.
 *
 * @param main name of the number the sum is about
 * @param spread name of its standard deviation, in the same unit, where the sum has one
 */
public record AnswerTable(Optional<String> main, Optional<String> spread, List<Row> rows, List<String> warnings) {
    private static final MathContext DIGITS = new MathContext(4);
    private static final Set<String> ENVELOPE = Set.of("ok", "errors", "warnings");
    private static final String UNUSUAL = "UNUSUAL:";

    /**
     * @param name as the open interface has it
     * @param shown the value alone; empty where rows beneath it say it
     * @param unit empty for what has none
     * @param depth how many rows it stands beneath
     */
    public record Row(String name, String words, Optional<String> shown, String unit, int depth) {}

    static AnswerTable of(Map<String, @Nullable Object> answer, Optional<String> main, Units units) {
        List<Row> rows = new ArrayList<>();
        answer.forEach((name, value) -> {
            if (!ENVELOPE.contains(name)) {
                add(rows, name, Unit.ending(name).words(name), value, Unit.ending(name), units, 0);
            }
        });
        List<?> warned = answer.get("warnings") instanceof List<?> w ? w : List.of();
        return new AnswerTable(
                main,
                main.map(m -> Unit.ending(m).suffixed("sigma")).filter(s -> answer.get(s) instanceof Number),
                List.copyOf(rows),
                warned.stream().map(String::valueOf).map(AnswerTable::warning).toList());
    }

    private static String warning(String code) {
        return code.startsWith(UNUSUAL)
                ? Unit.ending(code).words(code.substring(UNUSUAL.length())) + " is unusual"
                : words(code);
    }

    private static String words(String key) {
        return key.replace('_', ' ').toLowerCase(Locale.ROOT);
    }

    private static void add(
            List<Row> rows, String name, String words, @Nullable Object value, Unit unit, Units units, int depth) {
        if (value instanceof Map<?, ?> map) {
            rows.add(new Row(name, words, Optional.empty(), "", depth));
            map.forEach((k, v) -> {
                String key = String.valueOf(k);
                Unit of = Unit.ending(key);
                add(rows, key, of.words(key), v, of, units, depth + 1);
            });
        } else if (value instanceof List<?> list && list.stream().anyMatch(AnswerTable::isNested)) {
            rows.add(new Row(name, words, Optional.empty(), "", depth));
            for (int i = 0; i < list.size(); i++) {
                add(rows, name, String.valueOf(i + 1), list.get(i), unit, units, depth + 1);
            }
        } else {
            Unit.Scale scale = unit.read(units, size(value));
            rows.add(new Row(name, words, Optional.of(said(value, scale)), isNumber(value) ? scale.unit() : "", depth));
        }
    }

    private static boolean isNested(@Nullable Object v) {
        return v instanceof Map || v instanceof List;
    }

    private static boolean isNumber(@Nullable Object v) {
        return v instanceof Number
                || v instanceof List<?> list && !list.isEmpty() && list.stream().allMatch(Number.class::isInstance);
    }

    private static double size(@Nullable Object v) {
        return v instanceof Number n
                ? Math.abs(n.doubleValue())
                : v instanceof List<?> list
                        ? list.stream().mapToDouble(AnswerTable::size).max().orElse(0)
                        : 0;
    }

    private static String said(@Nullable Object value, Unit.Scale scale) {
        if (value == null) {
            return "not known";
        }
        if (value instanceof Number n) {
            return digits(n.doubleValue() * scale.per());
        }
        if (value instanceof Boolean b) {
            return b ? "yes" : "no";
        }
        if (value instanceof List<?> list) {
            return list.isEmpty()
                    ? "none"
                    : list.stream().map(v -> said(v, scale)).collect(Collectors.joining(", "));
        }
        return words(String.valueOf(value));
    }

    /** @return four digits, without an exponent */
    static String digits(double value) {
        return Double.isFinite(value)
                ? BigDecimal.valueOf(value).round(DIGITS).stripTrailingZeros().toPlainString()
                : String.valueOf(value);
    }
}
