package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/**
 * A go goes only while all it rests on is there; whatever takes one of them away ends it within a second, with its
 * reason.
 */
@OnRealStore
class GoingTest {
    private final RunningJob run;

    GoingTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeEach
    void calm() throws Exception {
        TestMeter.calm();
        run.briefed(run.saw);
    }

    @AfterAll
    static void asUsual() {
        TestMeter.told = false;
    }

    /** Waits for the watch, which looks every second, to have written the end down. */
    private void ends(String because) throws Exception {
        assertThat(run.isGoing()).isFalse();
        long late = System.nanoTime() + Duration.ofSeconds(5).toNanos();
        JsonNode log = run.log();
        while (!log.get(0).get("says").get("words").asText().startsWith("STAND FAST") && System.nanoTime() < late) {
            Thread.sleep(20);
            log = run.log();
        }
        assertThat(log.toString()).contains("STAND FAST: ").contains(because);
        assertThat(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", 99))
                        .codes())
                .containsExactly("NOT_GOING");
    }

    /** A tree more for the day: who has nothing new to read goes on with the signature given before. */
    @Test
    void aLaterBriefingAsksForSignaturesOnlyWhereSomethingIsNew() throws Exception {
        String leader = run.leader.personId();
        run.ok(run.on(
                run.leader,
                "POST",
                "/steps",
                Map.of(
                        "kind",
                        "CLEAR",
                        "startMin",
                        30,
                        "endMin",
                        60,
                        "posts",
                        List.of(Map.of("role", "GROUND", "personId", leader, "stand", Calls.spot(-60, 4))))));
        assertThat(run.on(run.leader, "POST", "/briefings", null).status()).isEqualTo(201);
        assertThat(signed()).isEqualTo(Map.of("Petra Vane", 1, "Ivo Sedge", 1, "Lorne Askew", 0));
        run.allReady(run.saw);
        assertThat(run.on(run.leader, "POST", "/run/go", Map.of()).text()).isEmpty();
        // a target more is news for everybody
        Map<String, Object> shed = Map.of(
                "name",
                "shed",
                "kind",
                "BUILDING",
                "form",
                "POINT",
                "outline",
                List.of(Calls.spot(-40, -40)),
                "radiusM",
                2,
                "worth",
                2,
                "protection",
                "NONE",
                "protectionDone",
                false,
                "mayBeHit",
                false);
        run.ok(run.on(run.leader, "POST", "/features", shed));
        Calls.Reply third = run.on(run.leader, "POST", "/briefings", null);
        assertThat(third.status()).as(third.text()).isEqualTo(201);
        assertThat(signed()).isEqualTo(Map.of("Petra Vane", 0, "Ivo Sedge", 0, "Lorne Askew", 0));
    }

    /** @return for everybody with a part in a step the briefing whose signature counts now, 0 for none */
    private Map<String, Integer> signed() throws Exception {
        JsonNode issues = run.on(run.leader, "GET", "/briefings", null).body().get("issues");
        Map<String, Integer> all = new TreeMap<>();
        for (JsonNode s : issues.get(issues.size() - 1).get("signers")) {
            if (s.get("posted").asBoolean()) {
                all.put(s.get("name").asText(), s.path("signedNumber").asInt(0));
            }
        }
        return all;
    }

    @Test
    void notReadyEndsItAndReadyAgainDoesNotBringItBack() throws Exception {
        run.going(run.saw);
        assertThat(run.run(run.saw).get("word").asText()).isEqualTo("GO");
        RunningJob.ok(run.on(run.saw, "POST", "/run/ready", Map.of("ready", false)));
        ends("Petra Vane is not ready");
        assertThat(run.run(run.saw).get("word").asText()).isEqualTo("STAND_FAST");
        assertThat(run.run(run.saw).get("because").asText()).contains("Petra Vane is not ready");
        RunningJob.ok(run.on(run.saw, "POST", "/run/ready", Map.of("ready", true)));
        assertThat(run.isGoing()).isFalse();
        assertThat(run.on(run.leader, "POST", "/run/go", Map.of()).codes())
                .as("everybody anew, the path anew")
                .containsExactlyInAnyOrder("NOT_READY", "ASK_AGAIN");
        run.going(run.saw);
    }

    @Test
    void anOpenedPathEndsIt() throws Exception {
        run.going(run.saw);
        RunningJob.ok(run.on(run.watch, "POST", "/run/protections/" + run.path, Map.of("done", false)));
        ends("path");
    }

    @Test
    void aChangedPlanEndsIt() throws Exception {
        run.going(run.saw);
        JsonNode place = run.on(run.leader, "GET", "/features", null).body().get(0);
        assertThat(place.get("id").asText()).isEqualTo(run.path);
        RunningJob.ok(run.on(
                run.leader,
                "POST",
                "/features",
                Map.of(
                        "name",
                        "barrow",
                        "kind",
                        "OTHER",
                        "form",
                        "POINT",
                        "outline",
                        List.of(Calls.spot(40, -40)),
                        "radiusM",
                        0.5,
                        "worth",
                        1,
                        "mayBeHit",
                        false,
                        "protection",
                        "NONE",
                        "protectionDone",
                        false)));
        ends("the plan changed since briefing 1");
    }

    @Test
    void aGustOverTheLimitOfTheCardEndsItAndALullDoesNotBringItBack() throws Exception {
        run.going(run.saw);
        double limit = run.run(run.saw).get("gustLimitMs").asDouble();
        TestMeter.gustMs = limit + 0.1;
        ends("wait for the lull");
        TestMeter.gustMs = 2;
        assertThat(run.isGoing()).isFalse();
        TestMeter.gustMs = limit + 0.1;
        run.allReady(run.saw);
        assertThat(run.on(run.leader, "POST", "/run/go", Map.of()).codes()).contains("GUST");
    }

    @Test
    void aGustThatComesWhileOneIsAskedBelongsToTheNextQuestion() throws Exception {
        run.allReady(run.saw);
        TestMeter.gustMs = 4;
        TestMeter.risesTo = 30;
        TestMeter.readBy = Thread.currentThread().getId();
        JsonNode calm = run.run(run.saw);
        TestMeter.gustMs = 4;
        assertThat(calm.get("against"))
                .as("all of one answer rests on one reading")
                .isEmpty();
        assertThat(run.run(run.saw).get("against"))
                .as("nothing of the gust is kept for the calm")
                .isEmpty();
    }

    @Test
    void aMeterThatIsSilentForAMinuteEndsIt() throws Exception {
        run.going(run.saw);
        TestMeter.age = Duration.ofSeconds(61);
        ends("the wind has not been read for a minute");
        TestMeter.age = Duration.ZERO;
        assertThat(run.isGoing()).isFalse();
    }

    @Test
    void aDefectTheCrewSeesThatIsAStopEndsIt() throws Exception {
        run.going(run.saw);
        RunningJob.ok(run.on(
                run.watch,
                "POST",
                "/stems/" + run.stem + "/defects",
                Map.of("kind", "LIFTED_ROOT_PLATE", "fromM", 0, "toM", 0.3, "faceDeg", 180)));
        assertThat(run.isGoing()).isFalse();
    }

    @Test
    void aHoldEndsItAlsoAfterTheLiftAndMorePressesAreReceiptsOnIt() throws Exception {
        run.going(run.saw);
        RunningJob.ok(run.on(
                run.watch,
                "POST",
                "/run/holds",
                Map.of(
                        "id",
                        "h1-" + run.job,
                        "reason",
                        "dog",
                        "pressedAt",
                        "2026-11-27T10:00:00Z",
                        "sentAt",
                        "2026-11-27T10:12:30Z")));
        RunningJob.ok(run.on(run.saw, "POST", "/run/holds", Map.of("id", "h2-" + run.job, "reason", "I heard it")));
        JsonNode holds = run.on(run.leader, "GET", "/run/holds", null).body();
        assertThat(holds).hasSize(1);
        assertThat(holds.get(0).get("presses")).hasSize(2);
        assertThat(Duration.between(
                        Instant.parse(holds.get(0).get("at").asText()),
                        Instant.parse(holds.get(0).get("arrivedAt").asText())))
                .as("by the phone's own clock alone")
                .isEqualTo(Duration.ofMinutes(12).plusSeconds(30));
        assertThat(run.run(run.saw).get("word").asText()).isEqualTo("STOP");
        run.lift();
        assertThat(run.on(run.leader, "GET", "/run/holds", null)
                        .body()
                        .get(0)
                        .get("lifted")
                        .asBoolean())
                .isTrue();
        assertThat(run.isGoing()).isFalse();
        assertThat(run.run(run.saw).get("word").asText()).isEqualTo("WAIT");
    }

    @Test
    void whatAHoldWasCalledForSaysTheFirstThingToDoAndLiftsNothing() throws Exception {
        run.going(run.saw);
        String hold = "s" + run.job;
        RunningJob.ok(run.on(run.saw, "POST", "/run/holds", Map.of("id", hold)));
        Map<String, Object> stalled = Map.of("what", "STALLED", "id", "w" + run.job);
        for (int again = 0; again < 2; again++) {
            RunningJob.ok(run.on(run.saw, "POST", "/run/holds/" + hold + "/surprise", stalled));
        }
        JsonNode said = run.on(run.watch, "GET", "/run/holds", null).body().get(0);
        assertThat(said.get("what").get("words").asText()).isEqualTo("it does not move");
        assertThat(said.get("first").get("words").asText()).contains("nobody to the stump");
        assertThat(said.get("lifted").asBoolean()).isFalse();
        String log = run.log().toString();
        assertThat(log.indexOf("hold: it does not move"))
                .as("told twice, written once")
                .isPositive()
                .isEqualTo(log.lastIndexOf("hold: it does not move"));
        run.lift();
        assertThat(run.on(
                                run.watch,
                                "POST",
                                "/run/holds/" + hold + "/surprise",
                                Map.of("what", "HUNG", "id", "x" + run.job))
                        .codes())
                .containsExactly("CHANGED");
    }

    @Test
    void aLiftCoversOnlyWhatItsGiverHadSeen() throws Exception {
        RunningJob.ok(run.on(run.watch, "POST", "/run/holds", Map.of("id", "a" + run.job)));
        long seen = run.on(run.leader, "GET", "/run/holds", null)
                .body()
                .get(0)
                .get("through")
                .asLong();
        RunningJob.ok(run.on(run.saw, "POST", "/run/holds", Map.of("id", "b" + run.job)));
        RunningJob.ok(run.on(
                run.leader, "POST", "/run/holds/a" + run.job + "/lift", Map.of("reason", "CLEARED", "through", seen)));
        JsonNode holds = run.on(run.leader, "GET", "/run/holds", null).body();
        assertThat(holds.get(0).get("who").asText()).isEqualTo("Petra Vane");
        assertThat(holds.get(0).get("lifted").asBoolean()).isFalse();
        assertThat(run.run(run.saw).get("held").asBoolean()).isTrue();
    }

    @Test
    void withoutAPartTheWordIsStayOutWithRingAndPlaceToWait() throws Exception {
        SignedIn ground = run.calls.person("Odo Fell", Office.CREW, Set.of(Competence.GROUND));
        run.on(run.leader, "POST", "/members", Map.of("personId", ground.personId()));
        run.going(run.saw);
        JsonNode his = run.run(ground);
        assertThat(his.get("word").asText()).isEqualTo("STAY_OUT");
        assertThat(his.get("ringM").asDouble()).isGreaterThan(20);
        assertThat(his.has("waitAt")).isTrue();
        assertThat(run.run(run.saw).get("word").asText()).isEqualTo("GO");
    }

    @Test
    void theSameTapTwiceIsOneAndAnotherUnderItsIdIsRefused() throws Exception {
        Map<String, Object> tap = Map.of("ready", true, "id", "tap-1");
        RunningJob.ok(run.on(run.saw, "POST", "/run/ready", tap));
        RunningJob.ok(run.on(run.saw, "POST", "/run/ready", tap));
        assertThat(run.log().toString().split("ready for fell S1", -1)).hasSize(2);
        Calls.Reply other = run.on(run.saw, "POST", "/run/ready", Map.of("ready", false, "id", "tap-1"));
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.codes()).containsExactly("SENT_OTHERWISE");
        String first = run.job;
        run.briefed(run.saw);
        assertThat(run.job).isNotEqualTo(first);
        RunningJob.ok(run.on(run.saw, "POST", "/run/ready", tap));
        assertThat(run.run(run.saw).at("/step/iAmReady").asBoolean())
                .as("the id is looked up within the job")
                .isTrue();
    }
}
