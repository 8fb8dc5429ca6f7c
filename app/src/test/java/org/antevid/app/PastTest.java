package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Way;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** What is done stays as it was: felled stems, done steps, closed jobs, briefings. */
@OnRealStore
class PastTest {
    private final RunningJob run;
    private final JdbcTemplate store;

    PastTest(MockMvc mvc, People people, JdbcTemplate store) {
        run = new RunningJob(mvc, people);
        this.store = store;
    }

    private void fell() throws Exception {
        run.going(run.saw);
        int open = run.run(run.leader).at("/step/openTicks").asInt();
        assertThat(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", open - 1))
                        .codes())
                .containsExactly("OPEN_TICKS");
        assertThat(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", open))
                        .codes())
                .as("a step with open ticks needs a reason")
                .containsExactly("MISSING");
        RunningJob.ok(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", open, "unticked", "NOT_NEEDED")));
        assertThat(run.log().toString()).contains(open + " cuts and checks not ticked off: not needed as it went");
    }

    @Test
    void aFelledStemAndADoneStepTakeNoChange() throws Exception {
        run.briefed(run.saw);
        fell();
        long version = Browser.find(run.on(run.leader, "GET", "/lays", null).body(), "stem", "S1")
                .orElseThrow()
                .get("version")
                .asLong();
        Map<String, Object> choice =
                Map.of("layDeg", 9, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", "NOTHING");
        assertThat(run.on(
                                run.leader,
                                "PUT",
                                "/stems/" + run.stem + "/lay",
                                Map.of("choice", choice, "fixed", false, "dropZone", List.of(), "version", version))
                        .codes())
                .containsExactly("CLOSED");
        assertThat(run.on(
                                run.leader,
                                "POST",
                                "/stems/" + run.stem + "/sightings",
                                Calls.sighting("GIRTH", Map.of("girthM", 1.9)))
                        .codes())
                .containsExactly("CLOSED");
        assertThat(run.on(
                                run.saw,
                                "POST",
                                "/stems/" + run.stem + "/defects",
                                Map.of("kind", "VINE", "fromM", 1, "toM", 9, "faceDeg", 0))
                        .codes())
                .containsExactly("CLOSED");
        Map<String, Object> stem = RunningJob.with(Calls.stem("QUERCUS", "STANDING", 0, 0), "version", 9);
        assertThat(run.on(run.leader, "PUT", "/stems/" + run.stem, stem).codes())
                .containsExactly("CLOSED");
        JsonNode step = run.on(run.leader, "GET", "/steps", null).body().get(0);
        assertThat(run.on(
                                run.leader,
                                "DELETE",
                                "/steps/" + run.step + "?version="
                                        + step.get("version").asLong() + "&reason=not+needed",
                                null)
                        .codes())
                .containsExactly("CLOSED");
        assertThat(run.on(run.leader, "POST", "/briefings", null).codes())
                .as("nothing is left to be briefed")
                .containsExactly("MISSING");
        assertThat(run.on(run.leader, "POST", "/run/ticks", Map.of("key", "saw", "done", true))
                        .codes())
                .containsExactly("NO_STEP");
    }

    @Test
    void aClosedJobTakesNoChangeButAHoldAndTheReview() throws Exception {
        SignedIn reviewer = run.calls.person("Merle Combe", Office.REVIEWER, Set.of(Competence.HUNG_UP));
        run.briefed(run.saw);
        fell();
        RunningJob.ok(run.on(run.leader, "POST", "/close", null));
        for (String path : List.of(
                "/features",
                "/stems",
                "/steps",
                "/briefings",
                "/run/signal-tried",
                "/run/ready",
                "/members",
                "/place/heights")) {
            assertThat(run.on(run.leader, "POST", path, Map.of()).codes())
                    .as(path)
                    .containsExactly("CLOSED");
        }
        assertThat(run.on(run.leader, "PUT", "/place/day", Map.of("light", "DUSK"))
                        .codes())
                .containsExactly("CLOSED");
        RunningJob.ok(run.on(run.watch, "POST", "/run/holds", Map.of("id", "late-" + run.job)));
        RunningJob.ok(run.on(
                reviewer,
                "POST",
                "/lessons",
                Map.of("words", "Close the path before the lookout walks.", "becomes", "REMINDER")));
        Object fall = Map.of("bearingDeg", 1, "distanceM", 19, "by", "RANGEFINDER", "control", "KEPT");
        RunningJob.ok(run.on(run.leader, "PUT", "/review/outcomes/S1", fall));
    }

    @Test
    void aBriefingThatIsNotAsItWasIssuedIsSeenAndSignsNothing() throws Exception {
        run.briefed(run.saw);
        run.allReady(run.saw);
        store.update("update briefing set issued_by = 'Somebody Else' where job_id = ?", run.job);
        RunningJob.ok(run.on(run.leader, "POST", "/run/signal-tried", Map.of()));
        JsonNode issue = run.on(run.leader, "GET", "/briefings", null).body().at("/issues/0");
        assertThat(issue.get("intact").asBoolean()).isFalse();
        assertThat(run.on(run.leader, "POST", "/run/go", Map.of()).codes()).contains("NO_BRIEFING", "NOT_SIGNED");
    }

    @Test
    void anOpinionIsGivenByItsTakersOwnPassphraseOrByTelephoneReadBack() throws Exception {
        SignedIn merle = run.calls.person("Merle Combe", Office.REVIEWER, Set.of(Competence.HUNG_UP));
        run.briefed(run.saw);
        RunningJob.ok(run.on(
                run.leader,
                "POST",
                "/stems/" + run.stem + "/defects",
                Map.of("kind", "SPLIT_UNION", "fromM", 1, "toM", 2, "faceDeg", 0)));
        JsonNode finding = Browser.find(
                        run.on(run.leader, "GET", "/findings", null).body(), "severity", "SECOND_OPINION")
                .orElseThrow();
        Map<String, Object> here = Map.of(
                "findingKey",
                finding.get("key").asText(),
                "takerId",
                merle.personId(),
                "byTelephone",
                false,
                "shown",
                "the union");
        SignedIn byPin =
                new SignedIn(merle.personId(), merle.name(), merle.office(), "", run.job, Way.PIN, merle.manner());
        assertThat(run.on(byPin, "POST", "/opinions", here).status())
                .as("a PIN the planner may have set")
                .isEqualTo(403);
        Map<String, Object> called = RunningJob.with(RunningJob.with(here, "byTelephone", true), "phone", "555 0144");
        assertThat(run.on(run.leader, "POST", "/opinions", called).codes()).containsExactly("OUT_OF_RANGE");
        Map<String, Object> timed =
                RunningJob.with(called, "calledAt", java.time.Instant.now().toString());
        assertThat(run.on(run.leader, "POST", "/opinions", timed).messages())
                .singleElement()
                .asString()
                .startsWith("readBack");
        assertThat(run.on(
                                run.leader,
                                "POST",
                                "/opinions",
                                RunningJob.with(RunningJob.with(timed, "readBack", "leave it"), "phone", "none"))
                        .messages())
                .singleElement()
                .asString()
                .startsWith("phone");
        RunningJob.ok(run.on(
                run.leader, "POST", "/opinions", RunningJob.with(timed, "readBack", "bind it above, then as planned")));
        JsonNode cleared = Browser.find(
                        run.on(run.leader, "GET", "/findings", null).body(),
                        "key",
                        finding.get("key").asText())
                .orElseThrow();
        assertThat(cleared.get("cleared").asText())
                .contains("by telephone 555 0144 at ")
                .contains("read back: bind it above, then as planned");
        RunningJob.ok(run.on(merle, "POST", "/opinions", here));
    }

    /** He signs, is ready and gives his go, on his own phone. */
    @Test
    void theLeaderWhoCutsHasAPinAndRunsTheJob() throws Exception {
        run.ownPin(run.leader);
        run.briefed(run.leader);
        JsonNode signer = Browser.find(
                        run.on(run.leader, "GET", "/briefings", null).body().at("/issues/0/signers"),
                        "personId",
                        run.leader.personId())
                .orElseThrow();
        assertThat(signer.has("signedAt")).isTrue();
        run.going(run.leader);
        assertThat(run.run(run.leader).get("word").asText()).isEqualTo("GO");
        assertThat(run.run(run.leader).at("/step/iMayConfirmStopped").asBoolean())
                .isTrue();
        assertThat(run.run(run.saw).get("word").asText()).isEqualTo("STAY_OUT");
    }
}
