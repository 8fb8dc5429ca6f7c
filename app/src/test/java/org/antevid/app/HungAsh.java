package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.web.servlet.MockMvc;

/** A job of its own for each test, with an ash that hangs in a sycamore that stays, and the calls that record more. */
abstract class HungAsh {
    final Calls calls;
    SignedIn leader;
    final Map<String, String> ids = new HashMap<>();

    HungAsh(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    /** S1 the kept sycamore, S2 the ash that hangs in it: 6 degrees of fall to the south. */
    @BeforeEach
    void anAshHangsInTheKeptSycamore() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        calls.open(leader, "Reed End");
        Map<String, Object> kept = new HashMap<>(Calls.stem("ACER", "STANDING", 8, 38));
        kept.put("toBeKept", true);
        ids.put("S1", created("/stems", kept));
        ids.put("S2", created("/stems", Calls.stem("FRAXINUS", "HUNG", 16, 44)));
        sight("S2", "GIRTH", Map.of("girthM", 0.94));
        sight("S2", "EYE_HEIGHT", Map.of("heightM", 14));
        sight("S2", "EYE_CROWN", Map.of("radiusM", 2));
        assertThat(pose("S2", new double[] {16, 44, 0.5}, new double[] {6, 36.5, 8})
                        .status())
                .isEqualTo(204);
        assertThat(rest("S2", 0.1, "OWN_STUMP", null).status()).isEqualTo(201);
        assertThat(rest("S2", 11.7, "FORK", "S1").status()).isEqualTo(201);
    }

    String created(String path, Object body) throws Exception {
        return on("POST", path, body).body().get("id").asText();
    }

    void sight(String label, String kind, Map<String, Object> numbers) throws Exception {
        assertThat(on("POST", "/stems/" + id(label) + "/sightings", Calls.sighting(kind, numbers))
                        .status())
                .isEqualTo(201);
    }

    Calls.Reply on(String method, String path, Object body) throws Exception {
        return calls.on(leader, method, path, body);
    }

    String id(String label) {
        return ids.get(label);
    }

    void lying(String label, double e, double n) throws Exception {
        ids.put(label, created("/stems", Calls.stem("ALNUS", "LYING", e, n)));
    }

    JsonNode tangle() throws Exception {
        return on("GET", "/tangle", null).body();
    }

    JsonNode stem(String label) throws Exception {
        return StreamSupport.stream(tangle().get("stems").spliterator(), false)
                .filter(s -> s.get("label").asText().equals(label))
                .findFirst()
                .orElseThrow();
    }

    static List<String> texts(JsonNode list, String field) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(n -> n.get(field).asText())
                .toList();
    }

    Calls.Reply pose(String stem, double[] butt, double[] tip) throws Exception {
        return on(
                "POST",
                "/tangle/stems/" + id(stem) + "/poses",
                Map.of(
                        "butt",
                        Map.of("eastM", butt[0], "northM", butt[1], "heightM", butt[2]),
                        "tip",
                        Map.of("eastM", tip[0], "northM", tip[1], "heightM", tip[2]),
                        "how",
                        "TAPE",
                        "sigmaM",
                        0.2));
    }

    Calls.Reply rest(String stem, double x, String on, String other) throws Exception {
        Map<String, Object> body = new HashMap<>(Map.of("xM", x, "on", on, "side", "BELOW", "certainty", "SEEN"));
        if (other != null) {
            body.put("other", other);
        }
        return on("POST", "/tangle/stems/" + id(stem) + "/rests", body);
    }

    List<String> stops() throws Exception {
        return StreamSupport.stream(on("GET", "/findings", null).body().spliterator(), false)
                .filter(f -> f.get("severity").asText().equals("STOP"))
                .map(f -> f.get("rule").asText())
                .toList();
    }

    /** Handed over to somebody, closed as far as the ring reaches: then the job may be closed. */
}
