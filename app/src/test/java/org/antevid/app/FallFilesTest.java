package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.logbook.FallFiles;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.reader.Speech;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** The logbook as a table, out and in. */
@OnRealStore
class FallFilesTest {
    private static final String METRIC = "job,stem,felled,sawyer,species,cut,means,wood,lay_deg,bias_deg,spread_deg,"
            + "expected_m,control,measured_by,fell_deg,distance_m,gust_ms\r\n";
    private static final String GOOD =
            "%s,%s,2025-03-0%dT09:40:00Z,Wren Castle,alnus,open_face,wedges,decayed,58,3,2.5,18,kept,tape,61,18.4,5.5\r\n";

    private final FallFiles files;
    private final SignedIn owner;
    private final SignedIn crew;

    FallFilesTest(MockMvc mvc, People people, FallFiles files) {
        this.files = files;
        Calls calls = new Calls(mvc, people);
        owner = calls.person("Orla Thwaite", Office.OWNER, Set.of());
        crew = calls.person("Petra Vane", Office.CREW, Set.of());
    }

    private ImportReport in(String text) {
        return files.in(text.getBytes(StandardCharsets.UTF_8), owner);
    }

    private List<String> of(String job) {
        return files.out(owner).lines().filter(l -> l.startsWith(job)).toList();
    }

    @Test
    void outAndInIsEqual() {
        assertThat(in(METRIC + GOOD.formatted("Lea", "S1", 1) + GOOD.formatted("Lea", "S2", 2))
                        .added())
                .isEqualTo(2);
        List<String> out = of("Lea");
        assertThat(out).hasSize(2);
        ImportReport again = in(METRIC + String.join("\r\n", out) + "\r\n");
        assertThat(again.added()).isZero();
        assertThat(again.unchanged()).isEqualTo(2);
        assertThat(in(METRIC + String.join("\r\n", out).replace("Lea", "Lea copied") + "\r\n")
                        .added())
                .isEqualTo(2);
        assertThat(of("Lea copied").stream().map(l -> l.replace("Lea copied", "Lea")))
                .containsExactlyElementsOf(out);
    }

    @Test
    void feetAreReadAsFeet() {
        in(METRIC.replace("_m,", "_ft,").replace("gust_ms", "gust_mph") + GOOD.formatted("Holm", "S1", 1));
        assertThat(of("Holm").get(0)).contains("," + 18 * 0.3048 + ",");
    }

    @Test
    void aFileWithABadRowIsRefusedWithItsReasonAndNothingKept() {
        refused(METRIC + GOOD.formatted("Moss", "S1", 1) + GOOD.formatted("Moss", "S1", 2), "twice");
        refused(METRIC + GOOD.formatted("Moss", "S1", 1).replace("2025", "2999"), "ahead");
        refused(METRIC.replace("expected_m", "expected_ft") + GOOD.formatted("Moss", "S1", 1), "mixes");
        refused(METRIC + GOOD.formatted("Moss", "S1", 1).replace("18.4", ""), "needed");
        refused(METRIC + GOOD.formatted("Moss", "S1", 1).replace(",61,", ",461,"), "360");
        assertThat(of("Moss")).isEmpty();
        in(METRIC + GOOD.formatted("Moss", "S1", 1));
        refused(METRIC + GOOD.formatted("Moss", "S1", 1).replace(",61,", ",62,"), "already");
    }

    private void refused(String text, String reason) {
        assertThatThrownBy(() -> in(text)).isInstanceOfSatisfying(RefusedInput.class, e -> assertThat(e.faults())
                .anySatisfy(f -> assertThat(Speech.words().say(f.says())).contains(reason)));
    }

    @Test
    void whatIsGivenAwayNamesNobodyAndNoPlace() {
        String five = IntStream.rangeClosed(1, 5)
                .mapToObj(i -> GOOD.formatted("Carr", "S" + i, i))
                .collect(Collectors.joining());
        in(METRIC + five);
        assertThat(files.shared(owner))
                .doesNotContain("Wren")
                .doesNotContain("Carr")
                .contains("decayed");
    }

    @Test
    void onlyReviewersAndTheOwnerReadInAndOnlyTheOwnerGivesAway() {
        assertThatThrownBy(() -> files.in(METRIC.getBytes(StandardCharsets.UTF_8), crew))
                .isInstanceOf(NotAllowed.class);
        assertThatThrownBy(() -> files.shared(crew)).isInstanceOf(NotAllowed.class);
    }
}
