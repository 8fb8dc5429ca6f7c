package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.drill.DrillKind;
import org.antevid.core.drill.Drills;
import org.antevid.core.drill.Exercise;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** A round of ten that an instructor gives: seen only for who took it on, worked out each time. */
@OnRealStore
class DrillSetTest {
    private final Calls calls;
    private final SignedIn instructor;
    private final SignedIn owner;
    private final SignedIn crew;

    DrillSetTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
        instructor = calls.person("Isa Fairley", Office.REVIEWER, Set.of());
        owner = calls.person("Orla Thwaite", Office.OWNER, Set.of());
        crew = calls.person("Corin Vale", Office.CREW, Set.of());
    }

    private String given() throws Exception {
        Calls.Reply r = calls.call(
                instructor, "POST", "/api/drill-sets", set(LocalDate.now().plusDays(7)));
        assertThat(r.status()).as(r.text()).isEqualTo(201);
        return r.body().get("id").asText();
    }

    private static Map<String, Object> set(LocalDate due) {
        return Map.of(
                "title", "Before the poplars", "kinds", List.of("BIND", "LEAN"), "level", 2, "due", due.toString());
    }

    private JsonNode set(SignedIn who, String id) throws Exception {
        JsonNode all = calls.call(who, "GET", "/api/drill-sets", null).body().get("sets");
        return StreamSupport.stream(all.spliterator(), false)
                .filter(s -> s.get("id").asText().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private Calls.Reply answer(SignedIn who, String id, int nth, List<Integer> marked, String sure) throws Exception {
        return calls.call(
                who, "PUT", "/api/drill-sets/" + id + "/answers/" + nth, Map.of("marked", marked, "sure", sure));
    }

    private static Exercise exercise(JsonNode link) {
        return Drills.of(
                DrillKind.valueOf(link.get("key").asText().toUpperCase(java.util.Locale.ROOT)),
                link.get("level").asInt(),
                link.get("seed").asLong());
    }

    private static List<Integer> right(Exercise e) {
        List<Integer> marked = new ArrayList<>();
        for (int i = 0; i < e.choices().size(); i++) {
            if (e.choices().get(i).right()) {
                marked.add(i);
            }
        }
        return marked;
    }

    @Test
    void whoGaveItSeesTheAnswersOfWhoTookItOnAndNobodyElseDoes() throws Exception {
        String id = given();
        JsonNode links = set(crew, id).get("links");
        assertThat(links).hasSize(10);
        assertThat(links.findValuesAsText("key").subList(0, 3)).containsExactly("bind", "lean", "bind");
        Exercise first = exercise(links.get(0));
        assertThat(answer(crew, id, 1, right(first), "KNOW").codes()).containsExactly("NOT_TAKEN");
        RunningJob.ok(calls.call(crew, "PUT", "/api/drill-sets/" + id + "/taken", null));
        RunningJob.ok(calls.call(crew, "PUT", "/api/drill-sets/" + id + "/taken", null));
        RunningJob.ok(answer(crew, id, 1, right(first), "KNOW"));
        RunningJob.ok(answer(crew, id, 1, right(first), "KNOW"));
        List<Integer> wrong = right(exercise(links.get(1))).contains(0) ? List.of(1) : List.of(0);
        RunningJob.ok(answer(crew, id, 2, wrong, "KNOW"));
        assertThat(answer(crew, id, 2, right(exercise(links.get(1))), "GUESS").status())
                .as("answered once")
                .isEqualTo(409);
        JsonNode mine = set(crew, id).get("mine");
        assertThat(mine.get("answered").asInt()).isEqualTo(2);
        assertThat(mine.get("right").asInt()).isEqualTo(1);
        assertThat(mine.get("points").asDouble()).isEqualTo(0.2);
        JsonNode seen = set(instructor, id).get("results");
        assertThat(seen).hasSize(1);
        assertThat(seen.get(0).get("who").asText()).isEqualTo("Corin Vale");
        assertThat(seen.get(0).get("right").asInt()).isEqualTo(1);
        assertThat(set(owner, id).get("results")).isEmpty();
        assertThat(set(crew, id).get("results")).isEmpty();
    }

    @Test
    void whatIsNoSetIsRefused() throws Exception {
        assertThat(calls.call(
                                crew,
                                "POST",
                                "/api/drill-sets",
                                set(LocalDate.now().plusDays(7)))
                        .status())
                .isEqualTo(403);
        assertThat(calls.call(
                                instructor,
                                "POST",
                                "/api/drill-sets",
                                set(LocalDate.now().minusDays(1)))
                        .codes())
                .containsExactly("OUT_OF_RANGE");
        String id = given();
        RunningJob.ok(calls.call(crew, "PUT", "/api/drill-sets/" + id + "/taken", null));
        assertThat(answer(crew, id, 11, List.of(0), "GUESS").status()).isEqualTo(422);
        assertThat(answer(crew, id, 1, List.of(99), "GUESS").status()).isEqualTo(422);
        assertThat(calls.call(crew, "PUT", "/api/drill-sets/nowhere/taken", null)
                        .status())
                .isEqualTo(404);
    }
}
