package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the screens say of their own: each part of them has its file, says all that is in it and nothing else. */
class ScreensTest {
    private static final Path WORDS = Path.of("src/main/resources/words");
    private static final Path SCREENS = Path.of("../web/src");

    private static final Pattern BOUND =
            Pattern.compile("words/([\\w-]+)_en\\.properties\\?raw.*?wordsOf\\('(\\w+)'", Pattern.DOTALL);
    private static final Pattern TAKEN = Pattern.compile("import \\{ msg } from '([^']+)'");
    private static final Pattern ASKED = Pattern.compile("\\bmsg\\(\\s*'([\\w.]+)'(, \\{)?");
    private static final Pattern NAMED = Pattern.compile("'([a-z]\\w*(?:\\.\\w+)*)'");

    /** A part of the screens: where its words are bound, its file of the catalogue, what its keys begin with. */
    record Part(Path bound, String file, String prefix) {
        @Override
        public String toString() {
            return file;
        }
    }

    private static List<Path> sources() {
        try (Stream<Path> all = Files.walk(SCREENS)) {
            return all.filter(f -> f.toString().matches(".*(?<!\\.test|\\.d)\\.tsx?"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<Part> parts() {
        return sources().stream()
                .flatMap(f -> BOUND.matcher(read(f)).results().map(m -> new Part(f, m.group(1), m.group(2))));
    }

    private static Map<String, String> patterns(Part part) {
        Properties all = new Properties();
        try (Reader in = Files.newBufferedReader(WORDS.resolve(part.file() + "_en.properties"))) {
            all.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Map<String, String> patterns = new TreeMap<>();
        all.forEach((k, v) -> patterns.put(String.valueOf(k), String.valueOf(v)));
        return patterns;
    }

    private static List<String> sourcesOf(Part part) {
        Path module = Path.of(part.bound().normalize().toString().replaceFirst("\\.ts$", ""));
        List<String> all = new ArrayList<>();
        for (Path f : sources()) {
            String source = read(f);
            boolean takes = TAKEN.matcher(source)
                    .results()
                    .map(m -> f.resolveSibling(m.group(1)).normalize())
                    .anyMatch(module::equals);
            if (takes) {
                all.add(source);
            }
        }
        return all;
    }

    @Test
    void everyFileOfTheScreensIsBound() throws IOException {
        try (Stream<Path> files = Files.list(WORDS)) {
            assertThat(files.map(f -> f.getFileName().toString())
                            .filter(f -> f.startsWith("screen-"))
                            .map(f -> f.replace("_en.properties", "")))
                    .isNotEmpty()
                    .isSubsetOf(parts().map(Part::file).toList());
        }
    }

    @ParameterizedTest
    @MethodSource("parts")
    void everyWordAskedForIsThereAndNoneIsLeftOver(Part part) {
        Set<String> named = new TreeSet<>();
        Set<String> asked = new TreeSet<>();
        for (String source : sourcesOf(part)) {
            NAMED.matcher(source).results().forEach(m -> named.add(part.prefix() + "." + m.group(1)));
            ASKED.matcher(source).results().forEach(m -> asked.add(part.prefix() + "." + m.group(1)));
        }
        Set<String> there = patterns(part).keySet();
        assertThat(asked).as("no word is missing").isNotEmpty().isSubsetOf(there);
        assertThat(named).as("no word is left over").containsAll(there);
    }

    @ParameterizedTest
    @MethodSource("parts")
    void everyPatternCanBeReadAndGetsItsArguments(Part part) {
        Map<String, String> patterns = patterns(part);
        patterns.forEach((key, pattern) ->
                assertThatCode(() -> arguments(pattern)).as(key).doesNotThrowAnyException());
        for (String source : sourcesOf(part)) {
            ASKED.matcher(source).results().forEach(call -> {
                String key = part.prefix() + "." + call.group(1);
                assertThat(arguments(patterns.getOrDefault(key, "")).isEmpty())
                        .as("%s without arguments", key)
                        .isEqualTo(call.group(2) == null);
            });
        }
    }

    private static Set<String> arguments(String pattern) {
        MessagePattern parts = new MessagePattern(pattern);
        Set<String> names = new TreeSet<>();
        for (int i = 0; i < parts.countParts(); i++) {
            if (parts.getPart(i).getType() == MessagePattern.Part.Type.ARG_NAME) {
                names.add(parts.getSubstring(parts.getPart(i)));
            }
        }
        return names;
    }
}
