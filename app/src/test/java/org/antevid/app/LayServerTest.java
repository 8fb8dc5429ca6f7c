package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.House;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.MockMvc;

/** The lay through the interface: dial, preview, fixing, clearing, clips, rehearsal, age, and files out. */
@OnRealStore
class LayServerTest {
    private static final List<Map<String, Object>> DROP =
            List.of(Calls.spot(-2, -1), Calls.spot(-2, 21), Calls.spot(2, 21), Calls.spot(2, -1));
    private final Calls calls;
    private final House house;
    private SignedIn leader;
    private SignedIn crew;
    private String stem;

    LayServerTest(MockMvc mvc, People people, House house) {
        calls = new Calls(mvc, people);
        this.house = house;
    }

    @BeforeEach
    void aMeasuredOak() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        crew = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        calls.open(leader, "Reed End");
        calls.on(leader, "POST", "/members", Map.of("personId", crew.personId()));
        stem = stem(0, 0, true);
    }

    private String stem(double e, double n, boolean lean) throws Exception {
        String id = calls.on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", e, n))
                .body()
                .get("id")
                .asText();
        sight(id, "GIRTH", Map.of("girthM", 1.5));
        sight(id, "EYE_CROWN", Map.of("radiusM", 3));
        sight(id, "HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 38, "base", -2));
        if (lean) {
            sight(id, "PLUMB_LEAN", Map.of("leanDeg", 1.5, "azimuthDeg", 0, "sigmaDeg", 0.5));
        }
        return id;
    }

    private void sight(String id, String kind, Map<String, Object> numbers) throws Exception {
        assertThat(calls.on(leader, "POST", "/stems/" + id + "/sightings", Calls.sighting(kind, numbers))
                        .status())
                .isEqualTo(201);
    }

    private static Map<String, Object> choice(double deg) {
        return new HashMap<>(Map.of(
                "layDeg",
                deg,
                "cutHeightM",
                0.3,
                "school",
                "OPEN_FACE",
                "barM",
                0.45,
                "means",
                "MACHINE_LINE",
                "ropeHeightM",
                12,
                "anchorDistM",
                50,
                "pullN",
                20000));
    }

    private Calls.Reply fix(double deg, Long version) throws Exception {
        Map<String, Object> body = new HashMap<>(Map.of("choice", choice(deg), "fixed", true, "dropZone", DROP));
        if (version != null) {
            body.put("version", version);
        }
        return calls.on(leader, "PUT", "/stems/" + stem + "/lay", body);
    }

    private JsonNode saved() throws Exception {
        return calls.on(leader, "GET", "/lays", null).body().get(0);
    }

    private long version() throws Exception {
        return saved().get("version").asLong();
    }

    private JsonNode preview(double deg) throws Exception {
        return calls.on(leader, "POST", "/stems/" + stem + "/lay/preview", choice(deg))
                .body();
    }

    private String hut(double e, double n) throws Exception {
        return calls.on(leader, "POST", "/features", Calls.thing("hut", "BUILDING", e, n, 1))
                .body()
                .get("id")
                .asText();
    }

    @Test
    void theDialJudgesEveryDegreeAndTheLayBesideIt() throws Exception {
        hut(0, 15);
        JsonNode dial = calls.on(leader, "POST", "/stems/" + stem + "/lay/dial", choice(0))
                .body();
        assertThat(dial.get("lays")).hasSize(360);
        assertThat(dial.get("lays").get(0).get("state").asText()).isEqualTo("BLOCKED");
        assertThat(dial.get("lays").get(0).get("against").get(0).asText()).isEqualTo("hut");
        assertThat(dial.get("windows")).hasSize(1);
        assertThat(dial.get("picks").get(0).get("why").asText())
                .containsPattern("(^|[^0-9])[1-9][0-9]*° to the next blocked lay");
        double sum = 0;
        for (String part : List.of("openDeg", "pullDeg", "guyDeg", "costlyDeg", "blockedDeg")) {
            sum += dial.get(part).asDouble();
        }
        assertThat(sum).isEqualTo(360);
        JsonNode v = preview(0);
        assertThat(v.get("around").get("targets").get(0).get("chance").asText()).isEqualTo("100 %");
        assertThat(v.get("around").get("targets").get(0).get("blocks").asBoolean())
                .isTrue();
        assertThat(v.at("/reach/ring/decides").asText()).isEqualTo("practice");
        assertThat(v.get("zones"))
                .extracting(z -> z.get("kind").asText())
                .containsExactly("RING", "DROP", "BUTT", "LINE");
        assertThat(v.get("around").get("occupied").get(0).get("takenCareOf").asBoolean())
                .isFalse();
    }

    @Test
    void withoutALeanNothingIsScoredAndNothingRehearsed() throws Exception {
        stem = stem(60, 0, false);
        JsonNode dial = calls.on(leader, "POST", "/stems/" + stem + "/lay/dial", choice(0))
                .body();
        assertThat(dial.get("lays")).isEmpty();
        assertThat(dial.get("closed").get("opens").get(0).asText()).contains("measure the lean");
        Calls.Reply none = calls.on(
                leader,
                "POST",
                "/stems/" + stem + "/lay/rehearsal",
                Map.of("choice", choice(0), "gustMs", 0, "rotten", "NONE", "offM", 0, "falls", 100, "seed", 1));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.codes()).containsExactly("NOT_KNOWN");
    }

    @Test
    void aTreeBesideItCatchesIt() throws Exception {
        stem(0, 8, true);
        assertThat(preview(0).get("around").get("hangUps").get(0).get("tree").asText())
                .isEqualTo("S2");
        assertThat(preview(180).get("around").get("hangUps")).isEmpty();
    }

    @Test
    void aFixedLayIsOutOfDateOnceSomethingItRestsOnChanges() throws Exception {
        String hut = hut(15, 0);
        assertThat(fix(0, null).status()).isEqualTo(204);
        assertThat(saved().has("outOfDate")).as("nothing has changed yet").isFalse();
        sight(stem, "HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 43, "base", -2));
        JsonNode old = saved().get("outOfDate");
        assertThat(old.get("changed").get(0).at("/what/words").asText()).isEqualTo("height");
        assertThat(old.get("moved")).anyMatch(m -> m.at("/what/words").asText().equals("reach"));
        assertThat(fix(0, version()).status()).isEqualTo(204);
        assertThat(saved().has("outOfDate")).isFalse();
        calls.on(leader, "DELETE", "/features/" + hut + "?version=0", null);
        assertThat(saved().get("outOfDate").get("changed").get(0).has("is"))
                .as("gone or out of reach")
                .isFalse();
    }

    @Test
    void everythingItDependsOnHasItsAge() throws Exception {
        hut(15, 0);
        Optional<Instant> limitsBefore = house.changedAt();
        JsonNode all = calls.on(crew, "POST", "/stems/" + stem + "/lay/depends", choice(0))
                .body();
        assertThat(all)
                .extracting(d -> d.get("words").asText())
                .contains(
                        "diameter", "height", "lean", "crown radius", "faults", "slope at the stump", "limits", "hut");
        assertThat(all)
                .filteredOn(d ->
                        List.of("height", "lean", "hut").contains(d.get("words").asText()))
                .hasSize(3)
                .allMatch(d -> d.hasNonNull("at"));
        // The house is shared by every test on this store: whoever set its limits last gives them their age, and
        // limits nobody has set have none.
        assertThat(all)
                .filteredOn(d -> d.get("words").asText().equals("limits"))
                .singleElement()
                .extracting(d -> Optional.ofNullable(d.get("at")).map(at -> Instant.parse(at.asText())))
                .isIn(limitsBefore, house.changedAt());
    }

    @Test
    void aClearedWayWalksFasterForThisLayAndNoOther() throws Exception {
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/lay/clearing", Map.of("side", "RIGHT", "done", true))
                        .codes())
                .containsExactly("MISSING");
        fix(0, null);
        double before =
                preview(0).get("leaving").get("ways").get(0).get("walkS").asDouble();
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/lay/clearing", Map.of("side", "RIGHT", "done", true))
                        .status())
                .isEqualTo(204);
        JsonNode cleared = preview(0).get("leaving").get("ways").get(0);
        assertThat(cleared.get("walkS").asDouble()).isLessThan(before);
        assertThat(cleared.get("clearedBy").asText()).isEqualTo("Lorne Askew");
        assertThat(preview(3).get("leaving").get("ways").get(0).has("clearedBy"))
                .as("much the same way")
                .isTrue();
        assertThat(preview(30).get("leaving").get("ways").get(0).has("clearedBy"))
                .as("another way")
                .isFalse();
        calls.on(leader, "PUT", "/stems/" + stem + "/lay/clearing", Map.of("side", "RIGHT", "done", false));
        assertThat(preview(0).get("leaving").get("ways").get(0).get("walkS").asDouble())
                .isEqualTo(before);
    }

    @Test
    void groundIsTakenOutOfAZoneWithAReasonAndPutBack() throws Exception {
        fix(0, null);
        List<Map<String, Object>> wall =
                List.of(Calls.spot(20, -60), Calls.spot(80, -60), Calls.spot(80, 60), Calls.spot(20, 60));
        String clips = "/stems/" + stem + "/lay/clips";
        assertThat(calls.on(
                                leader,
                                "POST",
                                clips,
                                Map.of("kind", "RING", "outline", wall, "reason", " ", "version", version()))
                        .status())
                .isIn(400, 422);
        List<Map<String, Object>> bow = List.of(Calls.spot(0, 0), Calls.spot(4, 4), Calls.spot(4, 0), Calls.spot(0, 4));
        assertThat(calls.on(
                                leader,
                                "POST",
                                clips,
                                Map.of("kind", "RING", "outline", bow, "reason", "crossed", "version", version()))
                        .codes())
                .containsExactly("BAD_POLYGON");
        assertThat(calls.on(
                                leader,
                                "POST",
                                clips,
                                Map.of("kind", "RING", "outline", wall, "reason", "lock wall", "version", 99))
                        .status())
                .isEqualTo(409);
        assertThat(saved().get("clips"))
                .as("nothing was stored by any of these")
                .isEmpty();
        assertThat(calls.on(
                                leader,
                                "POST",
                                clips,
                                Map.of("kind", "RING", "outline", wall, "reason", "lock wall", "version", version()))
                        .status())
                .isEqualTo(204);
        assertThat(saved().get("clips").get(0).get("who").asText()).isEqualTo("Lorne Askew");
        JsonNode ring = saved().get("lay").get("zones").get(0);
        assertThat(ring.get("clippedBy").get(0).asText()).isEqualTo("lock wall");
        assertThat(ring.get("outlines").get(0)).allMatch(p -> p.get("eastM").asDouble() < 20.001);
        assertThat(calls.on(leader, "DELETE", clips + "/5?version=" + version(), null)
                        .status())
                .isEqualTo(404);
        assertThat(calls.on(leader, "DELETE", clips + "/0?version=" + version(), null)
                        .status())
                .isEqualTo(204);
        assertThat(saved().get("clips")).isEmpty();
    }

    @Test
    void whatIsKeptWithTheLayComesBackAsItWasChosen() throws Exception {
        Map<String, Object> c = choice(12);
        c.put("skill", "EXPERIENCED");
        c.put("stand", Calls.spot(10, 40));
        c.put("puller", Calls.spot(50, 40));
        c.put("coverTree", "S9");
        c.put("clock", "AT_PULL");
        assertThat(calls.on(
                                leader,
                                "PUT",
                                "/stems/" + stem + "/lay",
                                Map.of("choice", c, "fixed", false, "dropZone", List.of()))
                        .status())
                .isEqualTo(204);
        JsonNode back = saved().get("choice");
        assertThat(back.get("skill").asText()).isEqualTo("EXPERIENCED");
        assertThat(back.get("stand").get("northM").asDouble()).isEqualTo(40);
        assertThat(back.get("puller").get("eastM").asDouble()).isEqualTo(50);
        assertThat(back.get("coverTree").asText()).isEqualTo("S9");
        assertThat(back.get("clock").asText()).isEqualTo("AT_PULL");
    }

    @Test
    void aimingGivesTheLayPastALandmark() throws Exception {
        JsonNode a = calls.on(
                        leader, "POST", "/stems/" + stem + "/lay/aim", Map.of("landmark", Calls.spot(0, 30), "offM", 3))
                .body();
        assertThat(a.get("layDeg").asDouble()).isCloseTo(Math.toDegrees(Math.atan(0.1)), within(1e-9));
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/stems/" + stem + "/lay/aim",
                                Map.of("landmark", Calls.spot(0, 0), "offM", 0))
                        .messages())
                .anyMatch(m -> m.startsWith("landmark"));
    }

    @Test
    void aRehearsalAnswersTheSameForTheSameSeedAndRefusesNonsense() throws Exception {
        hut(4, 15);
        String path = "/stems/" + stem + "/lay/rehearsal";
        Map<String, Object> ask = new HashMap<>(
                Map.of("choice", choice(0), "gustMs", 9, "rotten", "LEFT", "offM", 0.02, "falls", 3000, "seed", 4));
        JsonNode once = calls.on(crew, "POST", path, ask).body();
        assertThat(calls.on(leader, "POST", path, ask).body()).isEqualTo(once);
        assertThat(once.get("whatIf").get("within95Deg").asDouble())
                .isGreaterThan(once.get("asPlanned").get("within95Deg").asDouble());
        assertThat(once.get("asPlanned").get("struck").get(0).get("name").asText())
                .isEqualTo("hut");
        ask.put("falls", 10_000_000);
        assertThat(calls.on(leader, "POST", path, ask).messages()).anyMatch(m -> m.startsWith("falls"));
        ask.put("falls", 10);
        ask.put("rotten", "MIDDLE");
        assertThat(calls.on(leader, "POST", path, ask).status()).isEqualTo(400);
    }

    @Test
    void laysGoOutAsGeoJsonAndAsASheetToScale() throws Exception {
        assertThat(calls.on(leader, "GET", "/stems/" + stem + "/lay/sheet.pdf", null)
                        .status())
                .as("no lay saved yet")
                .isEqualTo(422);
        fix(0, null);
        JsonNode local = Calls.JSON.readTree(calls.bytes(crew, "/files/lays"));
        assertThat(local.get("antevidFrame").asText()).isEqualTo("local-metres");
        assertThat(local.get("features"))
                .extracting(f -> f.get("properties").get("what").asText())
                .contains("lay", "fan", "zone", "way out");
        JsonNode lay = local.get("features").get(0);
        double reach = lay.get("geometry").get("coordinates").get(1).get(1).asDouble();
        assertThat(lay.get("properties").get("reachM").asDouble()).isGreaterThanOrEqualTo(reach);
        assertThat(calls.on(leader, "GET", "/files/lays?wgs84=true", null).codes())
                .containsExactly("NO_ANCHOR");
        String svg = new String(calls.bytes(crew, "/stems/" + stem + "/lay/sheet.svg"), StandardCharsets.UTF_8);
        int scale = Integer.parseInt(svg.replaceAll("(?s).*1 : (\\d+) on A4.*", "$1"));
        // the ring is drawn by its outline: its width on paper is its width on the ground at that scale
        String ring = svg.replaceAll("(?s).*?<polygon points=\"([^\"]*)\"[^>]*stroke=\"#b3261e\".*", "$1");
        double[] x = java.util.Arrays.stream(ring.split(" "))
                .mapToDouble(p -> Double.parseDouble(p.split(",", -1)[0]))
                .toArray();
        double widthMm = java.util.Arrays.stream(x).max().orElseThrow()
                - java.util.Arrays.stream(x).min().orElseThrow();
        assertThat(widthMm * scale / 1000)
                .isCloseTo(2 * saved().at("/lay/reach/exclusionM").asDouble(), within(0.5));
        assertThat(svg).contains("Fixed. Written out by Petra Vane");
        byte[] pdf = calls.bytes(crew, "/stems/" + stem + "/lay/sheet.pdf");
        assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
        assertThat(pdf.length).isGreaterThan(2000);
    }

    @ParameterizedTest
    @CsvSource({"PUT, /lay/clearing", "POST, /lay/clips", "DELETE, /lay/clips/0?version=0", "PUT, /lay"})
    void theCrewReadsALayAndChangesNothingOfIt(String method, String path) throws Exception {
        fix(0, null);
        assertThat(calls.on(crew, method, "/stems/" + stem + path, Map.of()).status())
                .isEqualTo(403);
        assertThat(calls.on(crew, "POST", "/stems/" + stem + "/lay/preview", choice(0))
                        .status())
                .isEqualTo(200);
    }
}
