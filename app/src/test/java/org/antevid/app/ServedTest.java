package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** The demo job on a real H2 file, over the web layer with its security. */
@OnTheDemo
class ServedTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private MockMvc mvc;

    @Autowired
    private People people;

    @Autowired
    private Jobs jobs;

    private SignedIn imre;
    private SignedIn nadia;
    private SignedIn wilma;
    private SignedIn owner;
    private String job;
    private String other;

    @BeforeEach
    void look() {
        imre = signed("Imre Halloway");
        nadia = signed("Nadia Quill");
        wilma = signed("Wilma Stroud");
        owner = signed("Ottoline Fenn");
        List<Jobs.Job> all = jobs.seenBy(imre);
        job = all.stream()
                .filter(j -> j.name().equals("Withy Lock"))
                .findFirst()
                .orElseThrow()
                .id();
        other = all.stream()
                .filter(j -> j.name().equals("Osier Cut"))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private SignedIn signed(String name) {
        return people.signed(people.named(name).orElseThrow().id());
    }

    private static RequestPostProcessor as(SignedIn who) {
        return authentication(new UsernamePasswordAuthenticationToken(who, null, List.of()));
    }

    private static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, Object body)
            throws Exception {
        return request.contentType(MediaType.APPLICATION_JSON)
                .content(body instanceof String s ? s : JSON.writeValueAsString(body))
                .with(csrf());
    }

    private JsonNode read(String path, SignedIn who) throws Exception {
        return JSON.readTree(mvc.perform(get(path).with(as(who)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    @Test
    void aJobYouAreNotOnDoesNotExist() throws Exception {
        mvc.perform(get("/api/jobs/" + other).with(as(nadia))).andExpect(status().isNotFound());
        mvc.perform(get("/api/jobs/" + job).with(as(owner))).andExpect(status().isNotFound());
        mvc.perform(get("/api/jobs/no-such-job").with(as(imre))).andExpect(status().isNotFound());
        mvc.perform(get("/api/jobs/" + job)).andExpect(status().isUnauthorized());
        mvc.perform(get("/api/jobs/" + job).with(as(nadia)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.code").value(""));
    }

    @Test
    void crewReadAndHoldButPlanNothingAndReviewersOnlyReview() throws Exception {
        Map<String, Object> conditions = Map.of("windLimitMs", 7, "slopeDeg", 6, "downhillDeg", 172, "version", 0);
        mvc.perform(json(put("/api/jobs/" + job + "/conditions"), conditions).with(as(nadia)))
                .andExpect(status().isForbidden());
        mvc.perform(json(post("/api/jobs/" + job + "/run/go"), Map.of()).with(as(nadia)))
                .andExpect(status().isForbidden());
        mvc.perform(json(post("/api/jobs/" + job + "/review/signature"), Map.of())
                        .with(as(imre)))
                .andExpect(status().isForbidden());
        mvc.perform(json(post("/api/jobs/" + job + "/run/ready"), Map.of("ready", true))
                        .with(as(wilma)))
                .andExpect(status().isForbidden());
        mvc.perform(json(
                                put("/api/house"),
                                Map.of("exclusionLengths", 2, "soundSigmaDeg", 3, "windLimitMs", 10, "version", -1))
                        .with(as(imre)))
                .andExpect(status().isForbidden());
    }

    @Test
    void aStaleWriteSaysWhoChangedWhat() throws Exception {
        long version = read("/api/jobs/" + job, imre).get("version").asLong();
        Map<String, Object> first = Map.of("windLimitMs", 8.5, "slopeDeg", 6, "downhillDeg", 172, "version", version);
        mvc.perform(json(put("/api/jobs/" + job + "/conditions"), first).with(as(imre)))
                .andExpect(status().isOk());
        mvc.perform(json(put("/api/jobs/" + job + "/conditions"), first).with(as(imre)))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail")
                        .value(allOf(containsString("Imre Halloway"), containsString("wind limit ms"))));
    }

    @Test
    void badInputNamesTheFieldAndStoresNothing() throws Exception {
        int before = read("/api/jobs/" + job + "/features", imre).size();
        Map<String, Object> crossing = Map.of(
                "name",
                "bow tie",
                "kind",
                "BED",
                "form",
                "POLYGON",
                "radiusM",
                0,
                "worth",
                1,
                "mayBeHit",
                false,
                "protection",
                "NONE",
                "protectionDone",
                false,
                "outline",
                List.of(spot(0, 0), spot(4, 4), spot(4, 0), spot(0, 4)));
        mvc.perform(json(post("/api/jobs/" + job + "/features"), crossing).with(as(imre)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].code").value("BAD_POLYGON"));
        mvc.perform(json(post("/api/jobs/" + job + "/features"), Map.of("name", "x"))
                        .with(as(imre)))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors").isNotEmpty());
        mvc.perform(json(post("/api/jobs/" + job + "/features"), "{not json").with(as(imre)))
                .andExpect(status().isBadRequest());
        assertThat(read("/api/jobs/" + job + "/features", imre)).hasSize(before);
    }

    private static Map<String, Object> spot(double e, double n) {
        return Map.of("eastM", e, "northM", n);
    }

    @Test
    void writesNeedTheTokenAndLargeBodiesAreRefused() throws Exception {
        mvc.perform(post("/api/jobs/" + job + "/run/go").with(as(imre))).andExpect(status().isForbidden());
        mvc.perform(json(post("/api/sums/diameter"), "{\"girth_m\":1,\"x\":\"" + "y".repeat(1_100_000) + "\"}"))
                .andExpect(status().isPayloadTooLarge());
    }

    @Test
    void signingInIsThrottled() throws Exception {
        int last = 0;
        for (int i = 0; i < 14; i++) {
            last = mvc.perform(json(post("/api/session"), Map.of("name", "Perhaps Nobody", "passphrase", "guess " + i)))
                    .andReturn()
                    .getResponse()
                    .getStatus();
        }
        assertThat(last).isEqualTo(429);
    }

    @Test
    void aWrongPinDoesNotJoinAndTheFirstPinIsOnesOwn() throws Exception {
        String code = jobs.job(job).code();
        String oren = people.named("Oren Pike").orElseThrow().id();
        mvc.perform(json(post("/api/join"), Map.of("code", code, "personId", oren, "pin", "4321")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].field").value("word"));
        mvc.perform(json(
                        post("/api/join"),
                        Map.of("code", code, "personId", oren, "pin", "4321", "word", "perhaps 111")))
                .andExpect(status().isUnauthorized());
        String word = people.pin(oren).firstWord().orElseThrow();
        mvc.perform(json(post("/api/join"), Map.of("code", code, "personId", oren, "pin", "1234", "word", word)))
                .andExpect(status().isUnprocessableEntity());
        mvc.perform(json(post("/api/join"), Map.of("code", code, "personId", oren, "pin", "4321", "word", word)))
                .andExpect(status().isOk());
        mvc.perform(json(post("/api/join"), Map.of("code", code, "personId", oren, "pin", "8765", "word", word)))
                .andExpect(status().isUnauthorized());
        mvc.perform(json(post("/api/join"), Map.of("code", code, "personId", oren, "pin", "1234")))
                .andExpect(status().isUnauthorized());
        mvc.perform(json(post("/api/join"), Map.of("code", "NOCODE", "personId", oren, "pin", "4321")))
                .andExpect(status().isUnauthorized());
        mvc.perform(json(post("/api/join"), Map.of("code", code, "personId", imre.personId(), "pin", "4321")))
                .andExpect(status().isUnauthorized());
    }

    @Test
    void theSameHoldSentTwiceIsOneHoldAndOnlyTheLeaderLifts() throws Exception {
        Map<String, Object> hold = Map.of("id", "made-on-the-phone", "reason", "");
        for (int i = 0; i < 2; i++) {
            mvc.perform(json(post("/api/jobs/" + job + "/run/holds"), hold).with(as(nadia)))
                    .andExpect(status().isNoContent());
        }
        assertThat(read("/api/jobs/" + job + "/run/holds", nadia)).hasSize(1);
        String lift = "/api/jobs/" + job + "/run/holds/made-on-the-phone/lift";
        long through = read("/api/jobs/" + job + "/run/holds", nadia)
                .get(0)
                .get("through")
                .asLong();
        mvc.perform(json(post(lift), Map.of("reason", "CLEARED", "through", through))
                        .with(as(nadia)))
                .andExpect(status().isForbidden());
        mvc.perform(json(post(lift), Map.of("reason", " ", "through", through)).with(as(imre)))
                .andExpect(status().isBadRequest());
        mvc.perform(json(post(lift), Map.of("reason", "CLEARED", "through", through))
                        .with(as(imre)))
                .andExpect(status().isNoContent());
    }

    @Test
    void theSumsAnswerAndRefuseAsDescribed() throws Exception {
        mvc.perform(json(post("/api/sums/sight_miss"), Map.of("error_mm", 10, "hinge_length_m", 0.4, "length_m", 25)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.ok").value(true))
                .andExpect(jsonPath("$.mm_for_1m_miss").value(16.0));
        mvc.perform(json(post("/api/sums/sight_miss"), Map.of("error_mm", "ten")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.ok").value(false))
                .andExpect(jsonPath("$.errors[0].code").value("NOT_A_NUMBER"))
                .andExpect(jsonPath("$.errors[1].field").value("hinge_length_m"));
        mvc.perform(json(post("/api/sums/escape"), Map.of("lay_deg", 0, "height_m", 22)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.margin_s").value(nullValue()));
        mvc.perform(json(post("/api/sums/no_such"), Map.of())).andExpect(status().isNotFound());
        Map<String, Object> miss = Map.of("error_mm", 10, "hinge_length_m", 0.4, "length_m", 25);
        mvc.perform(json(post("/api/sums/sight_miss/table"), miss))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.main").value("miss_m"))
                .andExpect(jsonPath("$.rows[?(@.name=='miss_m')].shown").value("0.6248"))
                .andExpect(jsonPath("$.rows[?(@.name=='miss_m')].unit").value("m"));
        mvc.perform(json(post("/api/sums/sight_miss/curve?against=length_m"), miss))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.at").value(25.0))
                .andExpect(jsonPath("$.points.length()").value(25));
        mvc.perform(json(post("/api/sums/sight_miss/curve?against=colour"), miss))
                .andExpect(status().isUnprocessableEntity());
        mvc.perform(get("/api/sums"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[?(@.name=='cuts')]").isNotEmpty());
    }

    /** The screens' types are made from web/openapi.json; it must be what the controllers say. */
    @Test
    void theDescriptionOfTheInterfaceIsTheOneTheScreensWereBuiltFrom() throws Exception {
        JsonNode now = JSON.readTree(mvc.perform(get("/described"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        Path file = Path.of("../web/openapi.json");
        if (Boolean.getBoolean("openapi.update")) {
            Files.writeString(
                    file,
                    JSON.copy()
                                    .configure(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS, true)
                                    .writerWithDefaultPrettyPrinter()
                                    .writeValueAsString(JSON.treeToValue(now, Map.class))
                            + "\n");
        }
        assertThat(JSON.treeToValue(now, Map.class))
                .as("run the tests with -Dopenapi.update=true, then 'npm run types' in web/")
                .isEqualTo(JSON.treeToValue(JSON.readTree(file.toFile()), Map.class));
    }

    @Test
    void aBriefingIsRefusedWhileAStopStands() throws Exception {
        mvc.perform(json(post("/api/jobs/" + job + "/briefings"), "").with(as(imre)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].code").value("STOP"));
        assertThat(read("/api/jobs/" + job + "/briefings", imre).get("issues")).isEmpty();
    }

    @Test
    void onlyTheOwnerAddsPeopleAndACrewSessionSeesNoList() throws Exception {
        Map<String, Object> person =
                Map.of("name", "Jory Tamsin", "office", Office.CREW, "competences", List.of("GROUND"));
        mvc.perform(json(post("/api/people"), person).with(as(imre))).andExpect(status().isForbidden());
        mvc.perform(json(post("/api/people"), person).with(as(owner))).andExpect(status().isOk());
        mvc.perform(json(post("/api/people"), person).with(as(owner))).andExpect(status().isUnprocessableEntity());
        mvc.perform(get("/api/people").with(as(nadia))).andExpect(status().isForbidden());
    }
}
