package org.antevid.app.trace;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Collectors;

/**
 * The words that documents of the first schema have where later ones have codes. They stand as they were then, whatever
 * the catalogue says today.
 */
public final class FirstWords {
    private static final Map<String, String> CONSTANTS = read();

    private FirstWords() {}

    /** @return the constant that was written by this word, by its name */
    public static Optional<String> constant(String type, String word) {
        return Optional.ofNullable(CONSTANTS.get(type + "." + word.replace('’', '\'')));
    }

    private static Map<String, String> read() {
        Properties lines = new Properties();
        try (InputStream in = FirstWords.class.getResourceAsStream("/stored/words-1.properties")) {
            lines.load(new InputStreamReader(Objects.requireNonNull(in), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return lines.entrySet().stream()
                .collect(Collectors.toMap(
                        e -> type(e.getKey()) + "." + e.getValue(), e -> constant(e.getKey()), (a, b) -> a));
    }

    private static String type(Object key) {
        String k = String.valueOf(key);
        return k.substring(0, k.lastIndexOf('.'));
    }

    private static String constant(Object key) {
        String k = String.valueOf(key);
        return k.substring(k.lastIndexOf('.') + 1);
    }
}
