package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import org.antevid.app.people.People;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** On the real store: what is torn off a stem, what a stem hangs over, and how it comes off what it lies on. */
@OnRealStore
class TornAndStruckServerTest extends HungAsh {
    TornAndStruckServerTest(MockMvc mvc, People people) {
        super(mvc, people);
    }

    private Calls.Reply torn(String from, String kind, double atM, String fibres, boolean hangs) throws Exception {
        return on(
                "POST",
                "/tangle/stems/" + id(from) + "/parts",
                Map.of("kind", kind, "atM", atM, "fibres", fibres, "hangs", hangs));
    }

    private String feature(String name, String kind, double e, double n) throws Exception {
        return created("/features", Calls.thing(name, kind, e, n, 3));
    }

    @Test
    void aTornLeaderIsAStemOfItsOwnThatHangsOnWhatItIsPartOf() throws Exception {
        Calls.Reply made = torn("S1", "TORN_LEADER", 2.6, "PARTLY", true);
        assertThat(made.status()).isEqualTo(201);
        ids.put("S1b", made.body().get("id").asText());
        JsonNode part = stem("S1b");
        assertThat(part.get("state").asText()).isEqualTo("HUNG");
        assertThat(part.at("/partOf/stem").asText()).isEqualTo("S1");
        assertThat(part.at("/partOf/atM").asDouble()).isEqualTo(2.6);
        assertThat(part.at("/starts/heightM").asDouble()).isEqualTo(2.6);
        assertThat(part.at("/starts/at/eastM").asDouble()).isEqualTo(8);
        assertThat(part.get("bearsOn").toString()).contains("S1");
        assertThat(part.at("/rests/0/on").asText()).isEqualTo("OWN_STUMP");
        assertThat(texts(tangle().get("relations"), "a"))
                .as("nobody had to relate it")
                .isEmpty();
        assertThat(torn("S1", "BROKEN_TOP", 9, "TORN", false).status()).isEqualTo(201);
        assertThat(stem("S1c").get("state").asText()).isEqualTo("LYING");
        assertThat(stem("S1c").get("bearsOn")).as("torn through").isEmpty();
        on("DELETE", "/tangle/rests/" + part.at("/rests/0/id").asText(), null);
        assertThat(rest("S1b", 0, "OWN_STUMP", null).status()).isEqualTo(201);
        assertThat(stem("S1b").get("bearsOn").toString()).contains("S1");
    }

    @Test
    void aPartBeyondEveryTreeAndAPartOfNothingAreRefused() throws Exception {
        Calls.Reply high = torn("S1", "BIG_LIMB", 61, "HOLD", true);
        assertThat(high.status()).isEqualTo(400);
        assertThat(texts(high.body().get("errors"), "field")).containsExactly("atM");
        ids.put("S9", "nobody");
        assertThat(torn("S9", "BIG_LIMB", 3, "HOLD", true).status()).isEqualTo(404);
        assertThat(tangle().get("stems")).as("nothing half stored").hasSize(1);
    }

    @Test
    void theFileCarriesWhatIsTornOffWhatAndReadsItAgain() throws Exception {
        ids.put(
                "S1b",
                torn("S1", "TORN_LEADER", 2.6, "HOLD", true).body().get("id").asText());
        JsonNode file = on("GET", "/tangle/file", null).body();
        JsonNode part = null;
        for (JsonNode s : file.get("stems")) {
            part = s.get("label").asText().equals("S1b") ? s : part;
        }
        assertThat(part).isNotNull();
        assertThat(part.at("/partOf/stem").asText()).isEqualTo("S1");
        ((ObjectNode) part.get("partOf")).put("atM", 3.1);
        assertThat(on("POST", "/tangle/file", file).status()).isEqualTo(200);
        assertThat(stem("S1b").at("/partOf/atM").asDouble()).isEqualTo(3.1);
        ((ObjectNode) part.get("partOf")).put("stem", "S40");
        Calls.Reply unknown = on("POST", "/tangle/file", file);
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(texts(unknown.body().get("errors"), "code")).containsExactly("UNKNOWN_STEM");
    }

    private Calls.Reply over(String stem, double e, double n) throws Exception {
        return on("POST", "/tangle/overhangs", Map.of("stem", stem, "at", Calls.spot(e, n)));
    }

    @Test
    void whatAStemHangsOverIsTappedAndOpenGroundBecomesAWorkSpot() throws Exception {
        lying("S3", 12, 41);
        String path = feature("path", "PATH", 30, 30);
        assertThat(over("S2", 12, 41).status()).isEqualTo(201);
        assertThat(over("S2", 32, 30).status()).isEqualTo(201);
        assertThat(over("S2", 20, 20).status()).isEqualTo(201);
        JsonNode relations = tangle().get("relations");
        assertThat(texts(relations, "type")).containsOnly("OVERHANGS").hasSize(3);
        assertThat(texts(relations, "b")).contains("S3", path);
        assertThat(texts(relations, "bName")).contains("work spot below S2", "path");
        assertThat(texts(on("GET", "/features", null).body(), "id")).hasSize(2);
        assertThat(over("S2", 12, 41).status()).as("it is known").isEqualTo(422);
        assertThat(tangle().get("order").toString())
                .as("things go by their names")
                .contains("nothing of it hangs over path any more", "S3")
                .doesNotContain(path);
    }

    /** An alder of 10 m across a boathouse: its butt on the ground, its upper third beyond the ridge. */
    private String acrossTheBoathouse() throws Exception {
        String roof = feature("boathouse", "BUILDING", 20, 50);
        lying("S3", 26, 50);
        sight("S3", "GIRTH", Map.of("girthM", 0.94));
        sight("S3", "EYE_HEIGHT", Map.of("heightM", 10));
        sight("S3", "EYE_CROWN", Map.of("radiusM", 1));
        assertThat(pose("S3", new double[] {26, 50, 0.3}, new double[] {16.4, 50, 3})
                        .status())
                .isEqualTo(204);
        assertThat(rest("S3", 0.2, "GROUND", null).status()).isEqualTo(201);
        assertThat(rest("S3", 6.5, "FEATURE", roof).status()).isEqualTo(201);
        return roof;
    }

    private Calls.Reply takeOff(String stem, Double... cuts) throws Exception {
        return on("POST", "/tangle/stems/" + id(stem) + "/take-off", Map.of("cutsM", List.of(cuts)));
    }

    @Test
    void aStemComesOffARoofFromItsFreeEndAndTheRoofIsCovered() throws Exception {
        acrossTheBoathouse();
        Calls.Reply whole = takeOff("S3");
        assertThat(whole.status()).isEqualTo(200);
        assertThat(texts(whole.body(), "kind")).containsExactly("TRUNK", "COVER");
        assertThat(whole.body().toString()).contains("on boathouse");
        Calls.Reply two = takeOff("S3", 7.5, 5.0);
        assertThat(texts(two.body(), "kind")).containsSubsequence("FLOATS", "PRESSES", "COVER");
        assertThat(two.body().toString())
                .contains("7.5")
                .contains("nothing beneath it")
                .contains("boathouse");
        assertThat(texts(two.body(), "words")).last().isEqualTo("cover boathouse");
        String off = "/tangle/stems/" + id("S3") + "/take-off/steps";
        assertThat(on("POST", off, Map.of("cutsM", List.of(7.5, 5.0))).status()).isEqualTo(200);
        assertThat(texts(on("GET", "/steps", null).body(), "title"))
                .as("up to where it is looked at again")
                .containsSubsequence("S3: the piece beyond 7.5 m", "S3: the piece beyond 5.0 m")
                .doesNotContain("cover boathouse");
        assertThat(on("POST", off, Map.of("cutsM", List.of(7.5, 5.0))).body().get("steps"))
                .as("once")
                .isEmpty();
        assertThat(on("POST", off, Map.of("cutsM", List.of())).status()).isEqualTo(200);
        assertThat(texts(on("GET", "/steps", null).body(), "title"))
                .endsWith("S3: the rest of the trunk", "cover boathouse");
        assertThat(on(
                                "POST",
                                "/tangle/stems/" + id("S3") + "/limbs",
                                Map.of("growing", "ABOVE", "bent", "NOT", "thickM", 0.06))
                        .status())
                .isEqualTo(201);
        assertThat(texts(takeOff("S3", 7.5).body(), "kind")).startsWith("FREE_LIMBS");
    }

    @Test
    void whatLiesOnNothingIsNotTakenOffAndACutAtAnEndIsRefused() throws Exception {
        acrossTheBoathouse();
        assertThat(takeOff("S2").status()).isEqualTo(422);
        assertThat(texts(takeOff("S2").body().get("errors"), "code")).containsExactly("NOT_ON_ANYTHING");
        Calls.Reply end = takeOff("S3", 9.99);
        assertThat(end.status()).isEqualTo(422);
        assertThat(texts(end.body().get("errors"), "field")).containsExactly("cutsM");
        lying("S4", 60, 60);
        assertThat(takeOff("S4").status()).as("nobody measured it").isEqualTo(422);
    }

    @Test
    void aLineIsAskedAboutAndItsOwnerComesFirst() throws Exception {
        acrossTheBoathouse();
        String line = feature("house cable", "OVERHEAD_LINE", 17, 50);
        assertThat(rest("S3", 9, "FEATURE", line).status()).isEqualTo(201);
        assertThat(stops()).contains("BUILDING_NOT_ASKED");
        assertThat(texts(takeOff("S3", 7.5).body(), "kind")).startsWith("LINE_OWNER");
    }
}
