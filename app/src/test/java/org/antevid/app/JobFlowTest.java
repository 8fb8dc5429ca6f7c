package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import java.util.Optional;
import java.util.Set;
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
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.test.web.servlet.MockMvc;

/** A job from an empty site to its outcome through the interface, with what is refused on the way. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = {"spring.datasource.url=jdbc:h2:file:./target/flow-test/${random.uuid}/antevid;WRITE_DELAY=0", "server.servlet.session.persistent=false"})
@AutoConfigureMockMvc
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class JobFlowTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    @Autowired
    private MockMvc mvc;
    @Autowired
    private People people;
    private SignedIn leader;
    private SignedIn saw;
    private SignedIn watch;
    private SignedIn reviewer;
    private String job;
    private String stem;
    private String step;

    private record Reply(int status, JsonNode body) {
        List<String> codes() {
            List<String> codes = new ArrayList<>();
            body.path("errors").forEach(e -> codes.add(e.get("code").asText()));
            return codes;
        }
    }

    @BeforeAll
    void hire() throws Exception {
        leader = person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        saw = person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        watch = person("Ivo Sedge", Office.CREW, Set.of(Competence.LOOKOUT, Competence.GROUND));
        reviewer = person("Merle Combe", Office.REVIEWER, Set.of(Competence.HUNG_UP));
        job = call(leader, "POST", "/api/jobs", Map.of("name", "Reed End", "place", "a meadow", "visitOn", "2026-11-24")).body.get("jobId").asText();
        for (SignedIn p : List.of(saw, watch)) {
            assertThat(on(leader, "POST", "/members", Map.of("personId", p.personId())).status).isEqualTo(200);
        }
    }

    private SignedIn person(String name, Office office, Set<Competence> competences) {
        return people.signed(people.add(name, office, Optional.empty(), competences).id());
    }

    private Reply call(SignedIn who, String method, String path, Object body) throws Exception {
        var r = request(HttpMethod.valueOf(method), path).with(authentication(new UsernamePasswordAuthenticationToken(who, null, List.of()))).with(csrf());
        if (body != null) {
            r.contentType(MediaType.APPLICATION_JSON).content(JSON.writeValueAsString(body));
        }
        var response = mvc.perform(r).andReturn().getResponse();
        String text = response.getContentAsString();
        return new Reply(response.getStatus(), text.isEmpty() ? JSON.createObjectNode() : JSON.readTree(text));
    }

    private Reply on(SignedIn who, String method, String path, Object body) throws Exception {
        return call(who, method, "/api/jobs/" + job + path, body);
    }

    private static Map<String, Object> spot(double e, double n) {
        return Map.of("eastM", e, "northM", n);
    }

    @Test
    @Order(1)
    void nothingIsGuessedForAStemThatIsNotMeasured() throws Exception {
        stem = on(leader, "POST", "/stems", Map.of("species", "QUERCUS", "state", "STANDING", "at", spot(0, 0), "wood", "SOUND", "shape", "FOREST", "crown",
            "FOREST_BROADLEAF", "toBeKept", false)).body.get("id").asText();
        Reply preview = on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0));
        assertThat(preview.status).isEqualTo(422);
        assertThat(preview.codes()).containsExactly("NOT_KNOWN");
        assertThat(on(leader, "GET", "/stems", null).body.get(0).get("notKnown")).hasSize(3);
        assertThat(on(leader, "GET", "/stems", null).body.get(0).has("mass")).isFalse();
    }

    private static Map<String, Object> choice(double deg) {
        return Map.of("layDeg", deg, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", "NOTHING");
    }

    @Test
    @Order(2)
    void sightingsAddUpAndBadOnesAreRefused() throws Exception {
        String path = "/stems/" + stem + "/sightings";
        assertThat(on(saw, "POST", path, Map.of("kind", "GIRTH", "a", 1.57, "instrument", "tape")).status).isEqualTo(204);
        assertThat(on(saw, "POST", path, Map.of("kind", "GIRTH", "a", -1, "instrument", "tape")).codes()).containsExactly("OUT_OF_RANGE");
        assertThat(on(saw, "POST", path, Map.of("kind", "GIRTH", "instrument", "tape")).codes()).containsExactly("MISSING");
        assertThat(on(leader, "POST", path, Map.of("kind", "HEIGHT_ANGLES", "a", 25, "b", 35, "c", -4, "instrument", "clinometer")).status).isEqualTo(204);
        assertThat(on(leader, "POST", path, Map.of("kind", "HEIGHT_ANGLES", "a", 25, "b", -4, "c", 35, "instrument", "clinometer")).codes()).containsExactly("TOP_NOT_ABOVE_BASE");
        assertThat(on(leader, "POST", path, Map.of("kind", "EYE_LEAN", "a", 4, "azimuthDeg", 0)).status).isEqualTo(204);
        assertThat(on(leader, "POST", path, Map.of("kind", "CROWN_RADIUS", "a", 3, "instrument", "tape")).status).isEqualTo(204);
        JsonNode s = on(leader, "GET", "/stems", null).body.get(0);
        // 1.57 / pi = 0.49975 m; an eye lean carries its 2 degrees
        assertThat(s.get("diameter").get("value").asDouble()).isEqualTo(1.57 / Math.PI);
        assertThat(s.get("lean").get("sigmaDeg").asDouble()).isEqualTo(2);
        assertThat(s.get("sightings")).hasSize(4);
        assertThat(s.get("sightings").get(0).get("who").asText()).isEqualTo("Petra Vane");
    }

    @Test
    @Order(3)
    void anEyeLeanIsTooLittleToProveTheLayAndAPlumbedOneEnough() throws Exception {
        JsonNode byEye = on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0)).body;
        assertThat(byEye.get("controlProven").asBoolean()).isFalse();
        assertThat(on(leader, "POST", "/stems/" + stem + "/sightings", Map.of("kind", "PLUMB_LEAN", "a", 4, "b", 0.4, "azimuthDeg", 0, "instrument", "plumb line")).status)
            .isEqualTo(204);
        assertThat(on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0)).body.get("controlProven").asBoolean()).isTrue();
        JsonNode back = on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(180)).body;
        assertThat(back.get("controlProven").asBoolean()).isFalse();
        assertThat(back.get("wholeCircle").asBoolean()).isTrue();
        assertThat(back.has("sigmaDeg")).isFalse();
        assertThat(on(leader, "POST", "/stems/" + stem + "/lay/dial", choice(0)).body.get("runs")).isNotEmpty();
        assertThat(on(leader, "POST", "/stems/" + stem + "/lay/schools", choice(0)).body).hasSize(5);
    }

    @Test
    @Order(4)
    void aLayIsFixedWithItsDropZoneOnly() throws Exception {
        Map<String, Object> without = Map.of("choice", choice(0), "fixed", true, "dropZone", List.of());
        assertThat(on(leader, "PUT", "/stems/" + stem + "/lay", without).codes()).containsExactly("MISSING");
        Map<String, Object> with = Map.of("choice", choice(0), "fixed", true, "dropZone", List.of(spot(-3, -1), spot(-3, 24), spot(3, 24), spot(3, -1)));
        assertThat(on(saw, "PUT", "/stems/" + stem + "/lay", with).status).isEqualTo(403);
        assertThat(on(leader, "PUT", "/stems/" + stem + "/lay", with).status).isEqualTo(204);
        assertThat(on(leader, "PUT", "/stems/" + stem + "/lay", with).status).as("no version given, so it is stale").isEqualTo(409);
    }

    @Test
    @Order(5)
    void theStepIsStaffedByWhoCanDoItOutsideTheRing() throws Exception {
        Map<String, Object> wrong = step(List.of(Map.of("role", "CUTTER", "personId", watch.personId())));
        assertThat(on(leader, "POST", "/steps", wrong).codes()).containsExactly("R02");
        Map<String, Object> inside = step(List.of(Map.of("role", "CUTTER", "personId", saw.personId()),
            Map.of("role", "LOOKOUT", "personId", watch.personId(), "stand", spot(-10, 0))));
        assertThat(on(leader, "POST", "/steps", inside).status).isEqualTo(204);
        assertThat(on(leader, "POST", "/briefings", null).body.get("detail").asText()).contains("inside its ring");
        JsonNode s = on(leader, "GET", "/steps", null).body.get(0);
        step = s.get("id").asText();
        Map<String, Object> outside = new HashMap<>(step(List.of(Map.of("role", "CUTTER", "personId", saw.personId()),
            Map.of("role", "LOOKOUT", "personId", watch.personId(), "stand", spot(-60, 0)))));
        outside.put("version", s.get("version").asLong());
        assertThat(on(leader, "PUT", "/steps/" + step, outside).status).isEqualTo(204);
    }

    private static Map<String, Object> step(List<Map<String, Object>> posts) {
        return Map.of("kind", "FELL", "stem", "S1", "startMin", 0, "endMin", 30, "posts", posts);
    }

    @Test
    @Order(6)
    void nobodySignsWithWrongAnswersOrAWrongPin() throws Exception {
        assertThat(on(leader, "POST", "/briefings", null).body.get("number").asInt()).isEqualTo(1);
        String code = on(leader, "GET", "", null).body.get("code").asText();
        for (SignedIn p : List.of(saw, watch)) {
            assertThat(call(p, "POST", "/api/join", Map.of("code", code, "personId", p.personId(), "pin", "2580")).status).isEqualTo(200);
            JsonNode card = on(p, "GET", "/briefings/card", null).body;
            assertThat(card.get("questions")).hasSize(3);
            assertThat(card.toString()).as("the right answers do not travel").doesNotContain("\"right\"");
            assertThat(on(p, "POST", "/briefings/1/signatures", Map.of("answers", List.of(0, 0, 0), "pin", "1111")).status).isEqualTo(401);
            Reply wrong = on(p, "POST", "/briefings/1/signatures", Map.of("answers", List.of(-1, -1, -1), "pin", "2580"));
            assertThat(wrong.codes()).containsExactly("READ_AGAIN", "READ_AGAIN", "READ_AGAIN");
            assertThat(sign(p, card.get("questions"))).isEqualTo(204);
        }
        assertThat(on(leader, "GET", "/briefings", null).body.get("issues").get(0).get("signers")).allMatch(s -> s.has("signedAt"));
    }

    /** Tries answers one question at a time: a refusal names the questions that were wrong. */
    private int sign(SignedIn p, JsonNode questions) throws Exception {
        List<Integer> answers = new ArrayList<>(List.of(0, 0, 0));
        for (int tries = 0; tries < 6; tries++) {
            Reply r = on(p, "POST", "/briefings/1/signatures", Map.of("answers", answers, "pin", "2580"));
            if (r.status == 204) {
                return 204;
            }
            r.body.path("errors").forEach(e -> {
                int i = Integer.parseInt(e.get("field").asText().replaceAll("\\D", ""));
                answers.set(i, answers.get(i) + 1);
            });
        }
        return 422;
    }

    @Test
    @Order(7)
    void theGoNamesEverythingThatStandsAgainstIt() throws Exception {
        assertThat(on(leader, "POST", "/run/go", null).codes()).containsExactlyInAnyOrder("SIGNAL", "NOT_READY", "NOT_READY");
        on(leader, "POST", "/run/signal-tried", null);
        on(saw, "POST", "/run/ready", Map.of("ready", true));
        assertThat(on(leader, "POST", "/run/ready", Map.of("ready", true)).codes()).containsExactly("NOT_POSTED");
        on(watch, "POST", "/run/ready", Map.of("ready", true));
        assertThat(on(leader, "POST", "/run/done", null).codes()).containsExactly("NOT_GOING");
        assertThat(on(leader, "POST", "/run/go", null).status).isEqualTo(204);
    }

    @Test
    @Order(8)
    void aHoldTakesTheGoAwayAndOnlyWhoSeesTheSawConfirmsStopped() throws Exception {
        assertThat(on(watch, "POST", "/run/holds", Map.of("id", "h1", "reason", "")).status).isEqualTo(204);
        assertThat(on(leader, "GET", "/run", null).body.get("going").asBoolean()).isFalse();
        assertThat(on(leader, "POST", "/run/holds/h1/receipts", Map.of("state", "STOPPED")).status).isEqualTo(403);
        assertThat(on(saw, "POST", "/run/holds/h1/receipts", Map.of("state", "STOPPED")).status).isEqualTo(204);
        assertThat(on(leader, "POST", "/run/go", null).codes()).contains("HOLD");
        assertThat(on(leader, "POST", "/run/holds/h1/lift", Map.of("reason", "seen")).status).isEqualTo(204);
        assertThat(on(leader, "POST", "/run/holds/h1/lift", Map.of("reason", "again")).codes()).containsExactly("LIFTED");
        assertThat(on(leader, "POST", "/run/go", null).codes()).as("everybody gets ready anew").containsExactlyInAnyOrder("NOT_READY", "NOT_READY");
        on(saw, "POST", "/run/ready", Map.of("ready", true));
        on(watch, "POST", "/run/ready", Map.of("ready", true));
        assertThat(on(leader, "POST", "/run/go", null).status).isEqualTo(204);
    }

    @Test
    @Order(9)
    void theOutcomeNeedsAFelledStemAndIsComparedWithTheBriefedLay() throws Exception {
        Map<String, Object> measured = Map.of("bearingDeg", 2, "distanceM", 18, "hingeLeftMm", 50);
        assertThat(on(leader, "PUT", "/review/outcomes/S1", measured).codes()).containsExactly("NOT_FELLED");
        assertThat(on(leader, "POST", "/run/done", null).status).isEqualTo(204);
        assertThat(on(saw, "PUT", "/review/outcomes/S1", measured).status).isEqualTo(403);
        assertThat(on(leader, "PUT", "/review/outcomes/S1", measured).status).isEqualTo(204);
        JsonNode o = on(reviewer, "GET", "/review", null).body.get("outcomes").get(0);
        assertThat(o.get("deviation").get("deviationDeg").asDouble()).isEqualTo(2.0);
        assertThat(o.get("spreadKnown").asBoolean()).isTrue();
        assertThat(on(leader, "GET", "/briefings", null).body.get("sinceLatest")).as("a stem felled as planned changes nothing").isEmpty();
        assertThat(on(reviewer, "POST", "/review/lessons", Map.of("words", "Measure twice.")).status).isEqualTo(204);
    }

    @Test
    @Order(10)
    void aHungStemKeepsTheJobOpenUntilGuardAndClosureAreNamed() throws Exception {
        String hung = on(leader, "POST", "/stems", Map.of("species", "FRAXINUS", "state", "HUNG", "at", spot(20, 0), "wood", "SOUND", "shape", "FOREST", "crown",
            "FOREST_BROADLEAF", "toBeKept", false)).body.get("id").asText();
        assertThat(on(leader, "POST", "/tangle/relations", Map.of("a", "S2", "type", "RESTS_ON", "b", "S9")).codes()).containsExactly("UNKNOWN_STEM");
        assertThat(on(leader, "GET", "/tangle", null).body.get("hangs")).hasSize(1);
        assertThat(on(leader, "POST", "/close", null).codes()).containsExactly("NO_GUARD");
        Map<String, Object> guard = Map.of("lockedInFork", false, "guard", "Ivo Sedge", "closure", "tape at 30 m", "version", -1);
        assertThat(on(leader, "PUT", "/tangle/hangs/" + hung, guard).status).isEqualTo(204);
        assertThat(on(leader, "POST", "/close", null).status).isEqualTo(204);
        assertThat(on(leader, "GET", "", null).body.get("closed").asBoolean()).isTrue();
    }
}
