package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.MockMvc;

/** Who may do what with place and stems: the leader all, the crew read and add, a stranger learns nothing. */
@OnRealStore
class RightsServerTest {
    private final Calls calls;
    private SignedIn leader;
    private SignedIn crew;
    private SignedIn stranger;
    private String stem;

    RightsServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeEach
    void aJobWithAStem() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        crew = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        stranger = calls.person("Corin Thale", Office.LEADER, Set.of(Competence.SAW));
        calls.open(leader, "Reed End");
        calls.on(leader, "POST", "/members", Map.of("personId", crew.personId()));
        stem = calls.on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                .body()
                .get("id")
                .asText();
    }

    @ParameterizedTest
    @CsvSource({
        "/place",
        "/features",
        "/features/kinds",
        "/stems",
        "/stems/choices",
        "/stems/danger",
        "/photos",
        "/files/geojson",
        "/files/csv/STEMS"
    })
    void whoIsOnTheJobReadsAndAStrangerLearnsNotEvenThatItExists(String path) throws Exception {
        assertThat(calls.on(leader, "GET", path, null).status()).isEqualTo(200);
        assertThat(calls.on(crew, "GET", path, null).status()).isEqualTo(200);
        assertThat(calls.on(stranger, "GET", path, null).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "PUT, /place/day",
        "PUT, /place/permits",
        "PUT, /place/emergency",
        "PUT, /place/access",
        "PUT, /place/anchor",
        "POST, /place/machines",
        "POST, /place/heights",
        "DELETE, /place/heights/x",
        "DELETE, /place/machines/x",
        "PUT, /place/underlay/points",
        "DELETE, /place/underlay",
        "POST, /features",
        "POST, /stems",
        "PUT, /stems/x",
        "PUT, /stems/x/verdict",
        "POST, /stems/x/sightings/y/accept",
        "POST, /stems/x/sightings/y/set-aside",
        "POST, /stems/x/defects/y/set-aside"
    })
    void onlyTheLeaderChangesWhatIsThere(String method, String path) throws Exception {
        assertThat(calls.on(crew, method, path, Map.of()).status()).isEqualTo(403);
        assertThat(calls.on(stranger, method, path, Map.of()).status()).isEqualTo(404);
        assertThat(calls.on(leader, method, path, Map.of()).status())
                .as("what is missing is named, nothing is done")
                .isIn(400, 404, 422);
    }

    @Test
    void theCrewAddsWhatItSeesAndNothingElse() throws Exception {
        assertThat(calls.on(
                                crew,
                                "POST",
                                "/stems/" + stem + "/sightings",
                                Calls.sighting("GIRTH", Map.of("girthM", 1.5)))
                        .status())
                .isEqualTo(201);
        assertThat(calls.on(
                                crew,
                                "POST",
                                "/stems/" + stem + "/defects",
                                Map.of("kind", "VINE", "fromM", 1, "toM", 9, "faceDeg", 0))
                        .status())
                .isEqualTo(201);
        assertThat(calls.send(crew, "/files/csv/STEMS", "label\n".getBytes(StandardCharsets.UTF_8), Map.of())
                        .status())
                .isEqualTo(403);
        assertThat(calls.send(crew, "/files/gpx", "<gpx/>".getBytes(StandardCharsets.UTF_8), Map.of())
                        .status())
                .isEqualTo(403);
        assertThat(calls.on(
                                stranger,
                                "POST",
                                "/stems/" + stem + "/sightings",
                                Calls.sighting("GIRTH", Map.of("girthM", 1.5)))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aStemOfAnotherJobIsNotReachedThroughOnesOwn() throws Exception {
        calls.open(stranger, "Thale End");
        assertThat(calls.on(
                                stranger,
                                "POST",
                                "/stems/" + stem + "/sightings",
                                Calls.sighting("GIRTH", Map.of("girthM", 1.5)))
                        .status())
                .isEqualTo(404);
        assertThat(calls.on(stranger, "GET", "/stems/" + stem + "/verdicts", null)
                        .status())
                .isEqualTo(404);
        assertThat(calls.on(
                                stranger,
                                "PUT",
                                "/stems/" + stem + "/verdict",
                                Map.of("verdict", "WALK_AWAY", "version", 0))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aSecondOpinionIsAskedOfThoseCompetentForTheMatter() throws Exception {
        calls.person("Merle Combe", Office.REVIEWER, Set.of(Competence.HUNG_UP));
        calls.on(leader, "POST", "/stems/" + stem + "/sightings", Calls.sighting("EYE_HEIGHT", Map.of("heightM", 20)));
        calls.on(
                leader,
                "POST",
                "/stems/" + stem + "/defects",
                Map.of("kind", "SPLIT_UNION", "fromM", 1, "toM", 2, "faceDeg", 0));
        calls.on(
                leader,
                "POST",
                "/features",
                Map.of(
                        "name",
                        "wire",
                        "kind",
                        "OVERHEAD_LINE",
                        "form",
                        "LINE",
                        "outline",
                        List.of(Calls.spot(-9, 9), Calls.spot(9, 9)),
                        "radiusM",
                        0,
                        "worth",
                        4,
                        "mayBeHit",
                        false,
                        "protection",
                        "NONE",
                        "protectionDone",
                        false));
        for (JsonNode f : calls.on(leader, "GET", "/findings", null).body()) {
            if (!f.get("severity").asText().equals("SECOND_OPINION")) {
                continue;
            }
            JsonNode takers = calls.on(
                            leader,
                            "GET",
                            "/opinion-takers?findingKey=" + f.get("key").asText(),
                            null)
                    .body();
            boolean line = f.get("key").asText().startsWith("line:");
            assertThat(takers.get("competence").asText()).isEqualTo(line ? "work near live lines" : "hung-up trees");
            assertThat(takers.get("people").toString().contains("Merle Combe"))
                    .as(f.get("words").asText())
                    .isEqualTo(!line);
        }
        assertThat(calls.on(leader, "GET", "/opinion-takers?findingKey=nothing", null)
                        .status())
                .isEqualTo(404);
    }
}
