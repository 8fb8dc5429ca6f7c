package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.MockMvc;

/**
 * The cut card through the interface: own measures, refusals at the field, kit of the house, the opened face, the
 * sheet.
 */
@OnRealStore
class CutServerTest {
    private final Calls calls;
    private SignedIn leader;
    private SignedIn crew;
    private SignedIn owner;
    private String stem;

    CutServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeEach
    void aMeasuredOakWithADeadTop() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        crew = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        owner = calls.person("Odile Rusk", Office.OWNER, Set.of());
        calls.open(leader, "Sedge Bank");
        calls.on(leader, "POST", "/members", Map.of("personId", crew.personId()));
        stem = calls.on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                .body()
                .get("id")
                .asText();
        for (var s : List.of(
                Map.entry("GIRTH", Map.<String, Object>of("girthM", 1.5)),
                Map.entry("EYE_CROWN", Map.<String, Object>of("radiusM", 3)),
                Map.entry("HEIGHT_ANGLES", Map.<String, Object>of("distanceM", 25, "top", 38, "base", -2)),
                Map.entry("PLUMB_LEAN", Map.<String, Object>of("leanDeg", 1.5, "azimuthDeg", 180, "sigmaDeg", 0.5)))) {
            calls.on(leader, "POST", "/stems/" + stem + "/sightings", Calls.sighting(s.getKey(), s.getValue()));
        }
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/stems/" + stem + "/defects",
                                Map.of(
                                        "kind",
                                        "DEAD_TOP",
                                        "fromM",
                                        15,
                                        "toM",
                                        20,
                                        "faceDeg",
                                        0,
                                        "note",
                                        "",
                                        "extent",
                                        "",
                                        "found",
                                        "SEEN",
                                        "tells",
                                        List.of()))
                        .status())
                .isLessThan(300);
    }

    private static Map<String, Object> choice(Map<String, Object> over) {
        Map<String, Object> c = new HashMap<>(Map.of(
                "layDeg",
                0.0,
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
        c.putAll(over);
        return c;
    }

    private Calls.Reply preview(Map<String, Object> over) throws Exception {
        return calls.on(leader, "POST", "/stems/" + stem + "/cuts/preview", choice(over));
    }

    private void save(Map<String, Object> over) throws Exception {
        Map<String, Object> body = new HashMap<>(Map.of(
                "choice",
                choice(over),
                "fixed",
                true,
                "dropZone",
                List.of(Calls.spot(-2, -1), Calls.spot(-2, 21), Calls.spot(2, 21))));
        JsonNode lays = calls.on(leader, "GET", "/lays", null).body();
        if (!lays.isEmpty()) {
            body.put("version", lays.get(0).get("version").asLong());
        }
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/lay", body).status())
                .isEqualTo(204);
    }

    private static JsonNode measure(JsonNode view, String key) {
        for (JsonNode m : view.at("/card/measures")) {
            if (m.get("key").asText().equals(key)) {
                return m;
            }
        }
        throw new AssertionError(key);
    }

    @Test
    void ownMeasuresStandBesideTheRuleAndTheirConsequencesFollow() throws Exception {
        JsonNode rule = preview(Map.of("cuts", Map.of("barkM", 0.02))).body();
        JsonNode own = preview(
                        Map.of("cuts", Map.of("barkM", 0.02, "hingeLeftM", 0.08, "hingeRightM", 0.08, "faceDeg", 55)))
                .body();
        assertThat(measure(own, "HINGE_LEFT").at("/shown/words").asText()).isEqualTo("80 mm");
        assertThat(measure(own, "HINGE_LEFT").at("/rule/words").asText())
                .isEqualTo(measure(rule, "HINGE_LEFT").at("/shown/words").asText());
        assertThat(own.at("/hinge/bendsDeg").asDouble())
                .isGreaterThan(rule.at("/hinge/bendsDeg").asDouble());
        assertThat(own.at("/line/still/share").asDouble())
                .as("a stiffer hinge takes more pull")
                .isGreaterThan(rule.at("/line/still/share").asDouble());
        assertThat(own.get("warnings").toString()).contains("hinge is outside", "face angle is outside");
        assertThat(rule.get("types")).hasSize(5);
        assertThat(rule.at("/wedges/enough").asBoolean()).isFalse();
        assertThat(rule.at("/wedges/looseAbove").toString())
                .as("no blows beneath a dead top")
                .contains("dead top at 15 m");
    }

    @ParameterizedTest
    @CsvSource({
        "barM, 0.03, barM, 0.15",
        "ropeHeightM, 16, ropeHeightM, at most 14.7 m",
        "cutHeightM, 7, cutHeightM, between 0.05"
    })
    void whatCannotBeIsRefusedAtItsField(String name, double value, String field, String right) throws Exception {
        Calls.Reply r = preview(Map.of(name, value));
        assertThat(r.status()).isEqualTo(422);
        assertThat(r.messages()).anyMatch(m -> m.startsWith(field + ":") && m.contains(right));
    }

    @Test
    void aNotchDeeperThanTheStemIsRefusedAndNothingIsSaved() throws Exception {
        save(Map.of());
        Calls.Reply r = calls.on(
                leader,
                "PUT",
                "/stems/" + stem + "/lay",
                Map.of(
                        "choice",
                        choice(Map.of("cuts", Map.of("depthM", 0.9))),
                        "fixed",
                        false,
                        "dropZone",
                        List.of(),
                        "version",
                        calls.on(leader, "GET", "/lays", null)
                                .body()
                                .get(0)
                                .get("version")
                                .asLong()));
        assertThat(r.status()).isEqualTo(422);
        assertThat(r.codes()).containsExactly("NOTCH_DEEPER_THAN_STEM");
        assertThat(r.messages()).anyMatch(m -> m.startsWith("depthM:") && m.contains("must be between"));
        assertThat(calls.on(leader, "GET", "/lays", null)
                        .body()
                        .get(0)
                        .at("/choice/cuts/depthM")
                        .isMissingNode())
                .isTrue();
        assertThat(calls.on(leader, "GET", "/lays", null)
                        .body()
                        .get(0)
                        .get("fixed")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void theOwnerKeepsTheKitAndPlansCountOnlyOnWhatIsOnTheList() throws Exception {
        Map<String, Object> rope = Map.of(
                "kind", "ROPE", "name", "test rope", "count", 1, "strengthN", 90000, "lengthM", 80, "madeYear", 2024);
        assertThat(calls.call(leader, "POST", "/api/house/kit", rope).status()).isEqualTo(403);
        assertThat(calls.call(
                                owner,
                                "POST",
                                "/api/house/kit",
                                Map.of("kind", "SAW", "name", "toy", "count", 1, "barM", 0.03))
                        .messages())
                .anyMatch(m -> m.startsWith("barM:"));
        assertThat(calls.call(owner, "POST", "/api/house/kit", rope).status()).isEqualTo(201);
        JsonNode item = null;
        for (JsonNode k : calls.call(leader, "GET", "/api/house/kit", null).body()) {
            item = k.get("name").asText().equals("test rope") ? k : item;
        }
        Map<String, Object> rig = Map.of("rig", Map.of("ropeId", item.get("id").asText()));
        assertThat(preview(rig).body().at("/line/checks").toString()).contains("test rope: bears 10.8 kN");
        assertThat(calls.call(
                                owner,
                                "DELETE",
                                "/api/house/kit/" + item.get("id").asText() + "?version="
                                        + item.get("version").asLong(),
                                null)
                        .status())
                .isEqualTo(204);
        assertThat(preview(rig).body().at("/line/checks").toString()).contains("no rope chosen");
    }

    @Test
    void whatTheOpenedFaceShowedIsKeptWithWhoAndChangesTheCard() throws Exception {
        Map<String, Object> face =
                Map.of("soundLeftM", 0.14, "soundRightM", 0.10, "wood", "STRESSED", "note", "brown core");
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/cuts/opened", face)
                        .codes())
                .containsExactly("MISSING");
        save(Map.of("cuts", Map.of("barkM", 0.02)));
        assertThat(calls.on(crew, "PUT", "/stems/" + stem + "/cuts/opened", face)
                        .status())
                .isEqualTo(403);
        JsonNode before = preview(Map.of("cuts", Map.of("barkM", 0.02))).body();
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/cuts/opened", face)
                        .status())
                .isEqualTo(204);
        JsonNode after = preview(Map.of("cuts", Map.of("barkM", 0.02))).body();
        assertThat(after.at("/opened/who").asText()).isEqualTo("Lorne Askew");
        assertThat(after.at("/opened/holds").asBoolean()).isTrue();
        assertThat(measure(after, "HINGE_LEFT").get("value").asDouble())
                .isGreaterThan(measure(before, "HINGE_LEFT").get("value").asDouble());
        calls.on(
                leader,
                "PUT",
                "/stems/" + stem + "/cuts/opened",
                Map.of("soundLeftM", 0.14, "soundRightM", 0.10, "wood", "SOUND"));
        assertThat(preview(Map.of("cuts", Map.of("barkM", 0.02)))
                        .body()
                        .at("/hinge/sidePercent")
                        .asDouble())
                .as("less wood of the same kind holds less")
                .isGreaterThan(before.at("/hinge/sidePercent").asDouble());
        assertThat(preview(Map.of("cutHeightM", 0.8, "cuts", Map.of("barkM", 0.02)))
                        .body()
                        .at("/opened/holds")
                        .asBoolean())
                .as("a face cut elsewhere is another one")
                .isFalse();
        assertThat(calls.on(leader, "GET", "/findings", null).text())
                .contains("the opened face shows 140 mm of sound wood left and 100 mm right");
    }

    @Test
    void itDoesNotMoveCostsMorePullTheWiderTheBand() throws Exception {
        JsonNode small = calls.on(
                        leader,
                        "POST",
                        "/stems/" + stem + "/cuts/does-not-move",
                        Map.of("choice", choice(Map.of()), "uncutWidthM", 0.03, "uncutHeightM", 0.02))
                .body();
        JsonNode wide = calls.on(
                        leader,
                        "POST",
                        "/stems/" + stem + "/cuts/does-not-move",
                        Map.of("choice", choice(Map.of()), "uncutWidthM", 0.09, "uncutHeightM", 0.02))
                .body();
        assertThat(small.get("first").asText()).contains("Nobody goes back to the stump");
        assertThat(wide.at("/causes/0/extraN").asDouble())
                .isGreaterThan(2 * small.at("/causes/0/extraN").asDouble());
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/stems/" + stem + "/cuts/does-not-move",
                                Map.of("choice", choice(Map.of()), "uncutWidthM", 5, "uncutHeightM", 0.02))
                        .messages())
                .anyMatch(m -> m.startsWith("uncutWidthM"));
    }

    @Test
    void theCardIsPrintedOnBothSidesOfA5() throws Exception {
        save(Map.of("cuts", Map.of("barkM", 0.02)));
        byte[] card = calls.bytes(leader, "/stems/" + stem + "/cuts/card.pdf");
        assertThat(OnPaper.spoiled(card)).isEmpty();
        try (PDDocument pdf = Loader.loadPDF(card)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(pdf.getPage(0).getMediaBox().getWidth())
                    .isCloseTo((float) (148 * 72 / 25.4), org.assertj.core.api.Assertions.within(0.1f));
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Cut card S1", "from bark", "Part the strap", "outrank this card");
        }
        String front = new String(calls.bytes(leader, "/stems/" + stem + "/cuts/card.svg"), StandardCharsets.UTF_8);
        String back =
                new String(calls.bytes(leader, "/stems/" + stem + "/cuts/card.svg?back=true"), StandardCharsets.UTF_8);
        assertThat(front).contains("From above").doesNotContain("Part the strap");
        assertThat(back).contains("Part the strap").contains("Signal to pull");
        SignedIn inFeet = new SignedIn(
                leader.personId(),
                leader.name(),
                leader.office(),
                leader.signInId(),
                leader.onlyJob(),
                leader.way(),
                new Manner(Language.SPANISH, Units.FEET));
        assertThat(new String(calls.bytes(inFeet, "/stems/" + stem + "/cuts/card.svg"), StandardCharsets.UTF_8))
                .contains(" in desde la corteza")
                .doesNotContain(" mm");
        assertThat(new String(
                        calls.bytes(inFeet, "/stems/" + stem + "/cuts/card.svg?back=true"), StandardCharsets.UTF_8))
                .contains(" in de testigo")
                .doesNotContain(" mm");
    }
}
