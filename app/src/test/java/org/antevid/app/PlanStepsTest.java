package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.test.web.servlet.MockMvc;

/**
 * Steps that come from the plan: asked for with a reason, put in, not wanted with a reason, ticked off without a go.
 */
@OnRealStore
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PlanStepsTest {
    private final RunningJob run;
    private String lane;

    PlanStepsTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeAll
    void brief() throws Exception {
        run.briefed(run.saw);
        Map<String, Object> near = new HashMap<>(
                Map.of("name", "lane", "kind", "PATH", "form", "LINE", "radiusM", 1, "worth", 2, "mayBeHit", false));
        near.put("outline", List.of(Calls.spot(-20, -30), Calls.spot(20, -30)));
        near.put("protection", "CLOSE");
        near.put("protectedBy", run.watch.name());
        near.put("protectionDone", false);
        lane = on(run.leader, "POST", "/features", near).body().get("id").asText();
    }

    private Calls.Reply on(SignedIn who, String method, String path, Object body) throws Exception {
        return run.on(who, method, path, body);
    }

    private JsonNode asked() throws Exception {
        return on(run.leader, "GET", "/steps/asked", null).body().get("asked");
    }

    private JsonNode asked(String work) throws Exception {
        return StreamSupport.stream(asked().spliterator(), false)
                .filter(a -> a.get("key").asText().contains(work))
                .findFirst()
                .orElseThrow();
    }

    private List<String> against() throws Exception {
        return on(run.leader, "GET", "/run", null).body().get("against").findValuesAsText("why");
    }

    private JsonNode steps() throws Exception {
        return on(run.leader, "GET", "/steps", null).body();
    }

    private JsonNode ticked() throws Exception {
        return on(run.watch, "GET", "/run", null).body().get("tickedSteps");
    }

    private Calls.Reply tick(SignedIn who, String step, boolean done) throws Exception {
        return on(who, "POST", "/run/steps/" + step + "/tick", Map.of("done", done));
    }

    @Test
    @Order(1)
    void thePlanAsksForStepsWithTheirReasons() throws Exception {
        assertThat(asked().findValuesAsText("title"))
                .containsExactly("shut lane and guard it, for S1", "clear E1 of S1", "read the stump of S1", "limb S1");
        assertThat(asked("SHUT").get("because").asText()).contains("lane is 30 m from S1, whose ring is");
        assertThat(asked("SHUT").get("who").get(0).asText()).isEqualTo(run.watch.name());
    }

    @Test
    @Order(2)
    void oneThatIsNotWantedHasItsReasonAndIsNotPutIn() throws Exception {
        String key = asked("LIMB").get("key").asText();
        assertThat(on(run.leader, "POST", "/steps/not-wanted", Map.of("key", key, "reason", ""))
                        .status())
                .isEqualTo(400);
        assertThat(on(run.leader, "POST", "/steps/not-wanted", Map.of("key", "FELL/S9///", "reason", "x"))
                        .codes())
                .containsExactly("NOT_ASKED");
        RunningJob.ok(on(run.leader, "POST", "/steps/not-wanted", Map.of("key", key, "reason", "the owner does it")));
        RunningJob.ok(on(run.leader, "POST", "/steps/asked", Map.of("keys", List.of())));
        assertThat(steps().findValuesAsText("title"))
                .containsExactly("shut lane and guard it, for S1", "clear E1 of S1", "fell S1", "read the stump of S1");
        assertThat(asked("LIMB").get("notWanted").get("reason").asText()).isEqualTo("the owner does it");
        assertThat(run.log().toString()).contains("the owner does it");
    }

    @Test
    @Order(3)
    void aStepThatNeedsNoGoIsTickedByWhoDoesItAndThePlaceIsShutWithIt() throws Exception {
        String shut = steps().get(0).get("id").asText();
        assertThat(ticked().findValuesAsText("title"))
                .as("the lane is told with the places, once")
                .containsExactly("clear E1 of S1", "read the stump of S1");
        assertThat(ticked().get(0).get("first").asBoolean()).isTrue();
        assertThat(against()).contains("NOT_DONE", "FIRST");
        assertThat(tick(run.saw, shut, true).status()).isEqualTo(403);
        RunningJob.ok(tick(run.watch, shut, true));
        assertThat(against()).doesNotContain("NOT_DONE");
        RunningJob.ok(on(run.watch, "POST", "/run/protections/" + lane, Map.of("done", false)));
        assertThat(steps().get(0).get("done").asBoolean())
                .as("the guard is gone: the step is open again")
                .isFalse();
        RunningJob.ok(tick(run.watch, shut, true));
        assertThat(tick(run.leader, run.step, true).status())
                .as("a fall is never ticked off like that")
                .isEqualTo(404);
    }

    @Test
    @Order(4)
    void whatComesFirstStandsAgainstAGo() throws Exception {
        assertThat(against()).contains("FIRST");
        String clear = StreamSupport.stream(ticked().spliterator(), false)
                .filter(t -> t.get("title").asText().equals("clear E1 of S1"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asText();
        RunningJob.ok(tick(run.leader, clear, true));
        assertThat(against()).doesNotContain("FIRST");
        assertThat(on(run.leader, "GET", "/lays", null).body().toString())
                .as("the lay knows that its way is cleared, and by whom")
                .contains(run.leader.name());
        RunningJob.ok(
                on(run.leader, "PUT", "/stems/" + run.stem + "/lay/clearing", Map.of("side", "RIGHT", "done", false)));
        assertThat(against()).as("not cleared any more, wherever it was said").contains("FIRST");
        run.ownPin(run.leader);
        run.issue();
        RunningJob.ok(tick(run.leader, clear, true));
        assertThat(against()).as("what was briefed to be done is no change").doesNotContain("PLAN_CHANGED", "FIRST");
    }
}
