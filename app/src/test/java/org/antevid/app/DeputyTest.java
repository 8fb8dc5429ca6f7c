package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** The leader's deputy gives the go and lifts; an offer gives no right, and neither does one taken back. */
@OnRealStore
class DeputyTest {
    private final RunningJob run;

    DeputyTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeEach
    void brief() throws Exception {
        run.briefed(run.saw);
        run.allReady(run.saw);
        run.readCautions();
    }

    private Calls.Reply on(SignedIn who, String method, String path, Object body) throws Exception {
        return run.on(who, method, path, body);
    }

    private void offer() throws Exception {
        RunningJob.ok(on(run.leader, "POST", "/deputy", Map.of("personId", run.watch.personId())));
    }

    private Calls.Reply accept(SignedIn who, String pin) throws Exception {
        return on(who, "POST", "/deputy/accepted", Map.of("pin", pin));
    }

    private JsonNode run(SignedIn who) throws Exception {
        return on(who, "GET", "/run", null).body();
    }

    @Test
    void anOfferGivesNoRightUntilItIsTakenOnWithThePin() throws Exception {
        assertThat(on(run.watch, "POST", "/run/go", Map.of()).status()).isEqualTo(403);
        offer();
        assertThat(run(run.watch).get("deputy").get("mine").asBoolean()).isTrue();
        assertThat(run(run.watch).get("iSteer").asBoolean()).isFalse();
        assertThat(on(run.watch, "POST", "/run/go", Map.of()).status()).isEqualTo(403);
        assertThat(accept(run.watch, "0000").status()).isEqualTo(401);
        assertThat(accept(run.saw, RunningJob.PIN).codes()).containsExactly("NOT_OFFERED");
        RunningJob.ok(accept(run.watch, RunningJob.PIN));
        assertThat(run(run.saw).get("deputy").get("name").asText()).isEqualTo(run.watch.name());
        RunningJob.ok(on(run.watch, "POST", "/run/go", Map.of()));
        assertThat(run(run.saw).get("going").asBoolean()).isTrue();
        assertThat(run.log().toString()).contains(run.watch.name());
    }

    @Test
    void aDeputyLiftsButPlansNothing() throws Exception {
        offer();
        RunningJob.ok(accept(run.watch, RunningJob.PIN));
        RunningJob.ok(on(run.saw, "POST", "/run/holds", Map.of("id", "h" + run.job)));
        JsonNode hold = on(run.watch, "GET", "/run/holds", null).body().get(0);
        RunningJob.ok(on(
                run.watch,
                "POST",
                "/run/holds/" + hold.get("id").asText() + "/lift",
                Map.of("reason", "CLEARED", "through", hold.get("through").asLong())));
        assertThat(run(run.saw).get("held").asBoolean()).isFalse();
        assertThat(on(run.watch, "POST", "/briefings", null).status()).isEqualTo(403);
        assertThat(on(run.watch, "POST", "/deputy", Map.of("personId", run.saw.personId()))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void whatIsTakenBackGivesNoRight() throws Exception {
        offer();
        RunningJob.ok(accept(run.watch, RunningJob.PIN));
        assertThat(on(run.saw, "DELETE", "/deputy", null).status()).isEqualTo(403);
        RunningJob.ok(on(run.leader, "DELETE", "/deputy", null));
        assertThat(on(run.watch, "POST", "/run/go", Map.of()).status()).isEqualTo(403);
        assertThat(accept(run.watch, RunningJob.PIN).codes()).containsExactly("NOT_OFFERED");
        assertThat(on(run.leader, "POST", "/deputy", Map.of("personId", run.leader.personId()))
                        .codes())
                .containsExactly("NOT_CREW");
    }

    @Test
    void whoHasNoPhoneIsReadyAsTheLookoutSeesAndBothNamesAreKept() throws Exception {
        Map<String, Object> seen = Map.of("personId", run.saw.personId(), "ready", true);
        RunningJob.ok(on(run.saw, "POST", "/run/ready", Map.of("ready", false)));
        assertThat(run(run.leader).get("against").findValuesAsText("why")).contains("NOT_READY");
        assertThat(on(run.saw, "POST", "/run/ready-seen", seen).status())
                .as("nobody sees himself")
                .isEqualTo(403);
        RunningJob.ok(on(run.watch, "POST", "/run/ready-seen", seen));
        JsonNode step = run(run.leader).get("step");
        assertThat(step.get("people").findValuesAsText("seenBy")).containsExactly(run.watch.name());
        assertThat(run.log().toString()).contains(run.saw.name(), "seen");
        RunningJob.ok(on(run.leader, "POST", "/run/go", Map.of()));
        RunningJob.ok(
                on(run.leader, "POST", "/run/ready-seen", Map.of("personId", run.saw.personId(), "ready", false)));
        assertThat(run(run.saw).get("going").asBoolean())
                .as("not ready any more ends the go")
                .isFalse();
    }
}
