package org.antevid.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The messages of one language, by key: the name of the enum with that of its constant, and after a dot what is said of
 * it. Patterns are ICU's, with named arguments.
 */
public final class Catalogue {
    /** The files of the catalogue; all that a crew member can meet. */
    static final List<String> CREW = List.of("findings", "terms", "work", "refusals", "phone");

    /** What the leader alone reads at the desk: English, until somebody fills it in. */
    static final String DESK = "desk";

    private static final Map<Language, Catalogue> LOADED = new ConcurrentHashMap<>();
    private final Map<String, String> patterns;
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();
    private final Language language;

    private Catalogue(Language language, Map<String, String> patterns) {
        this.language = language;
        this.patterns = patterns;
    }

    public static Catalogue of(Language language) {
        return LOADED.computeIfAbsent(language, l -> new Catalogue(l, read(l)));
    }

    private static Map<String, String> read(Language language) {
        Map<String, String> all = new TreeMap<>();
        List<String> files = new ArrayList<>(CREW);
        if (language == Language.ENGLISH) {
            files.add(DESK);
        }
        for (String file : files) {
            read(file, language).forEach((k, v) -> {
                if (all.put(String.valueOf(k), String.valueOf(v)) != null) {
                    throw new IllegalStateException(k + " stands twice in the catalogue");
                }
            });
        }
        return Map.copyOf(all);
    }

    private static Properties read(String file, Language language) {
        Properties one = new Properties();
        String path = "/words/" + file + "_" + language.tag() + ".properties";
        try (InputStream in = Catalogue.class.getResourceAsStream(path)) {
            one.load(new InputStreamReader(Objects.requireNonNull(in, path), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return one;
    }

    /** @return keys that only the desk asks for */
    static Set<String> deskKeys() {
        return read(DESK, Language.ENGLISH).stringPropertyNames();
    }

    /** @return every key of this language */
    public Set<String> keys() {
        return patterns.keySet();
    }

    /** @return the pattern as it stands, empty where this language has none */
    public Optional<String> pattern(String key) {
        return Optional.ofNullable(patterns.get(key));
    }

    /** @return the names of all its arguments, those inside choices too */
    Set<String> arguments(String key) {
        MessagePattern parts = new MessagePattern(pattern(key).orElse(""));
        Set<String> names = new TreeSet<>();
        for (int i = 0; i < parts.countParts(); i++) {
            MessagePattern.Part part = parts.getPart(i);
            if (part.getType() == MessagePattern.Part.Type.ARG_NAME) {
                names.add(parts.getSubstring(part));
            }
        }
        return names;
    }

    Optional<MessageFormat> format(String key) {
        return pattern(key).map(p -> formats.computeIfAbsent(key, k -> new MessageFormat(p, language.locale())));
    }
}
