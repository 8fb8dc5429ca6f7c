package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.antevid.app.people.People;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/**
 * Somebody without work comes to the site: told by whoever meets them, told again before the next go when it changed.
 */
@OnRealStore
class VisitorServerTest {
    private final RunningJob run;

    VisitorServerTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeEach
    void brief() throws Exception {
        TestMeter.calm();
        run.briefed(run.saw);
        run.allReady(run.saw);
        run.readCautions();
    }

    private static Map<String, Object> client(boolean saidBack) {
        return Map.of("name", "Ms Reedmace", "kind", "CLIENT", "saidBack", saidBack);
    }

    private JsonNode here() throws Exception {
        return run.on(run.watch, "GET", "/visitors", null).body().get("here");
    }

    private String against() throws Exception {
        return run.on(run.leader, "GET", "/run", null).body().get("against").toString();
    }

    @Test
    void theLookoutTellsAClientWhoSaysItBackAndBothNamesAreKept() throws Exception {
        assertThat(run.on(run.watch, "GET", "/visitors", null).body().get("card"))
                .hasSize(4);
        assertThat(run.on(run.watch, "POST", "/visitors", client(false)).status())
                .isEqualTo(400);
        assertThat(run.on(run.watch, "POST", "/visitors", client(true)).status())
                .isEqualTo(201);
        assertThat(here().get(0).get("toldBy").asText()).isEqualTo(run.watch.name());
        assertThat(run.log().toString()).contains("Ms Reedmace (client) told and said back");
        assertThat(against()).doesNotContain("VISITOR");
        RunningJob.ok(
                run.on(run.saw, "POST", "/visitors/" + here().get(0).get("id").asText() + "/left", null));
        assertThat(here()).isEmpty();
    }

    @Test
    void whereTheyWaitIsChangedTheyAreToldAgainBeforeTheNextGo() throws Exception {
        String id = run.on(run.watch, "POST", "/visitors", client(true))
                .body()
                .get("id")
                .asText();
        JsonNode job = run.on(run.leader, "GET", "", null).body();
        RunningJob.ok(run.on(
                run.leader,
                "PUT",
                "/conditions",
                Map.of(
                        "windLimitMs",
                        job.get("windLimitMs").asDouble(),
                        "slopeDeg",
                        job.get("slopeDeg").asDouble(),
                        "downhillDeg",
                        job.get("downhillDeg").asDouble(),
                        "meetingPoint",
                        "at the barn",
                        "version",
                        job.get("version").asLong())));
        assertThat(here().get(0).get("again").asBoolean()).isTrue();
        assertThat(against()).contains("VISITOR").contains("Ms Reedmace");
        assertThat(run.on(run.leader, "POST", "/run/go", Map.of()).codes()).contains("VISITOR");
        RunningJob.ok(run.on(run.saw, "POST", "/visitors/" + id + "/again", null));
        assertThat(against()).doesNotContain("VISITOR");
        assertThat(run.on(run.saw, "POST", "/visitors/nobody/again", null).status())
                .isEqualTo(404);
    }
}
