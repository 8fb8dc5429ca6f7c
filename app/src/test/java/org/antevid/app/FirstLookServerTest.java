package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** What a leader hears of a stem he has only looked at, and what the tool asks for instead of taking it for granted. */
@OnRealStore
class FirstLookServerTest {
    private final Calls calls;
    private SignedIn leader;
    private String stem;

    FirstLookServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeEach
    void aSpruceThatWasLookedAt() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        calls.open(leader, "Heron Meadow");
        stem = looked("PICEA", 0, 0, 0, 0);
    }

    private String looked(String species, double east, double north, double leanDeg, double towardDeg)
            throws Exception {
        String id = calls.on(leader, "POST", "/stems", Calls.stem(species, "STANDING", east, north))
                .body()
                .get("id")
                .asText();
        for (var s : List.of(
                Map.entry("EYE_DIAMETER", Map.<String, Object>of("diameterM", 0.3)),
                Map.entry("EYE_HEIGHT", Map.<String, Object>of("heightM", 18)),
                Map.entry("EYE_CROWN", Map.<String, Object>of("radiusM", 2)),
                Map.entry("EYE_LEAN", Map.<String, Object>of("leanDeg", leanDeg, "azimuthDeg", towardDeg)))) {
            assertThat(calls.on(leader, "POST", "/stems/" + id + "/sightings", Calls.sighting(s.getKey(), s.getValue()))
                            .status())
                    .isLessThan(300);
        }
        return id;
    }

    private JsonNode look(String id, String means) throws Exception {
        return calls.on(leader, "POST", "/stems/" + id + "/first-look", choice(0, means))
                .body();
    }

    private static Map<String, Object> choice(double lay, String means) {
        return new HashMap<>(
                Map.of("layDeg", lay, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", means));
    }

    private void save(Map<String, Object> choice) throws Exception {
        assertThat(calls.on(
                                leader,
                                "PUT",
                                "/stems/" + stem + "/lay",
                                Map.of("choice", choice, "fixed", false, "dropZone", List.of()))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void anUprightLookIsFelledAndTheMeasurementIsNamed() throws Exception {
        JsonNode l = look(stem, "WEDGES");
        assertThat(l.get("headline").asText()).isIn("FELL", "FELL_ONCE_MEASURED");
        assertThat(l.get("headlineWords").asText()).startsWith("fell").doesNotContain("leave");
        assertThat(l.get("layDeg").isNumber()).as("what Lay starts with").isTrue();
        assertThat(l.get("nextMeasurement").asText()).isNotBlank();
        assertThat(l.path("proposed").isMissingNode() || l.path("proposed").isNull())
                .as("no line where none is asked for")
                .isTrue();
    }

    @Test
    void aHandLineIsProposedFromTheHeightAndTheLayStartsWithIt() throws Exception {
        String back = looked("PICEA", 60, 0, 2, 180);
        JsonNode l = look(back, "HAND_LINE");
        assertThat(l.at("/proposed/kind").asText()).isEqualTo("HAND_LINE");
        assertThat(l.at("/proposed/ropeHeightM").asDouble()).isBetween(10.0, 12.0);
        assertThat(l.at("/proposed/anchorDistM").asDouble())
                .as("out of its reach")
                .isGreaterThan(18);
        assertThat(l.at("/proposed/pullN").asDouble()).isEqualTo(1000);
        Map<String, Object> c = choice(l.get("layDeg").asDouble(), "HAND_LINE");
        c.putAll(Map.of(
                "ropeHeightM",
                l.at("/proposed/ropeHeightM").asDouble(),
                "anchorDistM",
                l.at("/proposed/anchorDistM").asDouble(),
                "pullN",
                1000,
                "rig",
                Map.of("proposed", true)));
        assertThat(calls.on(
                                leader,
                                "PUT",
                                "/stems/" + back + "/lay",
                                Map.of("choice", c, "fixed", false, "dropZone", List.of()))
                        .status())
                .isEqualTo(204);
        assertThat(calls.on(leader, "GET", "/lays", null)
                        .body()
                        .get(0)
                        .at("/choice/rig/proposed")
                        .asBoolean())
                .as("it stays marked until somebody has looked")
                .isTrue();
    }

    @Test
    void aLiftedPlateIsNotForTheHandAndSaysWhy() throws Exception {
        calls.on(
                leader,
                "POST",
                "/stems/" + stem + "/defects",
                Map.of(
                        "kind",
                        "LIFTED_ROOT_PLATE",
                        "fromM",
                        0,
                        "toM",
                        1,
                        "faceDeg",
                        0,
                        "note",
                        "",
                        "extent",
                        "",
                        "found",
                        "SEEN",
                        "tells",
                        List.of()));
        JsonNode l = look(stem, "WEDGES");
        assertThat(l.get("headlineWords").asText()).isEqualTo("not by hand");
        assertThat(l.get("because").asText()).contains("root plate");
    }

    @Test
    void anOpenedFaceNobodyReadIsRefusedAndNothingIsStored() throws Exception {
        save(choice(0, "WEDGES"));
        for (Map<String, Object> half : List.of(
                Map.<String, Object>of("soundRightM", 0.1, "wood", "SOUND"),
                Map.<String, Object>of("soundLeftM", 0.1, "wood", "SOUND"),
                Map.<String, Object>of("soundLeftM", 0.1, "soundRightM", 0.1))) {
            Calls.Reply r = calls.on(leader, "PUT", "/stems/" + stem + "/cuts/opened", half);
            assertThat(r.status()).isBetween(400, 422);
            assertThat(r.messages()).anyMatch(m -> m.contains("say "));
        }
        assertThat(calls.on(leader, "POST", "/stems/" + stem + "/cuts/preview", choice(0, "WEDGES"))
                                .body()
                                .path("opened")
                                .isNull()
                        || calls.on(leader, "POST", "/stems/" + stem + "/cuts/preview", choice(0, "WEDGES"))
                                .body()
                                .path("opened")
                                .isMissingNode())
                .isTrue();
    }

    @Test
    void aMistypedFieldOfASumIsRefusedByName() throws Exception {
        Calls.Reply r = calls.call(
                leader,
                "POST",
                "/api/sums/height_angles",
                Map.of(
                        "mode",
                        "horizontal",
                        "unit",
                        "deg",
                        "distance_m",
                        20,
                        "top",
                        30,
                        "base",
                        -3,
                        "ground_slope",
                        4));
        assertThat(r.status()).isEqualTo(422);
        assertThat(r.codes()).contains("UNKNOWN_FIELD");
        assertThat(r.messages()).anyMatch(m -> m.startsWith("ground_slope"));
    }

    @Test
    void aTrunkThatStandsInTheWayBarsIt() throws Exception {
        JsonNode free = calls.on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0, "WEDGES"))
                .body();
        double way = free.at("/ways/0/azimuthDeg").asDouble();
        double out = free.at("/ways/0/lengthM").asDouble() / 2;
        calls.on(
                leader,
                "POST",
                "/stems",
                Calls.stem(
                        "PICEA", "STANDING", out * Math.sin(Math.toRadians(way)), out * Math.cos(Math.toRadians(way))));
        JsonNode barred = calls.on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(0, "WEDGES"))
                .body();
        boolean round = barred.at("/ways/0/path").size() > 2
                || !barred.at("/ways/0/open").asBoolean()
                || Math.abs(barred.at("/ways/0/azimuthDeg").asDouble() - way) > 1;
        assertThat(round).as("barred or walked round: %s", barred.at("/ways/0")).isTrue();
    }

    @Test
    void whatHoldsBelowIsKeptWithTheLay() throws Exception {
        Map<String, Object> c = choice(0, "WEDGES");
        c.put("support", Map.of("below", Map.of("holds", "the ditch", "downM", 40, "by", "Sefa Marsh")));
        save(c);
        assertThat(calls.on(leader, "GET", "/lays", null)
                        .body()
                        .get(0)
                        .at("/choice/support/below/holds")
                        .asText())
                .isEqualTo("the ditch");
        Map<String, Object> nowhere = choice(0, "WEDGES");
        nowhere.put("support", Map.of("below", Map.of("holds", "the ditch", "by", "Sefa Marsh")));
        assertThat(calls.on(leader, "POST", "/stems/" + stem + "/lay/preview", nowhere)
                        .codes())
                .contains("MISSING");
    }

    @Test
    void whatIsSaidForTheDayIsAcknowledgedOnce() throws Exception {
        save(choice(0, "WEDGES"));
        JsonNode today = today();
        assertThat(today.get("lasts").asText()).isEqualTo("DAY");
        assertThat(today.get("open").asBoolean()).isTrue();
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/acknowledgements",
                                Map.of("findingKey", today.get("key").asText()))
                        .status())
                .isEqualTo(201);
        assertThat(today().get("open").asBoolean()).isFalse();
    }

    private JsonNode today() throws Exception {
        for (JsonNode f : calls.on(leader, "GET", "/findings", null).body()) {
            if (f.get("key").asText().equals("today")) {
                return f;
            }
        }
        throw new AssertionError("nothing is said for the day");
    }
}
