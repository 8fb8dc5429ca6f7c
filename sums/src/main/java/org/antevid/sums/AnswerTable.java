package org.antevid.sums;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.words.SumWords;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.jspecify.annotations.Nullable;

/**
 * An answer as somebody reads it: every result a row, in their units, to four digits. It is as it was computed, to the
 * nearest; what is sawn, stood at or pulled is rounded to its safe side where it is planned.
 *
 * @param main name of the number the sum is about
 * @param plusMinus its standard deviation as it is said beside it, rounded up, in its unit, where the sum has one
 */
public record AnswerTable(Optional<String> main, Optional<String> plusMinus, List<Row> rows, List<String> warnings) {
    private static final MathContext DIGITS = new MathContext(4);
    private static final MathContext UNCERTAIN = new MathContext(2, RoundingMode.UP);
    private static final Set<String> ENVELOPE = Set.of("ok", "errors", "warnings");
    private static final String UNUSUAL = "UNUSUAL:";
    private static final int LONGEST_LABEL = 3;

    /**
     * @param name as the open interface has it
     * @param shown the value alone; empty where rows beneath it say it
     * @param unit empty for what has none
     * @param depth how many rows it stands beneath
     */
    public record Row(String name, String words, Optional<String> shown, String unit, int depth) {}

    static AnswerTable of(Map<String, @Nullable Object> answer, Optional<String> main, Words words) {
        Writer writer = new Writer(words);
        answer.forEach((name, value) -> {
            if (!ENVELOPE.contains(name)) {
                writer.add(name, value, 0);
            }
        });
        List<?> warned = answer.get("warnings") instanceof List<?> w ? w : List.of();
        return new AnswerTable(
                main,
                main.flatMap(m -> plusMinus(answer, m, words.manner().units())),
                List.copyOf(writer.rows),
                warned.stream().map(String::valueOf).map(writer::warning).toList());
    }

    /** Writes rows in the words and units of one reader. */
    private static final class Writer {
        private final Words words;
        private final List<Row> rows = new ArrayList<>();

        Writer(Words words) {
            this.words = words;
        }

        String warning(String code) {
            return code.startsWith(UNUSUAL)
                    ? words.say(Message.of(SumWords.UNUSUAL)
                            .with("field", Arg.name(named(code.substring(UNUSUAL.length())))))
                    : apart(code);
        }

        void add(String name, @Nullable Object value, int depth) {
            add(name, named(name), value, depth);
        }

        private void add(String name, String label, @Nullable Object value, int depth) {
            if (value instanceof Map<?, ?> map) {
                rows.add(new Row(name, label, Optional.empty(), "", depth));
                map.forEach((k, v) -> add(String.valueOf(k), v, depth + 1));
            } else if (value instanceof List<?> list && list.stream().anyMatch(AnswerTable::isNested)) {
                rows.add(new Row(name, label, Optional.empty(), "", depth));
                for (int i = 0; i < list.size(); i++) {
                    add(name, String.valueOf(i + 1), list.get(i), depth + 1);
                }
            } else {
                Unit.Scale scale = Unit.ending(name).read(words.manner().units(), size(value));
                rows.add(new Row(
                        name, label, Optional.of(shown(value, scale)), isNumber(value) ? scale.unit() : "", depth));
            }
        }

        private String shown(@Nullable Object value, Unit.Scale scale) {
            if (value == null) {
                return word(SumWords.NOT_KNOWN);
            }
            if (value instanceof Number n) {
                return digits(n.doubleValue() * scale.per());
            }
            if (value instanceof Boolean b) {
                return word(b ? SumWords.YES : SumWords.NO);
            }
            if (value instanceof List<?> list) {
                return list.isEmpty()
                        ? word(SumWords.NONE)
                        : list.stream().map(v -> shown(v, scale)).collect(Collectors.joining(", "));
            }
            return apart(String.valueOf(value));
        }

        private String word(SumWords code) {
            return words.say(Message.of(code));
        }
    }

    private static Optional<String> plusMinus(Map<String, @Nullable Object> answer, String main, Units units) {
        Unit unit = Unit.ending(main);
        if (!(answer.get(unit.suffixed("sigma")) instanceof Number sigma)) {
            return Optional.empty();
        }
        Unit.Scale scale = unit.read(units, size(answer.get(main)));
        BigDecimal up = BigDecimal.valueOf(sigma.doubleValue() * scale.per()).round(UNCERTAIN);
        return Optional.of((up.stripTrailingZeros().toPlainString() + " " + scale.unit()).strip());
    }

    /** A name of the open interface as it is read: without its unit, words apart. */
    private static String named(String name) {
        return Unit.ending(name).words(name);
    }

    /** Codes are read in small letters, words apart; names of people and labels of stems as somebody gave them. */
    private static String apart(String key) {
        boolean code = key.indexOf('_') >= 0
                || key.indexOf(':') >= 0
                || key.length() > LONGEST_LABEL && key.equals(key.toUpperCase(Locale.ROOT));
        return code ? key.replace('_', ' ').replace(":", ": ").toLowerCase(Locale.ROOT) : key;
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

    /** @return four digits, without an exponent */
    static String digits(double value) {
        return Double.isFinite(value)
                ? BigDecimal.valueOf(value).round(DIGITS).stripTrailingZeros().toPlainString()
                : String.valueOf(value);
    }
}
