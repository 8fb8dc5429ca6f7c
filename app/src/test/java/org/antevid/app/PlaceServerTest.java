package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.MockMvc;

/** The place through the interface: surroundings, features, spot heights, underlay, and files in and out. */
@OnRealStore
class PlaceServerTest {
    private final Calls calls;
    private SignedIn leader;
    private SignedIn crew;

    PlaceServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeEach
    void anEmptyJob() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        crew = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        calls.open(leader, "Reed End");
        calls.on(leader, "POST", "/members", Map.of("personId", crew.personId()));
    }

    private JsonNode place() throws Exception {
        return calls.on(leader, "GET", "/place", null).body();
    }

    private Calls.Reply put(String what, Map<String, Object> body) throws Exception {
        Map<String, Object> all = new HashMap<>(body);
        all.put(
                "version",
                place().get("versions")
                        .path(what.equals("emergency") ? "card" : what)
                        .asLong());
        return calls.on(leader, "PUT", "/place/" + what, all);
    }

    private static Map<String, Object> feature(String name, String kind, String form, double... en) {
        List<Map<String, Object>> outline = java.util.stream.IntStream.range(0, en.length / 2)
                .mapToObj(i -> Calls.spot(en[2 * i], en[2 * i + 1]))
                .toList();
        return new HashMap<>(Map.of(
                "name",
                name,
                "kind",
                kind,
                "form",
                form,
                "outline",
                outline,
                "radiusM",
                0.5,
                "worth",
                2,
                "mayBeHit",
                false,
                "protection",
                "NONE",
                "protectionDone",
                false));
    }

    @Test
    void anEmptyJobMayNotBeBriefedForWantOfTheEmergencyCard() throws Exception {
        assertThat(calls.on(leader, "POST", "/briefings", null)
                        .body()
                        .get("detail")
                        .asText())
                .contains("emergency card lacks: nearest help");
        assertThat(put("emergency", Calls.CARD).status()).isEqualTo(204);
        assertThat(calls.on(leader, "GET", "/findings", null).text()).doesNotContain("emergency card lacks");
        assertThat(calls.on(leader, "GET", "/plan", null)
                        .body()
                        .get("emergency")
                        .get("gridReference")
                        .asText())
                .isEqualTo("WL 1 1");
    }

    @Test
    void anAnswerThatIsNotKnownStaysOpenAndNoIsAStop() throws Exception {
        assertThat(place().get("permits"))
                .allMatch(p -> p.get("answer").asText().equals("NOT_KNOWN"));
        assertThat(put("permits", Map.of("answers", Map.of("NESTING", "NO", "WATERCOURSE", "YES")))
                        .status())
                .isEqualTo(204);
        assertThat(calls.on(leader, "GET", "/findings", null).body())
                .anyMatch(f -> f.get("key").asText().equals("permit:NESTING")
                        && f.get("severity").asText().equals("STOP"))
                .noneMatch(f -> f.get("key").asText().equals("permit:WATERCOURSE"));
    }

    @Test
    void twoPeopleDoNotOverwriteEachOther() throws Exception {
        put("day", Map.of("ground", "WET", "light", "DAY", "load", "NONE"));
        put("day", Map.of("ground", "SLIPPERY", "light", "DAY", "load", "NONE"));
        Calls.Reply stale = calls.on(
                leader, "PUT", "/place/day", Map.of("ground", "FIRM", "light", "DAY", "load", "NONE", "version", 0));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().get("detail").asText()).contains("Lorne Askew").contains("ground from WET to SLIPPERY");
        assertThat(calls.on(
                                crew,
                                "PUT",
                                "/place/day",
                                Map.of("ground", "FIRM", "light", "DAY", "load", "NONE", "version", 1))
                        .status())
                .isEqualTo(403);
    }

    /** A tap sends one answer; what another tap or another person wrote meanwhile stays. */
    @Test
    void quickTapsAndPeopleAtOtherPartsLoseNothing() throws Exception {
        put("emergency", Calls.CARD);
        for (String permit : List.of("NESTING", "WATERCOURSE", "NEIGHBOUR")) {
            assertThat(calls.on(leader, "PUT", "/place/permits", Map.of("answers", Map.of(permit, "YES")))
                            .status())
                    .isEqualTo(204);
        }
        assertThat(calls.on(leader, "PUT", "/place/day", Map.of("ground", "WET"))
                        .status())
                .isEqualTo(204);
        assertThat(calls.on(leader, "PUT", "/place/day", Map.of("light", "DUSK"))
                        .status())
                .isEqualTo(204);
        assertThat(calls.on(leader, "PUT", "/place/day", Map.of()).codes()).containsExactly("MISSING");
        Map<String, Object> card = new HashMap<>(Calls.CARD);
        card.put("kit", "box");
        card.put("version", 1);
        assertThat(calls.on(leader, "PUT", "/place/emergency", card).status())
                .as("nobody touched the card meanwhile")
                .isEqualTo(204);
        assertThat(calls.on(leader, "PUT", "/place/emergency", card).status())
                .as("now somebody has")
                .isEqualTo(409);
        JsonNode place = place();
        assertThat(place.get("ground").asText() + place.get("light").asText()).isEqualTo("WETDUSK");
        assertThat(place.at("/card/kit").asText()).isEqualTo("box");
        assertThat(place.get("permits"))
                .filteredOn(p -> p.get("answer").asText().equals("YES"))
                .hasSize(3);
    }

    @Test
    void aMachineSaysWhyItDoesNotGetIn() throws Exception {
        put("access", Map.of("widthM", 2.0, "loadLimitKg", 3000, "keepOff", ""));
        calls.on(
                leader,
                "POST",
                "/place/machines",
                Map.of("name", "lorry", "use", "CRANE", "widthM", 2.5, "massKg", 12000, "gradeDeg", 8));
        assertThat(place().get("machines").get(0).get("keptOutBy")).hasSize(2);
        assertThat(put("access", Map.of("widthM", 99.0, "keepOff", "")).codes()).containsExactly("OUT_OF_RANGE");
    }

    @Test
    void threeSpotHeightsMakeContoursAndASlope() throws Exception {
        for (double[] h : new double[][] {{0, 0, 0}, {20, 0, 4}, {0, 20, 0}}) {
            assertThat(calls.on(
                                    leader,
                                    "POST",
                                    "/place/heights",
                                    Map.of("at", Calls.spot(h[0], h[1]), "heightM", h[2], "takenHow", "level"))
                            .status())
                    .isEqualTo(201);
        }
        assertThat(place().get("contours").size()).isGreaterThanOrEqualTo(7);
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/place/heights",
                                Map.of("at", Calls.spot(0, 0), "heightM", 2, "takenHow", "level"))
                        .codes())
                .containsExactly("DUPLICATE");
        String stem = calls.on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", 5, 5))
                .body()
                .get("id")
                .asText();
        for (Map.Entry<String, Map<String, Object>> s : Map.<String, Map<String, Object>>of(
                        "GIRTH",
                        Map.of("girthM", 1.5),
                        "EYE_HEIGHT",
                        Map.of("heightM", 15),
                        "EYE_CROWN",
                        Map.of("radiusM", 3))
                .entrySet()) {
            calls.on(leader, "POST", "/stems/" + stem + "/sightings", Calls.sighting(s.getKey(), s.getValue()));
        }
        JsonNode lay = calls.on(
                        leader,
                        "POST",
                        "/stems/" + stem + "/lay/preview",
                        Map.of(
                                "layDeg",
                                270,
                                "cutHeightM",
                                0.3,
                                "school",
                                "OPEN_FACE",
                                "barM",
                                0.45,
                                "means",
                                "NOTHING"))
                .body();
        // 4 m on 20 m, falling to the west
        assertThat(lay.at("/reach/slopeAlongDeg").asDouble())
                .isCloseTo(Math.toDegrees(Math.atan(0.2)), org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void mayBeHitKeepsWhoAgreedAndWhen() throws Exception {
        Map<String, Object> hit = feature("shed", "BUILDING", "POINT", 1, 1);
        hit.put("mayBeHit", true);
        assertThat(calls.on(leader, "POST", "/features", hit).codes()).containsExactly("MISSING");
        hit.put("agreedBy", "the owner");
        assertThat(calls.on(leader, "POST", "/features", hit)
                        .body()
                        .get("entry")
                        .get("more")
                        .get("agreedOn")
                        .asText())
                .matches("\\d{4}-\\d\\d-\\d\\d");
    }

    @Test
    void aFeatureTakenOffComesBackUnderItsOwnKey() throws Exception {
        JsonNode added = calls.on(leader, "POST", "/features", feature("wall", "WALL", "LINE", 0, 0, 5, 5))
                .body();
        String id = added.get("id").asText();
        assertThat(calls.on(
                                leader,
                                "DELETE",
                                "/features/" + id + "?version="
                                        + added.get("version").asLong(),
                                null)
                        .status())
                .isEqualTo(204);
        Map<String, Object> again = feature("wall", "WALL", "LINE", 0, 0, 5, 5);
        again.put("id", id);
        assertThat(calls.on(leader, "POST", "/features", again).body().get("id").asText())
                .isEqualTo(id);
        assertThat(calls.on(leader, "POST", "/features", again).body().get("id").asText())
                .as("the same once more is there already")
                .isEqualTo(id);
        again.put("name", "another wall");
        Calls.Reply other = calls.on(leader, "POST", "/features", again);
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.codes()).containsExactly("SENT_OTHERWISE");
    }

    @Test
    void placesAreComputedFromTapesOffsetsAndShots() throws Exception {
        JsonNode two = calls.on(
                        leader,
                        "POST",
                        "/features/two-tapes",
                        Map.of("a", Calls.spot(0, 0), "fromAM", 3, "b", Calls.spot(5, 0), "fromBM", 4))
                .body();
        assertThat(two.get("places")).hasSize(2);
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/features/two-tapes",
                                Map.of("a", Calls.spot(0, 0), "fromAM", 1, "b", Calls.spot(9, 0), "fromBM", 1))
                        .codes())
                .containsExactly("TAPES_DO_NOT_MEET");
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/features/offset",
                                Map.of("from", Calls.spot(0, 0), "to", Calls.spot(0, 10), "alongM", 4, "rightM", 2))
                        .body()
                        .get("eastM")
                        .asDouble())
                .isCloseTo(2, org.assertj.core.api.Assertions.within(1e-9));
        JsonNode shot = calls.on(
                        crew, "POST", "/features/shot", Map.of("from", Calls.spot(0, 0), "aimedAt", Calls.spot(0, 20)))
                .body();
        assertThat(shot.get("at").get("northM").asDouble()).isBetween(19.5, 20.5);
        assertThat(shot.get("simulated").asBoolean()).isTrue();
    }

    @Test
    void aDrawingLiesWhereItsTwoPointsAre() throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB), "png", png);
        assertThat(calls.send(leader, "/place/underlay", png.toByteArray(), Map.of())
                        .status())
                .isEqualTo(204);
        assertThat(place().get("underlay").has("metresPerPixel")).isFalse();
        Map<String, Object> points = Map.of(
                "firstPixel",
                Map.of("x", 0, "y", 0),
                "firstSpot",
                Calls.spot(10, 50),
                "secondPixel",
                Map.of("x", 400, "y", 0),
                "secondSpot",
                Calls.spot(50, 50));
        assertThat(calls.on(leader, "PUT", "/place/underlay/points", points).status())
                .isEqualTo(204);
        assertThat(place().get("underlay").get("metresPerPixel").asDouble()).isEqualTo(0.1);
        assertThat(calls.send(leader, "/place/underlay", "text".getBytes(StandardCharsets.UTF_8), Map.of())
                        .codes())
                .containsExactly("NOT_A_PHOTO");
    }

    private void someFeatures() throws Exception {
        put("anchor", Map.of("latitudeDeg", 49.5, "longitudeDeg", -29.25, "gridNorthDeg", 7));
        calls.on(leader, "POST", "/features", feature("barn", "BUILDING", "POLYGON", 10, 10, 20, 10, 20, 18, 10, 18));
        calls.on(leader, "POST", "/features", feature("lane", "ROAD", "LINE", 0, 40, 60, 42));
        calls.on(leader, "POST", "/features", feature("well", "WATER", "POINT", 33.3, 21.7));
    }

    @ParameterizedTest
    @CsvSource({"false", "true"})
    void whatIsWrittenOutAndReadBackChangesNothing(boolean wgs84) throws Exception {
        someFeatures();
        String out =
                calls.on(leader, "GET", "/files/geojson?wgs84=" + wgs84, null).text();
        Calls.Reply back = calls.send(leader, "/files/geojson", out);
        assertThat(back.body().get("unchanged").asInt()).as(back.text()).isEqualTo(3);
        assertThat(calls.on(leader, "GET", "/files/geojson?wgs84=" + wgs84, null)
                        .text())
                .isEqualTo(out);
        String gpx = calls.on(leader, "GET", "/files/gpx", null).text();
        assertThat(calls.send(leader, "/files/gpx", gpx).body().get("unchanged").asInt())
                .isEqualTo(3);
    }

    @Test
    void aPlanGoesToAnotherJobAndComesOutAsItWentIn() throws Exception {
        someFeatures();
        String out = calls.on(leader, "GET", "/files/geojson", null).text();
        calls.open(leader, "Other End");
        assertThat(calls.send(leader, "/files/geojson", out).body().get("added").asInt())
                .isEqualTo(3);
        String there = calls.on(leader, "GET", "/files/geojson", null).text();
        assertThat(calls.send(leader, "/files/geojson", there)
                        .body()
                        .get("unchanged")
                        .asInt())
                .isEqualTo(3);
        assertThat(withoutIds(there)).isEqualTo(withoutIds(out));
    }

    private static JsonNode withoutIds(String text) throws Exception {
        JsonNode all = Calls.JSON.readTree(text);
        all.get("features").forEach(f -> ((ObjectNode) f).remove("id"));
        return all;
    }

    @Test
    void oneBadFeatureKeepsTheWholeFileOutUntilTheGoodOnesAreTaken() throws Exception {
        String file = """
            {"type":"FeatureCollection","antevidFrame":"local-metres","features":[
             {"type":"Feature","geometry":{"type":"Point","coordinates":[1,2]},"properties":{"name":"good","kind":"other"}},
             {"type":"Feature","geometry":{"type":"Polygon","coordinates":[[[0,0],[10,10],[10,0],[0,10],[0,0]]]},"properties":{"name":"bow tie","kind":"bed"}},
             {"type":"Feature","geometry":{"type":"Point","coordinates":["x",2]},"properties":{"name":"no number","kind":"other"}},
             {"type":"Feature","geometry":{"type":"Point","coordinates":[1,2]},"properties":{"name":"odd kind","kind":"moat"}}]}""";
        Calls.Reply refused = calls.send(leader, "/files/geojson", file);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messages())
                .hasSize(3)
                .anyMatch(m -> m.startsWith("row 2, points") && m.contains("cross itself"))
                .anyMatch(m -> m.startsWith("row 3, coordinates"))
                .anyMatch(m -> m.contains("“moat”"));
        assertThat(calls.on(leader, "GET", "/features", null).body()).isEmpty();
        Calls.Reply taken = calls.send(
                leader, "/files/geojson", file.getBytes(StandardCharsets.UTF_8), Map.of("takeGoodRows", "true"));
        assertThat(taken.body().get("added").asInt()).isEqualTo(1);
        assertThat(taken.body().get("problems")).hasSize(3);
    }

    @Test
    void swappedLatitudeAndLongitudeAreRecognised() throws Exception {
        put("anchor", Map.of("latitudeDeg", 49.5, "longitudeDeg", -29.25, "gridNorthDeg", 0));
        String file =
                "{\"type\":\"FeatureCollection\",\"features\":[{\"type\":\"Feature\",\"geometry\":{\"type\":\"Point\",\"coordinates\":[49.5001,-29.2501]},\"properties\":{\"name\":\"x\"}}]}";
        assertThat(calls.send(leader, "/files/geojson", file).messages())
                .singleElement()
                .asString()
                .contains("latitude and longitude are swapped");
    }

    @Test
    void filesThatAreNoneOfItChangeNothing() throws Exception {
        assertThat(calls.send(leader, "/files/geojson", "{}").codes()).containsExactly("NOT_GEOJSON");
        assertThat(calls.send(leader, "/files/geojson", "{\"type\":").codes()).containsExactly("NOT_JSON");
        assertThat(calls.send(leader, "/files/geojson", "").codes()).containsExactly("EMPTY_FILE");
        assertThat(calls.send(leader, "/files/geojson", new byte[] {'{', (byte) 0xE9, '}'}, Map.of())
                        .codes())
                .containsExactly("NOT_UTF8");
        assertThat(calls.send(leader, "/files/gpx", "<gpx/>").codes())
                .as("no anchor yet")
                .containsExactly("NO_ANCHOR");
        put("anchor", Map.of("latitudeDeg", 49.5, "longitudeDeg", -29.25, "gridNorthDeg", 0));
        assertThat(calls.send(leader, "/files/gpx", "<kml/>").codes()).containsExactly("NOT_GPX");
        assertThat(calls.send(crew, "/files/geojson", "{}").status()).isEqualTo(403);
        assertThat(calls.on(leader, "GET", "/features", null).body()).isEmpty();
    }

    @Test
    void stemsSightingsAndDefectsComeBackAsTheyWentOut() throws Exception {
        String a = calls.on(leader, "POST", "/stems", Calls.stem("FAGUS", "STANDING", 1.25, 2.5))
                .body()
                .get("id")
                .asText();
        Map<String, Object> twin = new HashMap<>(Calls.stem("FAGUS", "STANDING", 2, 2.5));
        twin.put("unionWith", List.of("S1"));
        twin.put("unionHeightM", 0.7);
        twin.put("note", "a \"quoted\", note");
        calls.on(leader, "POST", "/stems", twin);
        calls.on(
                leader,
                "POST",
                "/stems/" + a + "/sightings",
                Calls.sighting("HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 35, "base", -4)));
        calls.on(crew, "POST", "/stems/" + a + "/sightings", Calls.sighting("GIRTH", Map.of("girthM", 1.57)));
        calls.on(
                crew,
                "POST",
                "/stems/" + a + "/defects",
                Map.of(
                        "kind",
                        "SOIL_CRACKS",
                        "fromM",
                        0,
                        "toM",
                        0,
                        "faceDeg",
                        90,
                        "tells",
                        List.of("GROUND_MOVES"),
                        "extent",
                        "2 m, to the ditch"));
        Map<String, String> out = new HashMap<>();
        for (String table : List.of("STEMS", "SIGHTINGS", "DEFECTS")) {
            out.put(table, calls.on(leader, "GET", "/files/csv/" + table, null).text());
            Calls.Reply back = calls.send(leader, "/files/csv/" + table, out.get(table));
            assertThat(back.body().path("added").asInt(-1)).as(back.text()).isZero();
            assertThat(back.body().get("changed").asInt()).isZero();
        }
        calls.open(leader, "Other End");
        for (String table : List.of("STEMS", "SIGHTINGS", "DEFECTS")) {
            assertThat(calls.send(leader, "/files/csv/" + table, out.get(table))
                            .body()
                            .path("added")
                            .asInt(-1))
                    .as(table)
                    .isPositive();
            String there = calls.on(leader, "GET", "/files/csv/" + table, null).text();
            assertThat(table.equals("STEMS") ? there : there.replaceAll("(?m)^[0-9a-f-]{36}", ""))
                    .isEqualTo(
                            table.equals("STEMS")
                                    ? out.get(table)
                                    : out.get(table).replaceAll("(?m)^[0-9a-f-]{36}", ""));
        }
        assertThat(calls.on(leader, "GET", "/stems", null).body().get(0).has("diameter"))
                .as("still waits for the leader")
                .isFalse();
    }

    @Test
    void aTableSaysWhichRowAndColumnIsWrong() throws Exception {
        String header =
                "label,species,state,east_m,north_m,wood_left,wood_right,wood_back,wood_core,wood_crown,wood_facing_deg,shape,crown,keep,union_with,union_height_m,note\r\n";
        String good = "S1,fagus,standing,1,2,sound,sound,sound,sound,sound,,forest,forest_broadleaf,no,,,\r\n";
        String bad = "S2,palm,standing,x,2,sound,sound,sound,sound,sound,,forest,forest_broadleaf,perhaps,S9,1,\r\n";
        Calls.Reply refused = calls.send(leader, "/files/csv/STEMS", header + good + bad);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messages())
                .anyMatch(m -> m.startsWith("row 2, species: “palm”"))
                .anyMatch(m -> m.startsWith("row 2, east_m: “x” is no number"))
                .anyMatch(m -> m.startsWith("row 2, keep"));
        assertThat(calls.on(leader, "GET", "/stems", null).body()).isEmpty();
        assertThat(calls.send(leader, "/files/csv/STEMS", "label,species\r\nS1,fagus\r\n")
                        .codes())
                .contains("MISSING_COLUMN");
        assertThat(calls.send(leader, "/files/csv/STEMS", header.replace("note", "remark") + good)
                        .codes())
                .contains("MISSING_COLUMN", "UNKNOWN_COLUMN");
        assertThat(calls.send(leader, "/files/csv/STEMS", header + good + good).messages())
                .singleElement()
                .asString()
                .contains("twice");
        assertThat(calls.send(
                                leader,
                                "/files/csv/STEMS",
                                (header + good + bad).getBytes(StandardCharsets.UTF_8),
                                Map.of("takeGoodRows", "true"))
                        .body()
                        .get("added")
                        .asInt())
                .isEqualTo(1);
        byte[] latin = (header
                        + "S3,fagus,standing,1,2,sound,sound,sound,sound,sound,,forest,forest_broadleaf,no,,,H\u00f6he\r\n")
                .getBytes(StandardCharsets.ISO_8859_1);
        assertThat(calls.send(leader, "/files/csv/STEMS", latin, Map.of()).messages())
                .singleElement()
                .asString()
                .contains("line 2");
        assertThat(calls.on(leader, "GET", "/stems", null).body()).hasSize(1);
    }
}
