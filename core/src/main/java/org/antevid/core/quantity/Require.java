package org.antevid.core.quantity;

import java.util.Map;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** Refusals of single values. Comparisons are written so that NaN is refused too. */
public final class Require {
    private Require() {}

    /**
     * @return {@code value}, which lies in [low, high];
     * @throws RefusedInput naming the field otherwise
     */
    public static double within(double value, double low, double high, String field) {
        if (!(value >= low && value <= high)) {
            throw new RefusedInput(
                    high == Double.MAX_VALUE
                            ? Message.of(Refusal.BELOW_LEAST)
                                    .with("is", Arg.figure(value))
                                    .with("low", Arg.figure(low))
                            : Message.of(Refusal.OUT_OF_RANGE)
                                    .with("is", Arg.figure(value))
                                    .with("low", Arg.figure(low))
                                    .with("high", Arg.figure(high)),
                    field);
        }
        return value;
    }

    /**
     * @return {@code text} without outer blanks, 1 to {@code most} characters;
     * @throws RefusedInput otherwise
     */
    public static String text(String text, int most, String field) {
        String trimmed = text == null ? "" : text.strip();
        if (trimmed.isEmpty() || trimmed.length() > most) {
            throw new RefusedInput(
                    Message.of(trimmed.isEmpty() ? Refusal.NO_TEXT : Refusal.TOO_LONG)
                            .with("most", Arg.count(most)),
                    field);
        }
        return trimmed;
    }

    /**
     * @return what stands under the key
     * @throws IllegalStateException where nothing does: the table was made for all keys that are asked for
     */
    public static <K, V> V present(Map<K, V> table, K key) {
        V value = table.get(key);
        if (value == null) {
            throw new IllegalStateException("nothing stands under " + key);
        }
        return value;
    }
}
