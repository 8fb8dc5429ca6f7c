package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
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

/** A day's people and steps: proofs that run out, who leaves at noon, the smallest change that mends it. */
@OnRealStore
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class RosterServerTest {
    private final Calls calls;
    private SignedIn owner;
    private SignedIn leader;
    private SignedIn saw;
    private SignedIn watch;
    private SignedIn hand;

    RosterServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeAll
    void hire() throws Exception {
        owner = calls.person("Berit Lask", Office.OWNER, Set.of());
        leader = calls.person("Runa Holt", Office.LEADER, Set.of(Competence.SAW, Competence.FIRST_AID));
        saw = calls.person("Jory Penn", Office.CREW, Set.of(Competence.SAW));
        watch = calls.person("Elin Marl", Office.CREW, Set.of(Competence.LOOKOUT, Competence.GROUND));
        hand = calls.person("Odo Reeve", Office.CREW, Set.of(Competence.GROUND));
        calls.open(leader, "Alder Row");
        for (SignedIn p : List.of(saw, watch)) {
            assertThat(calls.on(leader, "POST", "/members", Map.of("personId", p.personId()))
                            .status())
                    .isEqualTo(200);
        }
        assertThat(calls.on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                        .status())
                .isEqualTo(201);
    }

    private Reply on(SignedIn who, String method, String path, Object body) throws Exception {
        return calls.on(who, method, path, body);
    }

    private static Map<String, Object> step(String kind, int from, int to, List<Map<String, Object>> posts) {
        return new HashMap<>(Map.of("kind", kind, "stem", "S1", "startMin", from, "endMin", to, "posts", posts));
    }

    private static Map<String, Object> post(String role, SignedIn who) {
        return Map.of("role", role, "personId", who.personId());
    }

    private JsonNode person(SignedIn who) throws Exception {
        for (JsonNode p : calls.call(owner, "GET", "/api/people", null).body()) {
            if (p.get("id").asText().equals(who.personId())) {
                return p;
            }
        }
        throw new AssertionError("nobody");
    }

    private Reply prove(SignedIn who, LocalDate validTo, double maxDiameterM) throws Exception {
        return calls.call(
                owner,
                "PUT",
                "/api/people/" + who.personId() + "/competences",
                Map.of(
                        "version",
                        person(who).get("version").asLong(),
                        "held",
                        List.of(Map.of(
                                "competence",
                                "SAW",
                                "validTo",
                                validTo.toString(),
                                "maxDiameterM",
                                maxDiameterM,
                                "trainee",
                                false,
                                "proof",
                                "card 12"))));
    }

    private List<String> said() throws Exception {
        return on(leader, "GET", "/findings", null).body().findValuesAsText("words");
    }

    private JsonNode roster() throws Exception {
        return on(leader, "GET", "/roster", null).body();
    }

    @Test
    @Order(1)
    void aProofIsWrittenDownByTheOwnerWithWhoConfirmedIt() throws Exception {
        assertThat(prove(saw, LocalDate.now().plusYears(1), 0.6).status()).isEqualTo(204);
        JsonNode proof = person(saw).get("proofs").get(0);
        assertThat(proof.get("confirmedBy").asText()).isEqualTo("Berit Lask");
        assertThat(proof.get("said").get("maxDiameterM").asText()).contains("60");
        assertThat(calls.call(
                                leader,
                                "PUT",
                                "/api/people/" + saw.personId() + "/competences",
                                Map.of("version", 0, "held", List.of()))
                        .status())
                .isEqualTo(403);
        assertThat(calls.call(
                                owner,
                                "PUT",
                                "/api/people/" + saw.personId() + "/competences",
                                Map.of("version", 77, "held", List.of()))
                        .status())
                .isEqualTo(409);
        assertThat(prove(saw, LocalDate.now().plusYears(1), 60).messages())
                .singleElement()
                .asString()
                .startsWith("maxDiameterM");
    }

    @Test
    @Order(2)
    void anEmptyPostIsMendedBySomebodyOfTheJobInOneCall() throws Exception {
        assertThat(on(leader, "POST", "/steps", step("FELL", 0, 30, List.of(post("CUTTER", saw))))
                        .status())
                .isEqualTo(201);
        JsonNode mend = roster().get("mends").get(0);
        assertThat(mend.get("words").asText()).isEqualTo("Elin Marl can be lookout in fell S1");
        Map<String, Object> wanted = Map.of(
                "finding",
                mend.get("findings").get(0).asText(),
                "change",
                mend.get("change").asText());
        assertThat(on(saw, "POST", "/roster/mend", wanted).status()).isEqualTo(403);
        assertThat(on(leader, "POST", "/roster/mend", wanted).status()).isEqualTo(204);
        assertThat(roster().get("mends")).isEmpty();
        assertThat(on(leader, "GET", "/steps", null).body().get(0).get("posts")).hasSize(2);
        assertThat(on(leader, "POST", "/roster/mend", wanted).codes()).containsExactly("CHANGED");
    }

    @Test
    @Order(3)
    void aProofThatRunsOutStopsWhatItWasNeededFor() throws Exception {
        assertThat(said()).noneMatch(w -> w.contains("run out"));
        assertThat(prove(saw, LocalDate.now().minusDays(1), 0.6).status()).isEqualTo(204);
        assertThat(said()).anyMatch(w -> w.contains("Jory Penn: proof for felling saw has run out"));
        assertThat(roster().get("mends").findValuesAsText("words"))
                .as("nobody mends it by taking the saw from whom alone can give first aid")
                .noneMatch(w -> w.contains("Runa Holt"));
        Map<String, Object> again = step("CROSSCUT", 30, 40, List.of(post("CUTTER", saw)));
        assertThat(on(leader, "POST", "/steps", again).codes()).containsExactly("R20_COMPETENCE_EXPIRED");
        assertThat(prove(saw, LocalDate.now(), 0.6).status()).isEqualTo(204);
        assertThat(said()).noneMatch(w -> w.contains("run out"));
    }

    @Test
    @Order(4)
    void whoLeavesEarlyIsMissedByTheStepsAfter() throws Exception {
        String presence = "/members/" + saw.personId() + "/presence";
        assertThat(on(leader, "PUT", presence, Map.of("fromMin", 0, "toMin", 20))
                        .status())
                .isEqualTo(204);
        assertThat(said()).anyMatch(w -> w.contains("Jory Penn is not on site for all of fell S1"));
        Map<String, Object> after = step("CROSSCUT", 30, 40, List.of(post("CUTTER", saw)));
        assertThat(on(leader, "POST", "/steps", after).codes()).containsExactly("R09_AVAILABILITY");
        assertThat(on(leader, "PUT", presence, Map.of("fromMin", 30, "toMin", 20))
                        .codes())
                .containsExactly("DURATION");
        assertThat(on(leader, "PUT", presence, Map.of("fromMin", 0)).status()).isEqualTo(204);
        assertThat(on(leader, "POST", "/steps", after).status()).isEqualTo(201);
    }

    @Test
    @Order(5)
    void theDayEndsAfterDarkOnceItIsSaidWhenThatIs() throws Exception {
        assertThat(said()).anyMatch(w -> w.contains("before dark"));
        assertThat(on(leader, "GET", "/roster/calendar.ics", null).codes()).containsExactly("MISSING");
        Map<String, Object> hours = new HashMap<>(Map.of("startsMin", 900, "darkMin", 935));
        assertThat(on(leader, "PUT", "/place/hours", hours).status()).isEqualTo(204);
        assertThat(said())
                .anyMatch(w -> w.contains("crosscut S1 ends at minute 40, it is dark at 35"))
                .noneMatch(w -> w.contains("whether all is done before dark"));
        JsonNode times = roster().get("times");
        assertThat(times.get("endMin").asInt()).isEqualTo(40);
        assertThat(times.get("likely80Min").asInt()).isGreaterThan(40);
        assertThat(times.get("lightSpareMin").asInt())
                .isEqualTo(35 - times.get("likely80Min").asInt());
        assertThat(times.get("waits").findValuesAsText("why")).containsExactly("START", "ORDER");
        assertThat(on(leader, "GET", "/roster/calendar.ics", null).text())
                .contains("BEGIN:VEVENT", "SUMMARY:1 fell S1\\, Alder Row", "DTSTART:20261124T", "Jory Penn\\, cutter");
        hours.put("startsMin", 1440);
        assertThat(on(leader, "PUT", "/place/hours", hours).codes()).containsExactly("OUT_OF_RANGE");
    }

    @Test
    @Order(6)
    void aShorterDayIsLookedForAndTakenAsItWasShown() throws Exception {
        JsonNode late = on(leader, "GET", "/steps", null).body().get(1);
        Map<String, Object> later = step("CROSSCUT", 60, 70, List.of(post("CUTTER", saw)));
        later.put("version", late.get("version").asLong());
        assertThat(on(leader, "PUT", "/steps/" + late.get("id").asText(), later).status())
                .isEqualTo(204);
        JsonNode shorter = on(leader, "GET", "/roster/shorter", null).body();
        assertThat(shorter.get("endMin").asInt()).isEqualTo(40);
        assertThat(shorter.get("provenBest").asBoolean()).isTrue();
        assertThat(on(leader, "POST", "/roster/shorter", Map.of("lists", 300, "endMin", 39))
                        .codes())
                .containsExactly("CHANGED");
        assertThat(on(leader, "POST", "/roster/shorter", Map.of("lists", 300, "endMin", 40))
                        .status())
                .isEqualTo(204);
        assertThat(roster().get("times").get("endMin").asInt()).isEqualTo(40);
    }

    @Test
    @Order(7)
    void kitIsInspectedByTheOwnerAlone() throws Exception {
        Reply made = calls.call(
                owner,
                "POST",
                "/api/house/kit",
                Map.of("kind", "HAMMER", "name", "roster hammer", "count", 1, "note", ""));
        String at = "/api/house/kit/" + made.body().get("id").asText() + "/inspection";
        Map<String, Object> found = new HashMap<>(
                Map.of("inspectedOn", "2026-05-01", "dueOn", "2026-11-01", "withdrawn", false, "version", 0));
        assertThat(calls.call(leader, "PUT", at, found).status()).isEqualTo(403);
        assertThat(calls.call(owner, "PUT", at, found).status()).isEqualTo(204);
        assertThat(calls.call(owner, "PUT", at, found).status()).isEqualTo(409);
        found.putAll(Map.of("dueOn", "2026-04-01", "version", 1));
        assertThat(calls.call(owner, "PUT", at, found).messages())
                .singleElement()
                .asString()
                .startsWith("due");
    }
}
