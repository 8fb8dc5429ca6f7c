package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.Map;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.paper.BriefingPaper;
import org.antevid.app.people.People;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.test.web.servlet.MockMvc;

/** The briefing as it is held and as it is printed. */
@OnRealStore
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TalkServerTest {
    private final RunningJob run;
    private final Briefings briefings;
    private final BriefingPaper paper;

    TalkServerTest(MockMvc mvc, People people, Briefings briefings, BriefingPaper paper) {
        run = new RunningJob(mvc, people);
        this.briefings = briefings;
        this.paper = paper;
    }

    @BeforeAll
    void brief() throws Exception {
        run.briefed(run.saw);
    }

    private JsonNode talk() throws Exception {
        return run.on(run.watch, "GET", "/briefings/1/talk", null).body();
    }

    @Test
    void aBriefingIsTenCardsOfItsFirstStep() throws Exception {
        JsonNode t = talk();
        assertThat(t.get("cards").findValuesAsText("part"))
                .containsExactly("WHAT", "KILLS", "PLAN", "LAY", "CUT", "WHO", "SIGNALS", "STOP", "HELP", "IF_NOT");
        assertThat(t.get("steps").findValuesAsText("title")).containsExactly("fell S1");
        assertThat(t.get("cards").get(3).toString()).contains("S1 to 000°");
        assertThat(t.get("cards").get(5).toString()).contains(run.saw.name(), run.watch.name());
        assertThat(run.on(run.watch, "GET", "/briefings/9/talk", null).status()).isEqualTo(404);
        assertThat(run.on(run.watch, "GET", "/briefings/1/talk?turn=7", null).status())
                .isEqualTo(404);
    }

    @Test
    void theCardThatIsShownIsOnEveryPhoneUntilItIsOver() throws Exception {
        assertThat(run.on(run.watch, "GET", "/shown", null).body().isMissingNode()
                        || run.on(run.watch, "GET", "/shown", null).body().isNull())
                .isTrue();
        Map<String, Object> card = Map.of("number", 1, "turn", 1, "part", "LAY");
        assertThat(run.on(run.watch, "PUT", "/shown", card).status()).isEqualTo(403);
        RunningJob.ok(run.on(run.leader, "PUT", "/shown", card));
        JsonNode shown = run.on(run.watch, "GET", "/shown", null).body();
        assertThat(shown.get("part").asText()).isEqualTo("LAY");
        assertThat(shown.get("by").asText()).isEqualTo(run.leader.name());
        assertThat(shown.get("mine").asBoolean()).isFalse();
        RunningJob.ok(run.on(run.leader, "DELETE", "/shown", null));
        assertThat(run.on(run.watch, "GET", "/shown", null).body().has("part")).isFalse();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument d = Loader.loadPDF(pdf)) {
            assertThat(d.getNumberOfPages()).isGreaterThanOrEqualTo(4);
            return new PDFTextStripper().getText(d);
        }
    }

    @Test
    void onPaperItSaysWhichIssueItIsOnEveryPageAndHasLinesToSign() throws Exception {
        Briefings.Issue issue = briefings.latest(run.job).orElseThrow();
        byte[] pdf = paper.of(run.job, 1, BriefingPaper.Size.A4, Words.of(new Manner(Language.ENGLISH, Units.METRIC)));
        String all = text(pdf);
        assertThat(OnPaper.spoiled(pdf)).isEmpty();
        try (PDDocument d = Loader.loadPDF(pdf)) {
            for (int i = 1; i <= d.getNumberOfPages(); i++) {
                PDFTextStripper page = new PDFTextStripper();
                page.setStartPage(i);
                page.setEndPage(i);
                assertThat(page.getText(d)).as("page " + i).contains(issue.hash());
            }
        }
        assertThat(all)
                .contains(
                        "What kills here",
                        "We stop when",
                        "Read back and signed",
                        run.saw.name(),
                        "1 : ",
                        "Cut card S1");
    }

    @Test
    void onPaperStandsWhatVisitorsAreToldAndWhoWasToldByWhom() throws Exception {
        Object client = Map.of("name", "Ms Reedmace", "kind", "CLIENT", "saidBack", true);
        RunningJob.ok(run.on(run.watch, "POST", "/visitors", client));
        byte[] pdf = paper.of(run.job, 1, BriefingPaper.Size.A4, Words.of(new Manner(Language.ENGLISH, Units.METRIC)));
        assertThat(text(pdf))
                .containsPattern("stay \\d+.m and more from the trees")
                .contains("Ms Reedmace", "client", ", " + run.watch.name());
    }

    @Test
    void itIsPrintedInTheReadersLanguageAndUnitsOnTheirPaper() throws Exception {
        byte[] pdf =
                paper.of(run.job, 1, BriefingPaper.Size.LETTER, Words.of(new Manner(Language.SPANISH, Units.FEET)));
        assertThat(OnPaper.spoiled(pdf)).isEmpty();
        assertThat(text(pdf)).contains("Qué mata aquí", "Paramos cuando", "ft").doesNotContain("What kills");
        try (PDDocument d = Loader.loadPDF(pdf)) {
            assertThat(d.getPage(0).getMediaBox().getWidth()).isBetween(611f, 613f);
        }
        assertThat(run.on(run.watch, "GET", "/briefings/1/briefing.pdf?paper=A3", null)
                        .status())
                .isEqualTo(400);
    }
}
