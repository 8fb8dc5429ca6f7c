package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** Who had the saw says why it fell so, others decide, and the next job is told. */
@OnRealStore
class LessonServerTest {
    private final RunningJob run;
    private final SignedIn owner;
    private final SignedIn reviewer;

    LessonServerTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
        owner = run.calls.person("Orla Thwaite", Office.OWNER, Set.of());
        reviewer = run.calls.person("Rufus Ennis", Office.REVIEWER, Set.of());
    }

    @BeforeEach
    void fell() throws Exception {
        TestMeter.calm();
        run.briefed(run.saw);
        run.going(run.saw);
        int open = run.run(run.leader).at("/step/openTicks").asInt();
        RunningJob.ok(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", open, "unticked", "DONE")));
    }

    /** The store is shared with other tests, and a lesson that stands is told on their jobs too. */
    @AfterEach
    void retire() throws Exception {
        for (JsonNode l : run.calls.call(owner, "GET", "/api/lessons", null).body()) {
            if (l.get("state").asText().equals("STANDS")) {
                RunningJob.ok(decide(owner, l.get("id").asText(), "RETIRED", "the test is over"));
            }
        }
    }

    private void told(double bearingDeg) throws Exception {
        RunningJob.ok(run.on(
                run.saw,
                "PUT",
                "/review/outcomes/S1",
                Map.of(
                        "bearingDeg",
                        bearingDeg,
                        "distanceM",
                        18,
                        "by",
                        "TAPE",
                        "control",
                        "KEPT",
                        "hingeLeftM",
                        0.03,
                        "hingeRightM",
                        0.05,
                        "reason",
                        bearingDeg > 10 ? "" : "read again")));
    }

    private String propose(SignedIn who, Map<String, Object> more) throws Exception {
        Map<String, Object> lesson = new HashMap<>(Map.of(
                "stem", "S1", "cause", "HINGE_UNEVEN", "sure", false, "idea", "LOOK_AT_BOTH_ENDS", "becomes", "CHECK"));
        lesson.putAll(more);
        Calls.Reply r = run.on(who, "POST", "/lessons", lesson);
        assertThat(r.status()).as(r.text()).isEqualTo(201);
        return r.body().get("id").asText();
    }

    private Calls.Reply decide(SignedIn who, String lesson, String decision, String reason) throws Exception {
        return run.calls.call(
                who, "POST", "/api/lessons/" + lesson + "/decisions", Map.of("decision", decision, "reason", reason));
    }

    private JsonNode lesson(String id) throws Exception {
        for (JsonNode l : run.calls.call(owner, "GET", "/api/lessons", null).body()) {
            if (l.get("id").asText().equals(id)) {
                return l;
            }
        }
        throw new AssertionError("no lesson " + id);
    }

    private JsonNode review(SignedIn who) throws Exception {
        return run.on(who, "GET", "/review", null).body();
    }

    /** A line to tick off from the next briefing on; it comes before the face and says where it was learned. */
    @Test
    void aLessonThatStandsIsALineToTickOffOnTheNextJob() throws Exception {
        told(12);
        String id = propose(run.saw, Map.of("species", "QUERCUS"));
        run.briefed(run.saw);
        assertThat(run.on(run.leader, "GET", "/lessons", null)
                        .body()
                        .get("told")
                        .findValuesAsText("id"))
                .doesNotContain(id);
        RunningJob.ok(decide(owner, id, "APPROVED", ""));
        run.briefed(run.saw);
        JsonNode first = run.run(run.saw).at("/step/cuts/0");
        assertThat(first.get("key").asText()).isEqualTo("lesson-" + id);
        assertThat(first.toString()).contains("Look at both ends").contains("Reed End");
        assertThat(run.on(run.leader, "GET", "/lessons", null)
                        .body()
                        .get("told")
                        .findValuesAsText("id"))
                .contains(id);
        RunningJob.ok(run.on(run.saw, "POST", "/lessons/" + id + "/uses", Map.of("helped", true)));
        assertThat(lesson(id).get("helped").asInt()).isEqualTo(1);
        assertThat(run.on(run.leader, "GET", "/lessons", null)
                        .body()
                        .at("/told/0/helpedHere")
                        .asBoolean())
                .isTrue();
        RunningJob.ok(decide(reviewer, id, "RETIRED", "everybody does"));
        run.briefed(run.saw);
        assertThat(run.run(run.saw).at("/step/cuts/0/key").asText()).isNotEqualTo("lesson-" + id);
    }

    /** Whether it helped is known once the stem is down; what is narrowed to its species is told there still. */
    @Test
    void aLessonIsSaidToHaveHelpedAfterTheFall() throws Exception {
        String id = propose(run.leader, Map.of("species", "QUERCUS", "becomes", "REMINDER"));
        RunningJob.ok(decide(reviewer, id, "APPROVED", ""));
        run.briefed(run.saw);
        run.going(run.saw);
        int open = run.run(run.leader).at("/step/openTicks").asInt();
        RunningJob.ok(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", open, "unticked", "DONE")));
        RunningJob.ok(run.on(run.leader, "POST", "/lessons/" + id + "/uses", Map.of("helped", true)));
        assertThat(lesson(id).get("helped").asInt()).isEqualTo(1);
    }

    /** What is approved meanwhile ends no go and asks for no new briefing. */
    @Test
    void aLessonApprovedWhileAnotherJobRunsDoesNotStopIt() throws Exception {
        told(12);
        String id = propose(run.saw, Map.of());
        run.briefed(run.saw);
        run.going(run.saw);
        RunningJob.ok(decide(reviewer, id, "APPROVED", ""));
        assertThat(run.isGoing()).isTrue();
        assertThat(run.on(run.leader, "GET", "/briefings", null).body().get("sinceLatest"))
                .isEmpty();
    }

    @Test
    void aLessonForAnotherSpeciesIsNotToldHere() throws Exception {
        String id = propose(run.leader, Map.of("species", "POPULUS", "becomes", "REMINDER"));
        RunningJob.ok(decide(reviewer, id, "APPROVED", ""));
        run.briefed(run.saw);
        assertThat(run.on(run.leader, "GET", "/lessons", null)
                        .body()
                        .get("told")
                        .findValuesAsText("id"))
                .doesNotContain(id);
        assertThat(run.on(run.saw, "POST", "/lessons/" + id + "/uses", Map.of("helped", true))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void somebodyElseDecidesOnceAndSaysWhyNot() throws Exception {
        String id = propose(reviewer, Map.of());
        assertThat(decide(reviewer, id, "APPROVED", "").status()).as("own").isEqualTo(403);
        assertThat(decide(run.leader, id, "APPROVED", "").status()).as("leader").isEqualTo(403);
        assertThat(decide(owner, id, "DECLINED", " ").status()).as("no reason").isEqualTo(422);
        RunningJob.ok(decide(owner, id, "DECLINED", "this was the wind"));
        assertThat(decide(owner, id, "APPROVED", "").codes()).containsExactly("DECIDED");
        assertThat(lesson(id).get("state").asText()).isEqualTo("DECLINED");
        assertThat(lesson(id).at("/decided/0/reason").asText()).isEqualTo("this was the wind");
    }

    @Test
    void crewReadWhatStandsAndTheirOwn() throws Exception {
        String his = propose(run.saw, Map.of());
        String other = propose(run.leader, Map.of());
        assertThat(ids(run.saw)).contains(his).doesNotContain(other);
        RunningJob.ok(decide(reviewer, other, "APPROVED", ""));
        assertThat(ids(run.saw)).contains(his, other);
        assertThat(ids(run.watch)).contains(other).doesNotContain(his);
    }

    private List<String> ids(SignedIn who) throws Exception {
        return run.calls.call(who, "GET", "/api/lessons", null).body().findValuesAsText("id");
    }

    @Test
    void aLessonWithoutWordsOrOfNoStemIsRefused() throws Exception {
        assertThat(run.on(run.saw, "POST", "/lessons", Map.of("words", " ", "becomes", "REMINDER"))
                        .status())
                .isEqualTo(422);
        assertThat(run.on(run.saw, "POST", "/lessons", Map.of("words", "x", "becomes", "REMINDER", "stem", "S9"))
                        .codes())
                .containsExactly("UNKNOWN_STEM");
    }

    /** What stands behind a cause is told with it; nothing is left out. */
    @Test
    void causesComeWithTheirNumberThoseThatAgreeFirst() throws Exception {
        told(12);
        JsonNode from = review(run.saw).at("/learnFrom/0");
        assertThat(from.get("stem").asText()).isEqualTo("S1");
        assertThat(from.get("work").at("/species/species").asText()).isEqualTo("QUERCUS");
        JsonNode first = from.at("/causes/0");
        assertThat(first.get("cause").asText()).isEqualTo("HINGE_UNEVEN");
        assertThat(first.get("stands").asBoolean()).isTrue();
        assertThat(first.at("/share/said/deg").asText()).isNotEmpty();
        assertThat(first.get("ideas")).isNotEmpty();
        assertThat(from.get("causes")).hasSize(11);
    }

    @Test
    void aReviewIsSignedOnceByOneWhoNeitherLedNorCutAndSaysWhatWasMissing() throws Exception {
        assertThat(run.on(run.leader, "POST", "/review/signature", Map.of()).status())
                .isEqualTo(403);
        assertThat(review(reviewer).at("/standing/missing/0/words").asText()).isEqualTo("S1: no fall measured");
        told(25);
        assertThat(review(reviewer).at("/standing/missing").findValuesAsText("words"))
                .anyMatch(w -> w.contains("nobody says why"));
        RunningJob.ok(run.on(reviewer, "POST", "/review/signature", Map.of()));
        JsonNode signed = review(reviewer).at("/standing/signed/0");
        assertThat(signed.get("by").asText()).isEqualTo(reviewer.name());
        assertThat(signed.get("holds").asBoolean()).isTrue();
        assertThat(signed.get("missing")).hasSize(1);
        assertThat(run.on(reviewer, "POST", "/review/signature", Map.of()).codes())
                .containsExactly("SIGNED");
        told(9);
        assertThat(review(reviewer).at("/standing/signed/0/holds").asBoolean())
                .as("something was told since")
                .isFalse();
        RunningJob.ok(run.on(reviewer, "POST", "/review/signature", Map.of()));
    }

    @Test
    void aReviewOfNothingIsNotSigned() throws Exception {
        run.briefed(run.saw);
        assertThat(run.on(reviewer, "POST", "/review/signature", Map.of()).codes())
                .containsExactly("MISSING");
    }

    /** What is missing stands first, nothing runs off the paper, in both languages. */
    @Test
    void theReviewIsOnPaper() throws Exception {
        told(25);
        propose(run.saw, Map.of("idea", "LENGTH_OF_THE_BAR"));
        for (String language : List.of("ENGLISH", "SPANISH")) {
            byte[] pdf = run.calls.bytes(run.leader, "/review/review.pdf?language=" + language);
            assertThat(OnPaper.spoiled(pdf)).isEmpty();
            try (PDDocument document = Loader.loadPDF(pdf)) {
                String text = new PDFTextStripper().getText(document);
                boolean english = language.equals("ENGLISH");
                assertThat(text)
                        .contains("S1", run.saw.name())
                        .contains(english ? "OUTSIDE" : "FUERA")
                        .contains(english ? "hinge uneven" : "bisagra desigual");
                assertThat(text.indexOf(english ? "proposed, not decided" : "propuesta, sin decidir"))
                        .isBetween(0, text.indexOf(english ? "Falls against" : "Caídas frente"));
            }
        }
    }

    /**
     * It makes a number of the house stricter for every job, never looser; the owner alone says so, and may take it
     * back.
     */
    @Test
    void aLessonTightensAHouseRuleWhileItStands() throws Exception {
        told(12);
        double before = inForce("WIND_LIMIT");
        Map<String, Object> rule = Map.of("threshold", "WIND_LIMIT", "value", before - 3);
        assertThat(run.on(run.saw, "POST", "/lessons", Map.of("words", "calmer", "becomes", "HOUSE_RULE"))
                        .status())
                .isEqualTo(422);
        assertThat(run.on(
                                run.saw,
                                "POST",
                                "/lessons",
                                Map.of(
                                        "words",
                                        "windier",
                                        "becomes",
                                        "HOUSE_RULE",
                                        "rule",
                                        Map.of("threshold", "WIND_LIMIT", "value", before + 1)))
                        .codes())
                .containsExactly("LOOSENS");
        String id = propose(run.saw, Map.of("becomes", "HOUSE_RULE", "rule", rule));
        assertThat(inForce("WIND_LIMIT")).isEqualTo(before);
        assertThat(decide(reviewer, id, "APPROVED", "").status()).isEqualTo(403);
        RunningJob.ok(decide(owner, id, "APPROVED", ""));
        assertThat(inForce("WIND_LIMIT")).isEqualTo(before - 3);
        assertThat(run.calls
                        .call(owner, "GET", "/api/house", null)
                        .body()
                        .get("windLimitMs")
                        .asDouble())
                .as("what the owner set stays as it was")
                .isEqualTo(before);
        assertThat(run.on(run.leader, "GET", "/lessons", null)
                        .body()
                        .get("told")
                        .findValuesAsText("id"))
                .doesNotContain(id);
        RunningJob.ok(decide(owner, id, "RETIRED", "a better anemometer"));
        assertThat(inForce("WIND_LIMIT")).isEqualTo(before);
    }

    private double inForce(String threshold) throws Exception {
        for (JsonNode t :
                run.calls.call(owner, "GET", "/api/house", null).body().get("thresholds")) {
            if (t.get("key").asText().equals(threshold)) {
                return t.get("value").asDouble();
            }
        }
        throw new AssertionError("no threshold " + threshold);
    }
}
