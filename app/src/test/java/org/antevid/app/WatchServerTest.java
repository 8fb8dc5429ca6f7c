package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** Instruments watch a run: what is crossed calls a hold, what is silent ends the go, what is put away is not asked. */
@OnRealStore
class WatchServerTest {
    private static final Duration SOON = Duration.ofSeconds(8);
    private final RunningJob run;

    WatchServerTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeEach
    void brief() throws Exception {
        TestMeter.calm();
        run.briefed(run.saw);
        run.allReady(run.saw);
        run.readCautions();
    }

    @AfterEach
    void forget() {
        TestMeter.told = false;
    }

    private String use(String kind, String number, SignedIn bearer) throws Exception {
        Map<String, Object> request = new HashMap<>(Map.of("kind", kind, "number", number));
        if (bearer != null) {
            request.put("personId", bearer.personId());
        }
        Calls.Reply made = run.on(run.leader, "POST", "/run/instruments", request);
        assertThat(made.status()).isEqualTo(201);
        return made.body().get("id").asText();
    }

    private void makeUp(String id, Map<String, Object> what) throws Exception {
        RunningJob.ok(run.on(run.leader, "POST", "/run/instruments/" + id + "/made-up", what));
    }

    private JsonNode seen(SignedIn who) throws Exception {
        return run.on(who, "GET", "/run", null).body();
    }

    private boolean going() throws Exception {
        return seen(run.leader).get("going").asBoolean();
    }

    private void go() throws Exception {
        RunningJob.ok(run.on(run.leader, "POST", "/run/go", Map.of()));
        assertThat(going()).isTrue();
    }

    @Test
    void aBeaconInsideTheRingCallsAHoldAndSaysWhoIsThere() throws Exception {
        String beacon = use("BEACON", "B1 " + run.job, run.watch);
        go();
        makeUp(beacon, Map.of("at", Calls.spot(6, 4), "silent", false));
        await().atMost(SOON).until(() -> seen(run.saw).get("held").asBoolean());
        JsonNode hold = run.on(run.saw, "GET", "/run/holds", null).body().get(0);
        assertThat(hold.get("personId").asText()).isEmpty();
        assertThat(hold.get("because").get("words").asText()).contains(run.watch.name());
        assertThat(run.log().toString()).contains(run.watch.name() + " is inside");
        // lifted, it is one hold and no more; the go waits until they are out
        RunningJob.ok(run.on(
                run.leader,
                "POST",
                "/run/holds/" + hold.get("id").asText() + "/lift",
                Map.of("reason", "CLEARED", "through", hold.get("through").asLong())));
        assertThat(run.on(run.leader, "POST", "/run/go", Map.of()).codes()).contains("WATCH");
        makeUp(beacon, Map.of("at", Calls.spot(95, 0), "silent", false));
        run.allReady(run.saw);
        go();
        assertThat(run.on(run.saw, "GET", "/run/holds", null).body()).hasSize(1);
    }

    @Test
    void theCutterIsNotSentAwayByTheirOwnBeacon() throws Exception {
        String beacon = use("BEACON", "B2 " + run.job, run.saw);
        makeUp(beacon, Map.of("at", Calls.spot(1, 0), "silent", false));
        go();
    }

    @Test
    void aSilentInstrumentEndsTheGoAndIsPutAwayWithAReason() throws Exception {
        String line = use("LINE", "D1 " + run.job, null);
        go();
        makeUp(line, Map.of("silent", true));
        await().atMost(Duration.ofSeconds(20))
                .until(() -> seen(run.saw).get("word").asText().equals("STAND_FAST"));
        assertThat(going()).isFalse();
        assertThat(seen(run.saw).get("watch").get(0).get("state").asText()).isEqualTo("NOT_KNOWN");
        assertThat(run.on(run.leader, "POST", "/run/instruments/" + line + "/away", Map.of("reason", " "))
                        .status())
                .isEqualTo(400);
        RunningJob.ok(
                run.on(run.leader, "POST", "/run/instruments/" + line + "/away", Map.of("reason", "battery is flat")));
        assertThat(seen(run.saw).get("watch")).isEmpty();
        run.allReady(run.saw);
        go();
    }

    @Test
    void oneIsInUseOnceABeaconHasABearerAndOnlyWhoSteersPutsOneToUse() throws Exception {
        String number = "D2 " + run.job;
        use("LINE", number, null);
        assertThat(run.on(run.leader, "POST", "/run/instruments", Map.of("kind", "LOAD", "number", number))
                        .codes())
                .containsExactly("IN_USE");
        assertThat(run.on(run.leader, "POST", "/run/instruments", Map.of("kind", "BEACON", "number", "B3"))
                        .codes())
                .containsExactly("NEEDED");
        use("BEACON", "B4 " + run.job, run.watch);
        assertThat(run.on(
                                run.leader,
                                "POST",
                                "/run/instruments",
                                Map.of("kind", "BEACON", "number", "B5", "personId", run.watch.personId()))
                        .codes())
                .containsExactly("IN_USE");
        assertThat(run.on(run.saw, "POST", "/run/instruments", Map.of("kind", "LINE", "number", "D9"))
                        .status())
                .isEqualTo(403);
        assertThat(run.on(run.leader, "POST", "/run/instruments/nothing/away", Map.of("reason", "gone"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whoeverCutsSaysWhatTheFaceShowsTheWorkStandsAndOnlyLessIsTakenFromThem() throws Exception {
        go();
        assertThat(run.on(run.watch, "GET", "/run/face", null).status()).isEqualTo(403);
        JsonNode sound = run.on(run.saw, "GET", "/run/face", null).body().get("sound");
        double quarter = sound.get(3).get("soundM").asDouble();
        Map<String, Object> seen = Map.of("soundLeftM", quarter, "soundRightM", quarter, "look", "BROWN_OR_SOFT");
        RunningJob.ok(run.on(run.saw, "PUT", "/run/face", seen));
        assertThat(going()).isFalse();
        assertThat(seen(run.saw).get("against").toString()).contains("PLAN_CHANGED");
        Map<String, Object> more = Map.of(
                "soundLeftM", sound.get(0).get("soundM").asDouble(), "soundRightM", quarter, "look", "BROWN_OR_SOFT");
        assertThat(run.on(run.saw, "PUT", "/run/face", more).codes()).containsExactly("MORE_WOOD");
        assertThat(run.on(run.watch, "PUT", "/run/face", seen).status()).isEqualTo(403);
    }

    @Test
    void aSurpriseOffersWhatComesNextFromTheBriefedPlan() throws Exception {
        go();
        RunningJob.ok(run.on(run.saw, "POST", "/run/holds", Map.of("id", "s" + run.job)));
        JsonNode hold = run.on(run.saw, "GET", "/run/holds", null).body().get(0);
        String at = "/run/holds/" + hold.get("id").asText();
        assertThat(run.on(run.saw, "GET", at + "/next", null).body()).isEmpty();
        RunningJob.ok(run.on(run.saw, "POST", at + "/surprise", Map.of("what", "STALLED", "id", "q" + run.job)));
        JsonNode next = run.on(run.saw, "GET", at + "/next", null).body();
        assertThat(next).hasSize(1);
        assertThat(next.get(0).get("at").asText()).isEqualTo("CUTS");
        assertThat(next.get(0).get("says").get("words").asText()).contains("no second means");
    }
}
