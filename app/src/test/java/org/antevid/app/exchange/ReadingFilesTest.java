package org.antevid.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Bed;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Light;
import org.antevid.core.site.Protection;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Strict text, tables with a header, reports by row; and that the documents name every key. */
class ReadingFilesTest {
    private static final List<String> HEADER = List.of("name", "many", "lit", "light");
    private final List<ImportReport.Problem> problems = new ArrayList<>();

    private List<CsvTable.Row> read(String text) {
        return CsvTable.read(text.getBytes(StandardCharsets.UTF_8), HEADER, problems);
    }

    @Test
    void cellsAreReadByTheNameOfTheirColumnInAnyOrder() {
        CsvTable.Row r = read("light,lit,many,name\nday,yes,2.5,\"a, b\"\n").get(0);
        assertThat(r.text("name")).isEqualTo("a, b");
        assertThat(r.number("many")).isEqualTo(2.5);
        assertThat(r.yes("lit")).isTrue();
        assertThat(r.choice("light", Light.class)).isEqualTo(Light.DAY);
        assertThat(r.good()).isTrue();
        assertThat(problems).isEmpty();
    }

    @Test
    void everyThingWrongWithARowIsNamedWithItsColumn() {
        CsvTable.Row r = read("name,many,lit,light\n,2;5,maybe,noon\n").get(0);
        r.need("name");
        r.number("many");
        r.yes("lit");
        r.choice("light", Light.class);
        assertThat(r.good()).isFalse();
        assertThat(problems).extracting(ImportReport.Problem::column).containsExactly("name", "many", "lit", "light");
        assertThat(problems).allMatch(p -> p.row() == 1);
        assertThat(problems.get(3).reason()).contains("day, dusk, dark");
    }

    @Test
    void aNumberThatIsNoneIsNotTakenForNothing() {
        for (String bad : List.of("NaN", "Infinity", "1,5", "two")) {
            problems.clear();
            CsvTable.Row r =
                    read("name,many,lit,light\nx,\"" + bad + "\",no,day\n").get(0);
            assertThat(r.maybe("many")).isEmpty();
            assertThat(problems).as(bad).singleElement().satisfies(p -> assertThat(p.reason())
                    .contains("decimal point"));
        }
    }

    @Test
    void aRowOfAnotherLengthIsSaid() {
        CsvTable.Row r = read("name,many,lit,light\nx,1\n").get(0);
        assertThat(r.good()).isFalse();
        assertThat(problems.get(0).reason()).isEqualTo("has 2 cells, the header 4");
    }

    @Test
    void aHeaderMustNameEveryColumnAndNoOther() {
        assertThatThrownBy(() -> read("name,many,lit,dark\n"))
                .isInstanceOfSatisfying(RefusedInput.class, e -> assertThat(e.faults())
                        .extracting("code")
                        .containsExactly("MISSING_COLUMN", "UNKNOWN_COLUMN"));
    }

    @Test
    void aTableTooLongIsRefusedWhole() {
        String rows = "x,1,no,day\n".repeat(2_001);
        assertThatThrownBy(() -> read("name,many,lit,light\n" + rows))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("TOO_MANY_ROWS [Count[number=2000]]");
    }

    /**
     * A spreadsheet must not run what somebody wrote into a note; numbers stay numbers, and what comes back is what was
     * written.
     */
    @ParameterizedTest
    @ValueSource(
            strings = {"=1+1", "+cmd", "-cmd|x", "@sum", "'=already", "''=twice", "'quoted", "-4.1", "plain", "=\"a,b\""
            })
    void aCellThatStartsLikeAFormulaIsHarmlessOutsideAndItselfInside(String text) {
        String out = CsvTable.write(HEADER, List.of(Arrays.asList(text, 1, "no", "day")));
        String cell = out.lines().skip(1).findFirst().orElseThrow().replaceFirst("^\"", "");
        boolean number = text.equals("-4.1");
        assertThat("=+-@".indexOf(cell.charAt(0)) >= 0).isEqualTo(number);
        assertThat(read(out).get(0).text("name")).isEqualTo(text);
    }

    @Test
    void whatIsWrittenIsReadBackAsItWas() {
        String out = CsvTable.write(
                HEADER,
                List.of(Arrays.asList("a \"b\", c\nd", 0.1, "no", "dusk"), Arrays.asList("e", null, "yes", "dark")));
        List<CsvTable.Row> back = read(out);
        assertThat(back.get(0).text("name")).isEqualTo("a \"b\", c\nd");
        assertThat(back.get(0).number("many")).isEqualTo(0.1);
        assertThat(back.get(1).maybe("many")).isEmpty();
        assertThat(out).contains("\r\n");
    }

    @Test
    void aByteOrderMarkIsNoText() {
        assertThat(StrictText.of("\uFEFFname".getBytes(StandardCharsets.UTF_8))).isEqualTo("name");
    }

    @Test
    void otherEncodingsAreNamedWithTheLineWhereTheyBreak() {
        assertThatThrownBy(() -> StrictText.of("eins\nzwei\nH\u00f6he\n".getBytes(StandardCharsets.ISO_8859_1)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("NOT_UTF8 [Count[number=3]]");
        assertThatThrownBy(() -> StrictText.of(new byte[] {'a', 0, 'b'}))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("NO_TEXT_FILE");
        assertThatThrownBy(() -> StrictText.of(new byte[0]))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("EMPTY_FILE");
    }

    @Test
    void aBadRowKeepsTheFileOutUntilTheGoodOnesAreTaken() {
        List<ImportReport.Problem> one = List.of(new ImportReport.Problem(7, "many", "is no number"));
        assertThatThrownBy(() -> ImportReport.refuse(one, false))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("row 7, many"));
        assertThatCode(() -> ImportReport.refuse(one, true)).doesNotThrowAnyException();
        assertThatCode(() -> ImportReport.refuse(List.of(), false)).doesNotThrowAnyException();
    }

    @Test
    void theDocumentsOfTheFormatsNameEveryKey() throws Exception {
        String csv = Files.readString(Path.of("../docs/formats/csv.md"));
        String geoJson = Files.readString(Path.of("../docs/formats/geojson.md"));
        for (Enum<?>[] keys : new Enum<?>[][] {
            StemState.values(),
            Condition.values(),
            StemMass.Shape.values(),
            StemMass.Crown.values(),
            SightingKind.values()
        }) {
            assertThat(keys).allSatisfy(k -> assertThat(csv).contains(k.name().toLowerCase(Locale.ROOT)));
        }
        for (Enum<?>[] keys :
                new Enum<?>[][] {FeatureKind.values(), Protection.values(), VoltageClass.values(), Bed.values()}) {
            assertThat(keys)
                    .allSatisfy(k -> assertThat(geoJson).contains(k.name().toLowerCase(Locale.ROOT)));
        }
    }
}
