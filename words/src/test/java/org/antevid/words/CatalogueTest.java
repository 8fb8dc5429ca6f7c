package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.judge.RuleId;
import org.antevid.core.message.Code;
import org.antevid.core.run.Against;
import org.antevid.core.run.Word;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.tangle.picture.Moved;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The catalogue is whole: every constant has its words, no key is left over, both languages take the same arguments.
 */
class CatalogueTest {
    private static final List<String> NEEDED_OF_RULES = List.of("", ".why", ".clears");
    /** Said by their own codes; the rule itself says only why and what clears it. */
    private static final Set<RuleId> SAY_OTHERWISE = EnumSet.of(RuleId.DEFECT, RuleId.DEFECT_PROBED, RuleId.CREW);
    /** Forms of terms that are asked for by name. */
    private static final List<String> FORMS = List.of(
            ".why",
            ".yes",
            ".warns",
            ".clears",
            ".how",
            ".what",
            ".tell",
            ".instrument",
            ".note",
            ".easier",
            ".firstCut",
            ".goodFor",
            ".disagree",
            ".replaces");

    /** Forms that every value of a type has or none. */
    private static final List<String> WHOLE =
            List.of(".yes", ".how", ".what", ".tell", ".instrument", ".easier", ".firstCut", ".goodFor", ".disagree");

    private static final Catalogue ENGLISH = Catalogue.of(Language.ENGLISH);

    private static final List<Enum<?>> CONSTANTS = constants();

    private static List<Enum<?>> constants() {
        return new ClassFileImporter()
                        .withImportOption(new ImportOption.DoNotIncludeTests())
                        .importPackages("org.antevid.core", "org.antevid.words")
                        .stream()
                        .filter(c -> c.isEnum())
                        .flatMap(c -> Stream.of(c.reflect().getEnumConstants()))
                        .<Enum<?>>map(e -> (Enum<?>) e)
                        .toList();
    }

    static Stream<Enum<?>> codes() {
        return CONSTANTS.stream().filter(c -> c instanceof Code && !(c instanceof RuleId) && c != Against.Why.STOP);
    }

    @ParameterizedTest
    @MethodSource("codes")
    void everyCodeHasItsWords(Enum<?> code) {
        assertThat(ENGLISH.pattern(Words.key(code))).as(Words.key(code)).isPresent();
    }

    @ParameterizedTest
    @EnumSource(RuleId.class)
    void everyRuleSaysWhatItFindsWhyAndWhatClearsIt(RuleId rule) {
        if (!SAY_OTHERWISE.contains(rule)) {
            NEEDED_OF_RULES.forEach(f -> assertThat(ENGLISH.pattern(Words.key(rule) + f))
                    .as(Words.key(rule) + f)
                    .isPresent());
        }
        assertThat(ENGLISH.pattern(Words.key(rule.source()))).isPresent();
    }

    /** A type that has a word for one of its values has one for each, and each form of it too. */
    @Test
    void noValueOfATypeIsWithoutItsWord() {
        Map<String, Set<String>> forms = new TreeMap<>();
        for (Enum<?> c : CONSTANTS) {
            String key = Words.key(c);
            Set<String> of = forms.computeIfAbsent(type(key), k -> new TreeSet<>());
            Stream.concat(Stream.of(""), WHOLE.stream())
                    .filter(f -> ENGLISH.pattern(key + f).isPresent())
                    .forEach(of::add);
        }
        assertThat(CONSTANTS.stream().filter(c -> !(c instanceof RuleId) && c != Against.Why.STOP))
                .allSatisfy(
                        c -> forms.get(type(Words.key(c))).forEach(f -> assertThat(ENGLISH.pattern(Words.key(c) + f))
                                .as(Words.key(c) + f)
                                .isPresent()));
    }

    private static String type(String key) {
        return key.substring(0, key.lastIndexOf('.'));
    }

    @Test
    void noKeyIsLeftOver() {
        Set<String> known = CONSTANTS.stream().map(Words::key).collect(Collectors.toSet());
        Set<String> fields = fields();
        assertThat(ENGLISH.keys()).allSatisfy(k -> assertThat(known.contains(k)
                        || FORMS.stream()
                                .anyMatch(f -> k.endsWith(f) && known.contains(k.substring(0, k.length() - f.length())))
                        || fields.contains(k)
                        || k.startsWith("Clearance.")
                        || k.startsWith("phone.")
                        || k.startsWith("base."))
                .as(k)
                .isTrue());
    }

    /** What is written down for a sighting is worded for its kind. */
    private static Set<String> fields() {
        return Stream.of(SightingKind.values())
                .flatMap(k -> k.notes().stream().map(n -> Words.key(k) + "." + n.name()))
                .collect(Collectors.toSet());
    }

    @Test
    void everyFieldOfASightingHasItsWord() {
        assertThat(ENGLISH.keys()).containsAll(fields());
    }

    /** What is stored by its key is found again, wherever it lives. */
    @Test
    void everyConstantThatIsSaidIsFoundByItsKey() {
        assertThat(CONSTANTS.stream()
                        .filter(c -> c.getDeclaringClass().getName().startsWith("org.antevid.core."))
                        .filter(c -> c instanceof Code
                                || ENGLISH.pattern(Words.key(c)).isPresent()))
                .allSatisfy(c ->
                        assertThat(Keys.find(Words.key(c))).as(Words.key(c)).contains(c));
    }

    static Stream<String> spanish() {
        return Catalogue.of(Language.SPANISH).keys().stream().sorted();
    }

    @Test
    void allThatACrewMemberCanMeetIsInSpanish() {
        Set<String> all = new HashSet<>(ENGLISH.keys());
        all.removeAll(Catalogue.deskKeys());
        assertThat(Catalogue.of(Language.SPANISH).keys()).containsExactlyInAnyOrderElementsOf(all);
    }

    @ParameterizedTest
    @MethodSource("spanish")
    void bothLanguagesTakeTheSameArguments(String key) {
        assertThat(Catalogue.of(Language.SPANISH).arguments(key))
                .as(key)
                .containsExactlyInAnyOrderElementsOf(ENGLISH.arguments(key));
    }

    /** The crew's pages: every word they ask for is there, and none is there that they do not ask for. */
    @Test
    void thePhonesAskForTheWordsThatAreThere() throws IOException {
        StringBuilder source = new StringBuilder();
        for (String shown : List.of(
                "crew",
                "plan",
                "figures",
                "stages/run",
                "photo",
                "stump",
                "voice",
                "pages/drills",
                "lessons",
                "records",
                "app/FallForm.tsx",
                "app/Stepper.tsx",
                "app/Visitors.tsx",
                "app/WatchList.tsx",
                "ui/PlusMinus.tsx")) {
            try (Stream<Path> files = Files.walk(Path.of("../web/src", shown))) {
                for (Path f : files.filter(Files::isRegularFile).toList()) {
                    source.append(Files.readString(f));
                }
            }
        }
        Set<String> asked = Pattern.compile("'([a-z][A-Za-z.]*)'")
                .matcher(source)
                .results()
                .map(m -> "phone." + m.group(1))
                .collect(Collectors.toCollection(HashSet::new));
        Stream.of(Word.values()).forEach(w -> asked.add("phone.word." + w));
        Stream.of(Moved.values()).forEach(m -> asked.add("phone.done.moved." + m));
        Stream.of(Moved.NowOn.values()).forEach(n -> asked.add("phone.done.now." + n));
        List<String> there =
                ENGLISH.keys().stream().filter(k -> k.startsWith("phone.")).toList();
        assertThat(asked).as("no word is left over").containsAll(there);
        assertThat(Pattern.compile("\\bt\\('([a-zA-Z.]+)'")
                        .matcher(source)
                        .results()
                        .map(m -> "phone." + m.group(1)))
                .as("no word is missing")
                .isNotEmpty()
                .isSubsetOf(there);
    }
}
