package org.antevid.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Calls of the interface by somebody who is signed in, about one job. */
final class Calls {
    static final ObjectMapper JSON = new ObjectMapper();
    /** A card that lacks nothing. */
    static final Map<String, Object> CARD = Map.of(
            "nearestHelp",
            "clinic, 10 min",
            "route",
            "north",
            "gridReference",
            "WL 1 1",
            "phoneCover",
            "at the gate",
            "firstAider",
            "Ivo Sedge",
            "kit",
            "van",
            "rescuePlan",
            "carry to the gate",
            "utilityLine",
            "0555 0100");

    private static final Map<String, SignedIn> HIRED = new ConcurrentHashMap<>();
    private final MockMvc mvc;
    private final People people;
    private String job = "";

    Calls(MockMvc mvc, People people) {
        this.mvc = mvc;
        this.people = people;
    }

    /** Status, body as JSON where it is some, and as text. */
    record Reply(int status, JsonNode body, String text) {
        List<String> codes() {
            List<String> codes = new ArrayList<>();
            body.path("errors").forEach(e -> codes.add(e.get("code").asText()));
            return codes;
        }

        List<String> messages() {
            List<String> messages = new ArrayList<>();
            body.path("errors")
                    .forEach(e -> messages.add(
                            e.get("field").asText() + ": " + e.get("message").asText()));
            return messages;
        }
    }

    /** The same person for every test on one store. */
    SignedIn person(String name, Office office, Set<Competence> competences) {
        return HIRED.computeIfAbsent(
                System.identityHashCode(people) + name,
                n -> people.signed(
                        people.add(name, office, Optional.empty(), competences).id()));
    }

    /** The word the leader reads out to a member of the crew for their first PIN. */
    String wordOf(SignedIn leader, SignedIn crew) throws Exception {
        for (JsonNode p : on(leader, "GET", "", null).body.get("people")) {
            if (p.get("id").asText().equals(crew.personId())) {
                return p.path("firstWord").asText();
            }
        }
        return "";
    }

    /** Opens a job; later calls are about it. */
    String open(SignedIn leader, String name) throws Exception {
        job = call(leader, "POST", "/api/jobs", Map.of("name", name, "place", "a meadow", "visitOn", "2026-11-24"))
                .body
                .get("jobId")
                .asText();
        return job;
    }

    void about(String otherJob) {
        job = otherJob;
    }

    Reply on(SignedIn who, String method, String path, Object body) throws Exception {
        return call(who, method, "/api/jobs/" + job + path, body);
    }

    /** Girth, height and lean by eye: what a figure needs. */
    void measured(SignedIn who, String stem, double girthM, double heightM, double leanDeg, double azimuthDeg)
            throws Exception {
        for (Map<String, Object> s : List.of(
                sighting("GIRTH", Map.of("girthM", girthM)),
                sighting("EYE_HEIGHT", Map.of("heightM", heightM)),
                sighting("EYE_LEAN", Map.of("leanDeg", leanDeg, "azimuthDeg", azimuthDeg)))) {
            Reply r = on(who, "POST", "/stems/" + stem + "/sightings", s);
            if (r.status() != 201) {
                throw new AssertionError(r.text());
            }
        }
    }

    Reply call(SignedIn who, String method, String path, Object body) throws Exception {
        MockHttpServletRequestBuilder r = request(HttpMethod.valueOf(method), path);
        if (body != null) {
            r.contentType(MediaType.APPLICATION_JSON).content(JSON.writeValueAsString(body));
        }
        return perform(who, r);
    }

    Reply send(SignedIn who, String path, byte[] file, Map<String, String> fields) throws Exception {
        var r = multipart("/api/jobs/" + job + path)
                .file(new MockMultipartFile("file", "file", "application/octet-stream", file));
        fields.forEach(r::param);
        return perform(who, r);
    }

    Reply send(SignedIn who, String path, String file) throws Exception {
        return send(who, path, file.getBytes(StandardCharsets.UTF_8), Map.of());
    }

    private Reply perform(SignedIn who, MockHttpServletRequestBuilder r) throws Exception {
        var response = mvc.perform(r.with(authentication(new UsernamePasswordAuthenticationToken(who, null, List.of())))
                        .with(csrf()))
                .andReturn()
                .getResponse();
        String text = response.getContentAsString(StandardCharsets.UTF_8);
        String type = String.valueOf(response.getContentType());
        return new Reply(
                response.getStatus(),
                type.contains("json") && !text.isEmpty() ? JSON.readTree(text) : JSON.createObjectNode(),
                text);
    }

    byte[] bytes(SignedIn who, String path) throws Exception {
        return mvc.perform(request(HttpMethod.GET, "/api/jobs/" + job + path)
                        .with(authentication(new UsernamePasswordAuthenticationToken(who, null, List.of()))))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    static Map<String, Object> spot(double e, double n) {
        return Map.of("eastM", e, "northM", n);
    }

    static Map<String, Object> wood(String condition) {
        return Map.of("left", condition, "right", condition, "back", condition, "core", condition, "crown", condition);
    }

    static Map<String, Object> stem(String species, String state, double e, double n) {
        return Map.of(
                "species",
                species,
                "state",
                state,
                "at",
                spot(e, n),
                "wood",
                wood("SOUND"),
                "shape",
                "FOREST",
                "crown",
                "FOREST_BROADLEAF",
                "toBeKept",
                false);
    }

    /** A round thing of the place that nobody has protected yet. */
    static Map<String, Object> thing(String name, String kind, double e, double n, double radiusM) {
        Map<String, Object> thing = new HashMap<>(Map.of(
                "name",
                name,
                "kind",
                kind,
                "form",
                "POINT",
                "outline",
                List.of(spot(e, n)),
                "radiusM",
                radiusM,
                "worth",
                3,
                "mayBeHit",
                false,
                "protection",
                "NONE"));
        thing.put("protectionDone", false);
        return thing;
    }

    static Map<String, Object> sighting(String kind, Map<String, Object> numbers) {
        return Map.of("kind", kind, "numbers", numbers);
    }
}
