package org.antevid.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * The messages of one language, by key: the name of the enum with that of its constant, and after a dot what is said of
 * it. Patterns are ICU's, with named arguments.
 */
public final class Catalogue {
    /** The files of the catalogue; all that a crew member can meet. */
    static final List<String> CREW = List.of(
            "findings",
            "terms",
            "carried",
            "work",
            "refusals",
            "phone",
            "pages",
            "seeing",
            "stump",
            "base",
            "drills",
            "lessons");

    /** What the leader alone reads at the desk: English, until somebody fills it in. */
    static final List<String> DESK = List.of("desk", "tangle");

    private static final Map<Language, Catalogue> LOADED = new ConcurrentHashMap<>();
    private static final Map<Dialect, Catalogue> SAID = new ConcurrentHashMap<>();
    private static final Predicate<String> OF_REGIONAL = k -> k.startsWith(Regional.class.getSimpleName() + ".");

    /** Behind these stands text, up to the next part. */
    private static final Set<MessagePattern.Part.Type> READ_AFTER = EnumSet.of(
            MessagePattern.Part.Type.MSG_START,
            MessagePattern.Part.Type.ARG_LIMIT,
            MessagePattern.Part.Type.SKIP_SYNTAX,
            MessagePattern.Part.Type.INSERT_CHAR,
            MessagePattern.Part.Type.REPLACE_NUMBER);

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

    private record Dialect(Language language, Set<Regional> said) {}

    /** @return the catalogue in the words that the house says; names and quantities in it are left alone */
    public static Catalogue of(Language language, Set<Regional> said) {
        Catalogue usual = of(language);
        return said.isEmpty()
                ? usual
                : SAID.computeIfAbsent(new Dialect(language, EnumSet.copyOf(said)), d -> usual.exchanged(d.said));
    }

    private Catalogue exchanged(Set<Regional> said) {
        List<Regional.Exchange> exchanges = Regional.exchanges(this, said);
        Map<String, String> other = new TreeMap<>();
        patterns.forEach(
                (key, pattern) -> other.put(key, OF_REGIONAL.test(key) ? pattern : exchanged(pattern, exchanges)));
        return new Catalogue(language, Map.copyOf(other));
    }

    /** Only what is read: the names of arguments and of their choices stay. */
    private static String exchanged(String pattern, List<Regional.Exchange> exchanges) {
        MessagePattern parts = new MessagePattern(pattern);
        StringBuilder all = new StringBuilder();
        int end = 0;
        for (int i = 0; i + 1 < parts.countParts(); i++) {
            MessagePattern.Part part = parts.getPart(i);
            if (READ_AFTER.contains(part.getType())) {
                String text =
                        pattern.substring(part.getLimit(), parts.getPart(i + 1).getIndex());
                all.append(pattern, end, part.getLimit());
                for (Regional.Exchange e : exchanges) {
                    text = e.in(text);
                }
                all.append(text);
                end = parts.getPart(i + 1).getIndex();
            }
        }
        return all.append(pattern, end, pattern.length()).toString();
    }

    private static Map<String, String> read(Language language) {
        Map<String, String> all = new TreeMap<>();
        List<String> files = new ArrayList<>(CREW);
        if (language == Language.ENGLISH) {
            files.addAll(DESK);
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
        return DESK.stream()
                .flatMap(file -> read(file, Language.ENGLISH).stringPropertyNames().stream())
                .collect(Collectors.toSet());
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
