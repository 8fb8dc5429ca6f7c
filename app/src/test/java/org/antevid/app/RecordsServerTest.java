package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** Near misses, damage, weights: told by anybody on the job, each once, and what follows from a weight. */
@OnRealStore
class RecordsServerTest {
    private final RunningJob run;
    private String rowan;

    RecordsServerTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    /** A rowan far off, as nothing else in this store: what is weighed of it moves no other test. */
    @BeforeEach
    void rowan() throws Exception {
        run.briefed(run.saw);
        rowan = run.on(run.leader, "POST", "/stems", Calls.stem("SORBUS", "STANDING", 0, 300))
                .body()
                .get("id")
                .asText();
        String sightings = "/stems/" + rowan + "/sightings";
        for (Map<String, Object> s : List.of(
                Calls.sighting("GIRTH", Map.of("girthM", 1.2)),
                Calls.sighting("HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 28, "base", -4)),
                Calls.sighting("CROWN_RADIUS", Map.of("radiusM", 2)),
                Calls.sighting("PLUMB_LEAN", Map.of("leanDeg", 3, "sigmaDeg", 0.4, "azimuthDeg", 0)))) {
            RunningJob.ok(run.on(run.leader, "POST", sightings, s));
        }
        RunningJob.ok(run.on(
                run.leader,
                "PUT",
                "/stems/" + rowan + "/lay",
                Map.of(
                        "choice",
                        Map.of("layDeg", 0, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", "NOTHING"),
                        "fixed",
                        false,
                        "dropZone",
                        List.of())));
    }

    private static Map<String, Object> weight(double kg) {
        return Map.of("stem", "S2", "part", "STEM", "fromM", 0.3, "toM", 4, "weightKg", kg, "by", "CRANE");
    }

    private JsonNode records(SignedIn who) throws Exception {
        return run.on(who, "GET", "/records", null).body();
    }

    @Test
    void aNearMissIsToldByAnybodyAndNamesNobody() throws Exception {
        Calls.Reply told = run.on(
                run.watch,
                "POST",
                "/records/incidents",
                Map.of("kind", "NEAR_MISS", "stem", "S1", "couldBe", "DEADLY", "words", "stood in the fan at the go"));
        assertThat(told.status()).isEqualTo(201);
        JsonNode i = records(run.saw).at("/incidents/0");
        assertThat(i.get("level").asInt()).isEqualTo(4);
        assertThat(i.toString()).doesNotContain(run.watch.name());
    }

    @Test
    void damageSaysWhatWasHit() throws Exception {
        Map<String, Object> damage = new HashMap<>(Map.of("kind", "DAMAGE", "couldBe", "FIRST_AID", "words", "bent"));
        Calls.Reply missing = run.on(run.saw, "POST", "/records/incidents", damage);
        assertThat(missing.status()).isEqualTo(422);
        assertThat(missing.text()).contains("struck");
        damage.put("struck", "the gate");
        RunningJob.ok(run.on(run.saw, "POST", "/records/incidents", damage));
        assertThat(records(run.saw).at("/incidents/0/struck").asText()).isEqualTo("the gate");
        assertThat(run.on(run.saw, "GET", "/review", null).body().get("struck")).isEmpty();
    }

    @Test
    void whatWasStruckIsMarkedWhereItIsOnThePlan() throws Exception {
        JsonNode thing = records(run.saw).at("/choices/things/0");
        Map<String, Object> damage = new HashMap<>(Map.of(
                "kind",
                "DAMAGE",
                "couldBe",
                "FIRST_AID",
                "struck",
                thing.get("name").asText(),
                "words",
                "bent"));
        damage.put("featureId", "nowhere");
        assertThat(run.on(run.saw, "POST", "/records/incidents", damage).status())
                .isEqualTo(422);
        damage.put("featureId", thing.get("featureId").asText());
        RunningJob.ok(run.on(run.saw, "POST", "/records/incidents", damage));
        assertThat(run.on(run.saw, "GET", "/review", null).body().at("/struck/0/featureId"))
                .isEqualTo(thing.get("featureId"));
    }

    @Test
    void aHeavyLogMakesTheNextTreeOfItsKindHeavierAndIsGivenBack() throws Exception {
        double before = massKg();
        RunningJob.ok(run.on(run.saw, "POST", "/records/weights", weight(450)));
        JsonNode w = records(run.saw).at("/weights/0");
        double reckoned = w.get("reckonedKg").asDouble();
        assertThat(reckoned).isBetween(250.0, 449.0);
        assertThat(w.get("more").asDouble()).isCloseTo(450 / reckoned - 1, within(1e-9));
        JsonNode c = mass();
        assertThat(c.get("used").asBoolean()).isTrue();
        assertThat(c.get("becomes").asDouble()).isCloseTo(Math.exp(Math.log(450 / reckoned) / 5), within(1e-9));
        assertThat(massKg()).isGreaterThan(before);
        RunningJob.ok(run.on(run.leader, "PUT", corrections() + "/STEM_MASS", Map.of("taken", false)));
        assertThat(massKg()).isEqualTo(before);
        assertThat(mass().get("decided")).hasSize(1);
    }

    @Test
    void whatCanHardlyBeIsAskedBackAndNothingIsKept() throws Exception {
        Calls.Reply odd = run.on(run.saw, "POST", "/records/weights", weight(1500));
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.text()).contains("ASKED_BACK");
        Map<String, Object> never = new HashMap<>(weight(20_000));
        never.put("sure", true);
        assertThat(run.on(run.saw, "POST", "/records/weights", never).status())
                .as("no tree is ten times what it was measured at")
                .isEqualTo(422);
        Map<String, Object> noEnds = new HashMap<>(weight(300));
        noEnds.remove("toM");
        assertThat(run.on(run.saw, "POST", "/records/weights", noEnds).text()).contains("toM");
        assertThat(records(run.saw).get("weights")).isEmpty();
    }

    private String corrections() {
        return "/stems/" + rowan + "/corrections";
    }

    private JsonNode mass() throws Exception {
        for (JsonNode c : run.on(run.leader, "GET", corrections(), null).body()) {
            if (c.get("kind").asText().equals("STEM_MASS")) {
                return c;
            }
        }
        throw new AssertionError("nothing was weighed");
    }

    private double massKg() throws Exception {
        for (JsonNode l : run.on(run.leader, "GET", "/lays", null).body()) {
            if (l.get("stemId").asText().equals(rowan)) {
                return l.at("/lay/massHighKg").asDouble();
            }
        }
        throw new AssertionError("no lay of the rowan");
    }
}
