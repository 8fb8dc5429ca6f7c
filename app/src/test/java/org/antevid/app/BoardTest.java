package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.antevid.app.people.People;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** The board: a page of jobs with kept marks, which hold for one version of the plan and no longer. */
@OnRealStore
class BoardTest {
    private final RunningJob run;
    private final Calls calls;
    private final JdbcTemplate store;

    BoardTest(MockMvc mvc, People people, JdbcTemplate store) {
        run = new RunningJob(mvc, people);
        calls = new Calls(mvc, people);
        this.store = store;
    }

    private JsonNode page(int page) throws Exception {
        Calls.Reply r = calls.call(run.leader, "GET", "/api/board?page=" + page, null);
        assertThat(r.status()).as(r.text()).isEqualTo(200);
        return r.body();
    }

    private JsonNode card() throws Exception {
        JsonNode first = page(0);
        for (int p = 0; p < first.get("pages").asInt(); p++) {
            for (JsonNode j : page(p).get("jobs")) {
                if (j.get("id").asText().equals(run.job)) {
                    return j;
                }
            }
        }
        throw new AssertionError("not on the board");
    }

    @Test
    void aMarkIsKeptUntilThePlanChangesAndNeverShowsTheOldOne() throws Exception {
        run.briefed(run.saw);
        assertThat(card().get("stops").asInt()).isZero();
        String made = "select made_on || plan_version || sketch from job_mark where job_id = ?";
        String kept = store.queryForObject(made, String.class, run.job);
        assertThat(card().get("plan").get("stems").get(0).get("label").asText()).isEqualTo("S1");
        assertThat(store.queryForObject(made, String.class, run.job)).isEqualTo(kept);
        RunningJob.ok(run.on(
                run.watch,
                "POST",
                "/stems/" + run.stem + "/defects",
                Map.of("kind", "BROKEN_BASE", "fromM", 0, "toM", 0.3, "faceDeg", 180)));
        assertThat(card().get("secondOpinions").asInt()).isPositive();
        assertThat(store.queryForObject(made, String.class, run.job)).isNotEqualTo(kept);
    }

    @Test
    void itIsPagedAndSendsNoCutCards() throws Exception {
        run.briefed(run.saw);
        for (int i = 0; i < 26; i++) {
            calls.open(run.leader, "Job " + i);
        }
        JsonNode first = page(0);
        assertThat(first.get("jobs")).hasSize(24);
        assertThat(first.get("all").asInt()).isGreaterThanOrEqualTo(27);
        assertThat(first.get("pages").asInt()).isGreaterThanOrEqualTo(2);
        assertThat(page(first.get("pages").asInt() + 7).get("page").asInt())
                .as("a page that is no longer there is the last one")
                .isEqualTo(first.get("pages").asInt() - 1);
        JsonNode lay = card().get("plan").get("stems").get(0).get("lay");
        assertThat(lay.get("fan")).isNotEmpty();
        assertThat(lay.path("cuts").isMissingNode() || lay.path("cuts").isNull())
                .isTrue();
    }

    @Test
    void aJobIsFoundByPartOfItsNameAndClosedOnesAreOutOfTheWay() throws Exception {
        run.briefed(run.saw);
        calls.open(run.leader, "Quernstone Lane");
        JsonNode found =
                calls.call(run.leader, "GET", "/api/board?q=quernSTONE", null).body();
        assertThat(found.get("all").asInt()).isPositive();
        assertThat(found.get("jobs"))
                .allSatisfy(j -> assertThat(j.get("name").asText()).isEqualTo("Quernstone Lane"));
        assertThat(calls.call(run.leader, "GET", "/api/board?q=quernstone&show=CLOSED", null)
                        .body()
                        .get("all")
                        .asInt())
                .isZero();
        calls.on(run.leader, "POST", "/close", null);
        assertThat(calls.call(run.leader, "GET", "/api/board?q=quernstone&show=CLOSED", null)
                        .body()
                        .get("all")
                        .asInt())
                .isPositive();
    }
}
