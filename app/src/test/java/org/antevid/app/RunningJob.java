package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.springframework.test.web.servlet.MockMvc;

/**
 * An ordinary oak in a meadow, briefed and signed, one step short of its go. The path beside it is closed by the
 * lookout.
 */
final class RunningJob {
    static final String PIN = "2580";
    final Calls calls;
    final SignedIn leader;
    final SignedIn saw;
    final SignedIn watch;
    private SignedIn cutter;
    String job;
    String stem;
    String step;
    String path;
    private final People people;

    RunningJob(MockMvc mvc, People people) {
        this.people = people;
        calls = new Calls(mvc, people);
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        saw = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        watch = calls.person("Ivo Sedge", Office.CREW, Set.of(Competence.LOOKOUT, Competence.GROUND));
    }

    /** @param cutter who cuts */
    RunningJob briefed(SignedIn cutter) throws Exception {
        this.cutter = cutter;
        job = calls.open(leader, "Reed End");
        on(leader, "PUT", "/place/emergency", with(Calls.CARD, "version", 0));
        on(
                leader,
                "PUT",
                "/place/permits",
                Map.of(
                        "answers",
                        Map.of(
                                "FELLING_CONSENT",
                                "YES",
                                "PRESERVATION_ORDER",
                                "YES",
                                "NESTING",
                                "YES",
                                "WATERCOURSE",
                                "YES",
                                "NEIGHBOUR",
                                "YES",
                                "UTILITY_NOTICE",
                                "YES")));
        for (SignedIn p : new LinkedHashSet<>(List.of(saw, watch, cutter))) {
            on(leader, "POST", "/members", Map.of("personId", p.personId()));
        }
        Map<String, Object> closed = new HashMap<>(Map.of(
                "name",
                "path",
                "kind",
                "PATH",
                "form",
                "LINE",
                "outline",
                List.of(Calls.spot(-80, -70), Calls.spot(80, -70)),
                "radiusM",
                1,
                "worth",
                2,
                "mayBeHit",
                false,
                "protection",
                "CLOSE"));
        closed.put("protectedBy", watch.name());
        closed.put("protectionDone", true);
        path = on(leader, "POST", "/features", closed).body().get("id").asText();
        stem = on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                .body()
                .get("id")
                .asText();
        String sightings = "/stems/" + stem + "/sightings";
        on(leader, "POST", sightings, Calls.sighting("GIRTH", Map.of("girthM", 1.57)));
        on(leader, "POST", sightings, Calls.sighting("HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 35, "base", -4)));
        on(leader, "POST", sightings, Calls.sighting("CROWN_RADIUS", Map.of("radiusM", 3)));
        on(
                leader,
                "POST",
                sightings,
                Calls.sighting("PLUMB_LEAN", Map.of("leanDeg", 4, "sigmaDeg", 0.4, "azimuthDeg", 0)));
        Map<String, Object> choice =
                Map.of("layDeg", 0, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", "NOTHING");
        ok(on(
                leader,
                "PUT",
                "/stems/" + stem + "/lay",
                Map.of(
                        "choice",
                        choice,
                        "fixed",
                        true,
                        "dropZone",
                        List.of(Calls.spot(-3, -1), Calls.spot(-3, 24), Calls.spot(3, 24), Calls.spot(3, -1)))));
        ok(on(
                leader,
                "POST",
                "/steps",
                Map.of(
                        "kind",
                        "FELL",
                        "stem",
                        "S1",
                        "startMin",
                        0,
                        "endMin",
                        30,
                        "posts",
                        List.of(
                                Map.of("role", "CUTTER", "personId", cutter.personId()),
                                Map.of(
                                        "role",
                                        "LOOKOUT",
                                        "personId",
                                        watch.personId(),
                                        "stand",
                                        Calls.spot(-60, 0))))));
        step = on(leader, "GET", "/steps", null).body().get(0).get("id").asText();
        issue();
        ok(on(leader, "POST", "/run/signal-tried", Map.of()));
        return this;
    }

    /** A leader sets a PIN with the word too where no passphrase is at hand in a test. */
    void ownPin(SignedIn p) {
        if (!people.pin(p.personId()).set()) {
            people.resetPin(p.personId(), p);
            people.firstPin(p.personId(), people.pin(p.personId()).firstWord().orElseThrow(), PIN);
        }
    }

    void issue() throws Exception {
        Calls.Reply issued = on(leader, "POST", "/briefings", null);
        assertThat(issued.status()).as(issued.text()).isEqualTo(201);
        int number = issued.body().get("number").asInt();
        for (JsonNode signer : on(leader, "GET", "/briefings", null)
                .body()
                .at("/issues")
                .get(number - 1)
                .get("signers")) {
            if (signer.get("posted").asBoolean()) {
                sign(
                        List.of(leader, saw, watch, cutter).stream()
                                .filter(p -> p.personId()
                                        .equals(signer.get("personId").asText()))
                                .findFirst()
                                .orElseThrow(),
                        number);
            }
        }
    }

    private void sign(SignedIn p, int number) throws Exception {
        String word = calls.wordOf(leader, p);
        if (!word.isEmpty()) {
            String code = on(leader, "GET", "", null).body().get("code").asText();
            assertThat(calls.call(
                                    p,
                                    "POST",
                                    "/api/join",
                                    Map.of("code", code, "personId", p.personId(), "pin", PIN, "word", word))
                            .status())
                    .isEqualTo(200);
        }
        List<Integer> answers = new ArrayList<>(List.of(0, 0, 0));
        for (int tries = 0; tries < 6; tries++) {
            Calls.Reply r =
                    on(p, "POST", "/briefings/" + number + "/signatures", Map.of("answers", answers, "pin", PIN));
            if (r.status() == 204) {
                return;
            }
            assertThat(r.status()).as(r.text()).isEqualTo(422);
            r.body().path("errors").forEach(e -> {
                int i = Integer.parseInt(e.get("field").asText().replaceAll("\\D", ""));
                answers.set(i, answers.get(i) + 1);
            });
        }
    }

    void allReady(SignedIn cutter) throws Exception {
        ok(on(cutter, "POST", "/run/ready", Map.of("ready", true)));
        ok(on(watch, "POST", "/run/ready", Map.of("ready", true)));
        ok(on(watch, "POST", "/run/protections/" + path, Map.of("done", true)));
        readCautions();
    }

    /** The leader reads what is to be read before a go. */
    void readCautions() throws Exception {
        for (JsonNode a : run(leader).get("against")) {
            if (a.get("why").asText().equals("CAUTION")) {
                ok(on(
                        leader,
                        "POST",
                        "/acknowledgements",
                        Map.of("findingKey", a.get("subject").asText())));
            }
        }
    }

    RunningJob going(SignedIn cutter) throws Exception {
        allReady(cutter);
        Calls.Reply go = on(leader, "POST", "/run/go", Map.of());
        assertThat(go.status()).as(go.text()).isEqualTo(204);
        return this;
    }

    void lift() throws Exception {
        JsonNode hold = on(leader, "GET", "/run/holds", null).body().get(0);
        ok(on(
                leader,
                "POST",
                "/run/holds/" + hold.get("id").asText() + "/lift",
                Map.of("reason", "CLEARED", "through", hold.get("through").asLong())));
    }

    JsonNode run(SignedIn who) throws Exception {
        return on(who, "GET", "/run", null).body();
    }

    /** What was written down by itself, the newest first. */
    JsonNode log() throws Exception {
        return on(leader, "GET", "/run/log", null).body();
    }

    boolean isGoing() throws Exception {
        return run(leader).get("going").asBoolean();
    }

    Calls.Reply on(SignedIn who, String method, String where, Object body) throws Exception {
        calls.about(job);
        return calls.on(who, method, where, body);
    }

    static void ok(Calls.Reply r) {
        assertThat(r.status()).as(r.text()).isIn(200, 201, 204);
    }

    static Map<String, Object> with(Map<String, Object> body, String key, Object value) {
        Map<String, Object> all = new HashMap<>(body);
        all.put(key, value);
        return all;
    }
}
