package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.antevid.app.people.People;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/**
 * The steps of a stem that is tied, run: severing the tie is done though nothing moves, and what ties it still is
 * asked; bringing it down is not done while it has not moved.
 */
@OnRealStore
class TiedStemRunTest {
    private final RunningJob run;

    TiedStemRunTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeEach
    void aBirchLiesTiedToAKeptAsh() throws Exception {
        TestMeter.calm();
        run.briefed(run.saw).going(run.saw);
        RunningJob.ok(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", 99, "unticked", "DONE")));
        Map<String, Object> kept = new HashMap<>(Calls.stem("FRAXINUS", "STANDING", 30, 0));
        kept.put("toBeKept", true);
        RunningJob.ok(run.on(run.leader, "POST", "/stems", kept));
        String birch = run.on(run.leader, "POST", "/stems", Calls.stem("BETULA", "LYING", 30, 6))
                .body()
                .get("id")
                .asText();
        for (Map<String, Object> sighting : List.of(
                Calls.sighting("GIRTH", Map.of("girthM", 0.6)),
                Calls.sighting("EYE_HEIGHT", Map.of("heightM", 9)),
                Calls.sighting("EYE_CROWN", Map.of("radiusM", 1)))) {
            RunningJob.ok(run.on(run.leader, "POST", "/stems/" + birch + "/sightings", sighting));
        }
        Map<String, Object> pose = Map.of(
                "butt",
                Map.of("eastM", 30, "northM", 6, "heightM", 0.1),
                "tip",
                Map.of("eastM", 30, "northM", 14, "heightM", 0.3),
                "how",
                "TAPE",
                "sigmaM",
                0.2);
        RunningJob.ok(run.on(run.leader, "POST", "/tangle/stems/" + birch + "/poses", pose));
        RunningJob.ok(run.on(
                run.leader,
                "POST",
                "/tangle/relations",
                Map.of("a", "S3", "type", "BOUND", "b", "S2", "carries", "NOTHING", "severFrom", "OUTSIDE")));
    }

    @AfterAll
    static void asUsual() {
        TestMeter.told = false;
    }

    private List<String> notReentered() throws Exception {
        return StreamSupport.stream(
                        run.on(run.leader, "GET", "/findings", null).body().spliterator(), false)
                .filter(f -> f.get("rule").asText().equals("PICTURE_NOT_REENTERED"))
                .map(f -> f.get("words").asText())
                .toList();
    }

    private List<String> missing() throws Exception {
        return StreamSupport.stream(
                        run.on(run.leader, "GET", "/tangle/steps", null).body().spliterator(), false)
                .map(f -> f.get("title").asText())
                .toList();
    }

    @Test
    void aSeveredTieIsDoneThoughNothingMovesAndWhatTiesItStillIsAsked() throws Exception {
        RunningJob.ok(run.on(run.leader, "POST", "/tangle/steps", null));
        assertThat(missing())
                .as("tied to what stays it is left, unless a machine takes it")
                .isEmpty();
        run.issue();
        run.going(run.saw);
        JsonNode step = run.run(run.leader).get("step");
        assertThat(step.get("title").asText()).isEqualTo("sever S3 from S2, from outside");
        assertThat(step.at("/asksWhatItDid/doneIfStill").asBoolean()).isTrue();
        assertThat(step.at("/asksWhatItDid/anewIfStill").asBoolean()).isTrue();
        assertThat(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", 99))
                        .codes())
                .containsExactly("MISSING");
        RunningJob.ok(run.on(
                run.leader, "POST", "/run/done", Map.of("openTicks", 99, "unticked", "DONE", "moved", "NOT_AT_ALL")));
        assertThat(run.run(run.leader).has("step")).isFalse();
        assertThat(notReentered()).containsExactly("S3 had a tie severed: look at it again");
        String birch = run.on(run.leader, "GET", "/tangle", null)
                .body()
                .at("/stems/0/stemId")
                .asText();
        RunningJob.ok(run.on(run.leader, "POST", "/tangle/stems/" + birch + "/looks", null));
        assertThat(notReentered())
                .as("who says it is tied still is not asked twice")
                .isEmpty();
        assertThat(missing())
                .as("what ties it still is severed in a step of its own")
                .isNotEmpty();
        JsonNode tie = run.on(run.leader, "GET", "/tangle", null).body().at("/relations/0/id");
        RunningJob.ok(run.on(run.leader, "DELETE", "/tangle/relations/" + tie.asText(), null));
        assertThat(notReentered()).isEmpty();
        assertThat(missing()).as("free of it, a saw will do").containsExactly("crosscut S3");
        itIsCutUp();
    }

    /** Crosscut from end to end nothing of it is left to be looked at, or to have a step. */
    private void itIsCutUp() throws Exception {
        RunningJob.ok(run.on(run.leader, "POST", "/tangle/steps", null));
        run.issue();
        run.going(run.saw);
        assertThat(run.run(run.leader).at("/step/asksWhatItDid/where").asBoolean())
                .isFalse();
        RunningJob.ok(run.on(
                run.leader, "POST", "/run/done", Map.of("openTicks", 99, "unticked", "DONE", "moved", "AS_SAID")));
        assertThat(run.on(run.leader, "GET", "/tangle", null).body().get("stems"))
                .isEmpty();
        assertThat(missing()).isEmpty();
        assertThat(notReentered()).isEmpty();
        assertThat(run.on(run.leader, "GET", "/stems", null).text()).contains("CUT_UP");
    }
}
