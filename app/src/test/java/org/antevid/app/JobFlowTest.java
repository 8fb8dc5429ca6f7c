package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.Calls.Reply;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.test.web.servlet.MockMvc;

/** A job from an empty site to its outcome through the interface, with what is refused on the way. */
@OnRealStore
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class JobFlowTest {
    private final Calls calls;
    private SignedIn leader;
    private SignedIn saw;
    private SignedIn watch;
    private SignedIn reviewer;
    private String stem;
    private String step;

    JobFlowTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeAll
    void hire() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        saw = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        watch = calls.person("Ivo Sedge", Office.CREW, Set.of(Competence.LOOKOUT, Competence.GROUND));
        reviewer = calls.person("Merle Combe", Office.REVIEWER, Set.of(Competence.HUNG_UP));
        calls.open(leader, "Reed End");
        assertThat(on(leader, "PUT", "/place/emergency", with(Calls.CARD, "version", -1))
                        .status())
                .isEqualTo(204);
        for (SignedIn p : List.of(saw, watch)) {
            assertThat(on(leader, "POST", "/members", Map.of("personId", p.personId()))
                            .status())
                    .isEqualTo(200);
        }
    }

    private Reply on(SignedIn who, String method, String path, Object body) throws Exception {
        return calls.on(who, method, path, body);
    }

    @Test
    @Order(1)
    void nothingIsGuessedForAStemThatIsNotMeasured() throws Exception {
        stem = on(
                        leader,
                        "POST",
                        "/stems",
                        Map.of(
                                "species",
                                "QUERCUS",
                                "state",
                                "STANDING",
                                "at",
                                Calls.spot(0, 0),
                                "wood",
                                Calls.wood("SOUND"),
                                "shape",
                                "FOREST",
                                "crown",
                                "FOREST_BROADLEAF",
                                "toBeKept",
                                false))
                .body()
                .get("id")
                .asText();
        Reply preview = on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0));
        assertThat(preview.status()).isEqualTo(422);
        assertThat(preview.codes()).containsExactly("NOT_KNOWN");
        assertThat(on(leader, "GET", "/stems", null).body().get(0).get("notKnown"))
                .hasSize(3);
        assertThat(on(leader, "GET", "/stems", null).body().get(0).has("mass")).isFalse();
    }

    private static Map<String, Object> choice(double deg) {
        return Map.of("layDeg", deg, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", "NOTHING");
    }

    @Test
    @Order(2)
    void sightingsAddUpAndBadOnesAreRefused() throws Exception {
        String path = "/stems/" + stem + "/sightings";
        assertThat(on(saw, "POST", path, Calls.sighting("GIRTH", Map.of("girthM", 1.57)))
                        .status())
                .isEqualTo(201);
        JsonNode waiting = on(leader, "GET", "/stems", null).body().get(0);
        assertThat(waiting.has("diameter"))
                .as("what only the crew measured is not known yet")
                .isFalse();
        assertThat(on(
                                saw,
                                "POST",
                                path + "/"
                                        + waiting.get("sightings")
                                                .get(0)
                                                .get("id")
                                                .asText() + "/accept",
                                null)
                        .status())
                .isEqualTo(403);
        assertThat(on(
                                leader,
                                "POST",
                                path + "/"
                                        + waiting.get("sightings")
                                                .get(0)
                                                .get("id")
                                                .asText() + "/accept",
                                null)
                        .status())
                .isEqualTo(204);
        assertThat(on(saw, "POST", path, Calls.sighting("GIRTH", Map.of("girthM", -1)))
                        .codes())
                .containsExactly("OUT_OF_RANGE");
        assertThat(on(saw, "POST", path, Calls.sighting("GIRTH", Map.of())).codes())
                .containsExactly("MISSING");
        assertThat(on(
                                leader,
                                "POST",
                                path,
                                Calls.sighting("HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 35, "base", -4)))
                        .status())
                .isEqualTo(201);
        assertThat(on(
                                leader,
                                "POST",
                                path,
                                Calls.sighting("HEIGHT_ANGLES", Map.of("distanceM", 25, "top", -4, "base", 35)))
                        .codes())
                .containsExactly("TOP_NOT_ABOVE_BASE");
        assertThat(on(leader, "POST", path, Calls.sighting("EYE_LEAN", Map.of("leanDeg", 4, "azimuthDeg", 0)))
                        .status())
                .isEqualTo(201);
        assertThat(on(leader, "POST", path, Calls.sighting("CROWN_RADIUS", Map.of("radiusM", 3)))
                        .status())
                .isEqualTo(201);
        JsonNode s = on(leader, "GET", "/stems", null).body().get(0);
        // 1.57 / pi = 0.49975 m; an eye lean carries its 2 degrees
        assertThat(s.get("diameter").get("value").asDouble()).isEqualTo(1.57 / Math.PI);
        assertThat(s.get("lean").get("sigmaDeg").asDouble()).isEqualTo(2);
        assertThat(s.get("sightings")).hasSize(4);
        assertThat(s.get("sightings").get(0).get("who").asText()).isEqualTo("Petra Vane");
    }

    @Test
    @Order(3)
    void anEyeLeanIsTooLittleToProveTheLayAndAPlumbedOneEnough() throws Exception {
        JsonNode byEye =
                on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0)).body();
        assertThat(byEye.at("/control/proven").asBoolean()).isFalse();
        assertThat(on(
                                leader,
                                "POST",
                                "/stems/" + stem + "/sightings",
                                Calls.sighting("PLUMB_LEAN", Map.of("leanDeg", 4, "sigmaDeg", 0.4, "azimuthDeg", 0)))
                        .status())
                .isEqualTo(201);
        assertThat(on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0))
                        .body()
                        .at("/control/proven")
                        .asBoolean())
                .isTrue();
        JsonNode back = on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(180))
                .body();
        assertThat(back.at("/control/proven").asBoolean()).isFalse();
        assertThat(back.at("/reach/fan/wholeCircle").asBoolean()).isTrue();
        assertThat(back.get("control").has("sigmaDeg")).isFalse();
        assertThat(on(leader, "POST", "/stems/" + stem + "/lay/dial", choice(0))
                        .body()
                        .get("runs"))
                .isNotEmpty();
        assertThat(on(leader, "POST", "/stems/" + stem + "/cuts/preview", choice(0))
                        .body()
                        .get("types"))
                .hasSize(5);
    }

    @Test
    @Order(4)
    void aLayIsFixedWithItsDropZoneOnly() throws Exception {
        Map<String, Object> without = Map.of("choice", choice(0), "fixed", true, "dropZone", List.of());
        assertThat(on(leader, "PUT", "/stems/" + stem + "/lay", without).codes())
                .containsExactly("MISSING");
        Map<String, Object> with = Map.of(
                "choice",
                choice(0),
                "fixed",
                true,
                "dropZone",
                List.of(Calls.spot(-3, -1), Calls.spot(-3, 24), Calls.spot(3, 24), Calls.spot(3, -1)));
        assertThat(on(saw, "PUT", "/stems/" + stem + "/lay", with).status()).isEqualTo(403);
        assertThat(on(leader, "PUT", "/stems/" + stem + "/lay", with).status()).isEqualTo(204);
        assertThat(on(leader, "PUT", "/stems/" + stem + "/lay", with).status())
                .as("no version given, so it is stale")
                .isEqualTo(409);
    }

    @Test
    @Order(5)
    void theStepIsStaffedByWhoCanDoItOutsideTheRing() throws Exception {
        Map<String, Object> wrong = step(List.of(Map.of("role", "CUTTER", "personId", watch.personId())));
        assertThat(on(leader, "POST", "/steps", wrong).codes()).containsExactly("R02_COMPETENCE");
        Map<String, Object> inside = step(List.of(
                Map.of("role", "CUTTER", "personId", saw.personId()),
                Map.of("role", "LOOKOUT", "personId", watch.personId(), "stand", Calls.spot(-10, 0))));
        assertThat(on(leader, "POST", "/steps", inside).status()).isEqualTo(201);
        assertThat(on(leader, "POST", "/briefings", null).body().get("detail").asText())
                .contains("inside its ring");
        JsonNode s = on(leader, "GET", "/steps", null).body().get(0);
        step = s.get("id").asText();
        Map<String, Object> outside = new HashMap<>(step(List.of(
                Map.of("role", "CUTTER", "personId", saw.personId()),
                Map.of("role", "LOOKOUT", "personId", watch.personId(), "stand", Calls.spot(-60, 0)))));
        outside.put("version", s.get("version").asLong());
        assertThat(on(leader, "PUT", "/steps/" + step, outside).status()).isEqualTo(204);
    }

    private static Map<String, Object> step(List<Map<String, Object>> posts) {
        return Map.of("kind", "FELL", "stem", "S1", "startMin", 0, "endMin", 30, "posts", posts);
    }

    @Test
    @Order(6)
    void nobodySignsWithWrongAnswersOrAWrongPin() throws Exception {
        assertThat(on(leader, "POST", "/briefings", null).body().get("number").asInt())
                .isEqualTo(1);
        String code = on(leader, "GET", "", null).body().get("code").asText();
        for (SignedIn p : List.of(saw, watch)) {
            assertThat(calls.call(
                                    p,
                                    "POST",
                                    "/api/join",
                                    Map.of(
                                            "code",
                                            code,
                                            "personId",
                                            p.personId(),
                                            "pin",
                                            "2580",
                                            "word",
                                            calls.wordOf(leader, p)))
                            .status())
                    .isEqualTo(200);
            JsonNode card = on(p, "GET", "/briefings/card", null).body();
            assertThat(card.get("questions")).hasSize(3);
            assertThat(card.get("questions").toString())
                    .as("the right answers do not travel")
                    .doesNotContain("\"right\"");
            assertThat(on(p, "POST", "/briefings/1/signatures", Map.of("answers", List.of(0, 0, 0), "pin", "1111"))
                            .status())
                    .isEqualTo(401);
            Reply wrong =
                    on(p, "POST", "/briefings/1/signatures", Map.of("answers", List.of(-1, -1, -1), "pin", "2580"));
            assertThat(wrong.codes()).containsExactly("READ_AGAIN", "READ_AGAIN", "READ_AGAIN");
            assertThat(wrongTries(p)).isEqualTo(1);
            on(p, "POST", "/briefings/1/signatures", Map.of("answers", List.of(-1, -1, -1), "pin", "2580"));
            assertThat(wrongTries(p)).isEqualTo(2);
            assertThat(on(leader, "GET", "/run/log", null).text()).contains("read briefing 1 back wrongly twice");
            assertThat(sign(p, 1)).isEqualTo(204);
        }
        assertThat(on(leader, "GET", "/briefings", null)
                        .body()
                        .get("issues")
                        .get(0)
                        .get("signers"))
                .allMatch(s -> s.has("signedAt"));
    }

    private int wrongTries(SignedIn p) throws Exception {
        for (JsonNode s : on(leader, "GET", "/briefings", null)
                .body()
                .get("issues")
                .get(0)
                .get("signers")) {
            if (s.get("personId").asText().equals(p.personId())) {
                return s.get("wrongTries").asInt();
            }
        }
        return 0;
    }

    /** Tries answers one question at a time: a refusal names the questions that were wrong. */
    private int sign(SignedIn p, int number) throws Exception {
        List<Integer> answers = new ArrayList<>(List.of(0, 0, 0));
        for (int tries = 0; tries < 6; tries++) {
            Reply r = on(p, "POST", "/briefings/" + number + "/signatures", Map.of("answers", answers, "pin", "2580"));
            if (r.status() == 204) {
                return 204;
            }
            r.body().path("errors").forEach(e -> {
                int i = Integer.parseInt(e.get("field").asText().replaceAll("\\D", ""));
                answers.set(i, answers.get(i) + 1);
            });
        }
        return 422;
    }

    @Test
    @Order(7)
    void theGoNamesEverythingThatStandsAgainstIt() throws Exception {
        assertThat(on(leader, "POST", "/run/go", null).codes())
                .contains("SIGNAL", "NOT_READY", "CAUTION")
                .containsOnly("SIGNAL", "NOT_READY", "CAUTION");
        on(leader, "POST", "/run/signal-tried", null);
        assertThat(readCautions()).isPositive();
        on(saw, "POST", "/run/ready", Map.of("ready", true));
        assertThat(on(leader, "POST", "/run/ready", Map.of("ready", true)).codes())
                .containsExactly("NOT_POSTED");
        on(watch, "POST", "/run/ready", Map.of("ready", true));
        assertThat(on(leader, "POST", "/run/done", null).codes()).containsExactly("NOT_GOING");
        assertThat(on(leader, "POST", "/run/go", null).status()).isEqualTo(204);
    }

    /** @return how many the leader read: none of them is asked again while its numbers stay */
    private int readCautions() throws Exception {
        int read = 0;
        for (JsonNode a : on(leader, "GET", "/run", null).body().get("against")) {
            if (a.get("why").asText().equals("CAUTION")) {
                assertThat(on(
                                        leader,
                                        "POST",
                                        "/acknowledgements",
                                        Map.of("findingKey", a.get("subject").asText()))
                                .status())
                        .isLessThan(300);
                read++;
            }
        }
        return read;
    }

    @Test
    @Order(8)
    void aHoldTakesTheGoAwayAndOnlyWhoSeesTheSawConfirmsStopped() throws Exception {
        assertThat(on(watch, "POST", "/run/holds", Map.of("id", "h1", "reason", ""))
                        .status())
                .isEqualTo(204);
        assertThat(on(leader, "GET", "/run", null).body().get("going").asBoolean())
                .isFalse();
        assertThat(on(leader, "POST", "/run/holds/h1/receipts", Map.of("state", "STOPPED"))
                        .status())
                .isEqualTo(403);
        assertThat(on(saw, "POST", "/run/holds/h1/receipts", Map.of("state", "STOPPED"))
                        .status())
                .isEqualTo(204);
        assertThat(on(leader, "GET", "/run/holds", null)
                        .body()
                        .at("/0/receipts/0/personId")
                        .asText())
                .isEqualTo(saw.personId());
        assertThat(on(leader, "POST", "/run/go", null).codes()).contains("HOLD");
        long through = on(leader, "GET", "/run/holds", null)
                .body()
                .get(0)
                .get("through")
                .asLong();
        assertThat(on(leader, "POST", "/run/holds/h1/lift", Map.of("reason", "LOOKED", "through", through))
                        .status())
                .isEqualTo(204);
        assertThat(on(leader, "POST", "/run/holds/h1/lift", Map.of("reason", "LOOKED", "through", through))
                        .codes())
                .containsExactly("LIFTED");
        assertThat(on(leader, "POST", "/run/go", null).codes())
                .as("everybody gets ready anew")
                .containsExactlyInAnyOrder("NOT_READY", "NOT_READY");
        on(saw, "POST", "/run/ready", Map.of("ready", true));
        on(watch, "POST", "/run/ready", Map.of("ready", true));
        assertThat(on(leader, "POST", "/run/go", null).status()).isEqualTo(204);
    }

    @Test
    @Order(9)
    void theCutsAreTickedOffByThoseAtTheStump() throws Exception {
        JsonNode cuts = on(saw, "GET", "/run", null).body().at("/step/cuts");
        assertThat(cuts).hasSizeGreaterThan(8);
        assertThat(on(saw, "POST", "/run/ticks", Map.of("key", "saw", "done", true))
                        .status())
                .isEqualTo(204);
        assertThat(on(watch, "POST", "/run/ticks", Map.of("key", "saw", "done", true))
                        .status())
                .as("twice is once")
                .isEqualTo(204);
        assertThat(on(watch, "GET", "/run", null).body().at("/step/cuts/0/who").asText())
                .isEqualTo("Petra Vane");
        assertThat(on(watch, "POST", "/run/ticks", Map.of("key", "saw", "done", false))
                        .status())
                .isEqualTo(204);
        assertThat(on(watch, "GET", "/run", null).body().at("/step/cuts/0").has("who"))
                .isFalse();
        assertThat(on(saw, "POST", "/run/ticks", Map.of("key", "no such cut", "done", true))
                        .status())
                .isEqualTo(404);
        SignedIn ground = calls.person("Odo Fell", Office.CREW, Set.of(Competence.GROUND));
        on(leader, "POST", "/members", Map.of("personId", ground.personId()));
        assertThat(on(ground, "POST", "/run/ticks", Map.of("key", "saw", "done", true))
                        .status())
                .as("not at the stump")
                .isEqualTo(403);
        assertThat(on(leader, "GET", "/run/log", null).body().toString())
                .contains("not done after all: Saw: brake tried");
    }

    /** The face is open while the work runs: it halts until the crew is briefed on the card that follows. */
    @Test
    @Order(10)
    void whatTheOpenedFaceShowsHaltsTheWorkUntilItIsBriefed() throws Exception {
        assertThat(on(leader, "GET", "/run", null).body().get("going").asBoolean())
                .isTrue();
        assertThat(on(
                                leader,
                                "PUT",
                                "/stems/" + stem + "/cuts/opened",
                                Map.of("soundLeftM", 0.5, "soundRightM", 0.5, "wood", "SOUND"))
                        .status())
                .isEqualTo(204);
        JsonNode run = on(leader, "GET", "/run", null).body();
        assertThat(run.get("going").asBoolean()).isFalse();
        assertThat(on(leader, "GET", "/run/log", null).body().toString()).contains("STAND FAST: ");
        assertThat(on(leader, "POST", "/run/go", null).codes()).contains("PLAN_CHANGED", "NOT_READY");
        assertThat(on(leader, "GET", "/briefings", null)
                        .body()
                        .get("sinceLatest")
                        .toString())
                .contains("opened face of S1");
        assertThat(on(leader, "POST", "/briefings", null).body().get("number").asInt())
                .isEqualTo(2);
        for (SignedIn p : List.of(saw, watch)) {
            assertThat(sign(p, 2)).isEqualTo(204);
            on(p, "POST", "/run/ready", Map.of("ready", true));
        }
        readCautions();
        assertThat(on(leader, "POST", "/run/go", null).status()).isEqualTo(204);
    }

    private static Map<String, Object> fall(double bearingDeg, double distanceM, String reason) {
        return Map.of(
                "bearingDeg",
                bearingDeg,
                "distanceM",
                distanceM,
                "by",
                "TAPE",
                "control",
                "KEPT",
                "hingeLeftM",
                0.05,
                "hingeRightM",
                0.04,
                "reason",
                reason);
    }

    @Test
    @Order(11)
    void theOutcomeNeedsAFelledStemAndIsComparedWithTheBriefedLay() throws Exception {
        Map<String, Object> measured = fall(2, 18, "");
        assertThat(on(leader, "PUT", "/review/outcomes/S1", measured).codes()).containsExactly("NOT_FELLED");
        assertThat(on(leader, "POST", "/run/done", null).codes())
                .as("nobody has ticked the cuts off")
                .containsExactly("OPEN_TICKS");
        int open = on(leader, "GET", "/run", null).body().at("/step/openTicks").asInt();
        assertThat(on(leader, "POST", "/run/done", Map.of("openTicks", open, "unticked", "DONE"))
                        .status())
                .isEqualTo(204);
        assertThat(on(watch, "PUT", "/review/outcomes/S1", measured).status())
                .as("had no saw")
                .isEqualTo(403);
        assertThat(on(leader, "PUT", "/review/outcomes/S1", Map.of("bearingDeg", 2, "distanceM", 18))
                        .status())
                .as("how it was measured and what became of it is asked for")
                .isEqualTo(400);
        assertThat(on(saw, "GET", "/review", null).body().get("told").get(0).asText())
                .isEqualTo("S1");
        assertThat(on(watch, "GET", "/review", null).body().get("told")).isEmpty();
        assertThat(on(saw, "PUT", "/review/outcomes/S1", measured).status()).isEqualTo(204);
        assertThat(on(leader, "PUT", "/review/outcomes/S1", fall(3, 18, "")).codes())
                .as("nothing is overwritten")
                .containsExactly("MISSING");
        assertThat(on(leader, "PUT", "/review/outcomes/S1", fall(182, 119, "")).codes())
                .containsExactly("ASKED_BACK", "ASKED_BACK");
        assertThat(on(leader, "PUT", "/review/outcomes/S1", fall(4, 18, "read the compass again"))
                        .status())
                .isEqualTo(204);
        JsonNode all =
                on(reviewer, "GET", "/review", null).body().get("outcomes").get(0);
        assertThat(all.at("/outcome/deviation/actualLayDeg").asDouble()).isEqualTo(4.0);
        assertThat(all.at("/outcome/explained/shares").findValuesAsText("cause"))
                .contains("HINGE_UNEVEN");
        assertThat(all.at("/outcome/briefing").asInt())
                .as("the one its go was given under")
                .isEqualTo(2);
        JsonNode o = all.get("before").get(0);
        assertThat(o.get("deviation").get("actualLayDeg").asDouble()).isEqualTo(2.0);
        assertThat(o.get("deviation").has("withinFan")).isTrue();
        assertThat(on(leader, "GET", "/briefings", null).body().get("sinceLatest"))
                .as("a stem felled as planned changes nothing")
                .isEmpty();
        assertThat(on(reviewer, "POST", "/lessons", Map.of("words", "Measure twice.", "becomes", "REMINDER"))
                        .status())
                .isEqualTo(201);
    }

    @Test
    @Order(12)
    void aHungStemKeepsTheJobOpenUntilGuardAndClosureAreNamed() throws Exception {
        String hung = on(
                        leader,
                        "POST",
                        "/stems",
                        Map.of(
                                "species",
                                "FRAXINUS",
                                "state",
                                "HUNG",
                                "at",
                                Calls.spot(20, 0),
                                "wood",
                                Calls.wood("SOUND"),
                                "shape",
                                "FOREST",
                                "crown",
                                "FOREST_BROADLEAF",
                                "toBeKept",
                                false))
                .body()
                .get("id")
                .asText();
        assertThat(on(leader, "POST", "/tangle/relations", Map.of("a", "S2", "type", "RESTS_ON", "b", "S9"))
                        .codes())
                .containsExactly("UNKNOWN_STEM");
        assertThat(on(leader, "GET", "/tangle", null).body().get("hangs")).hasSize(1);
        assertThat(on(leader, "POST", "/close", null).codes()).containsExactly("NO_GUARD");
        Map<String, Object> guard =
                Map.of("lockedInFork", false, "guard", "Ivo Sedge", "closure", "tape at 30 m", "version", -1);
        assertThat(on(leader, "PUT", "/tangle/hangs/" + hung, guard).status()).isEqualTo(204);
        assertThat(on(leader, "POST", "/close", null).status()).isEqualTo(204);
        assertThat(on(leader, "GET", "", null).body().get("closed").asBoolean()).isTrue();
    }

    private static Map<String, Object> with(Map<String, Object> body, String key, Object value) {
        Map<String, Object> all = new HashMap<>(body);
        all.put(key, value);
        return all;
    }
}
