package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** One tree tapped in, judged without being stored, used in one go, and briefed as last time. */
@OnRealStore
class TreeServerTest {
    private final Calls calls;
    private SignedIn leader;
    private SignedIn lookout;

    TreeServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeEach
    void anEmptyJob() throws Exception {
        leader = calls.person("Corin Veldt", Office.LEADER, Set.of(Competence.values()));
        lookout = calls.person("Sela Quern", Office.CREW, Set.of(Competence.LOOKOUT, Competence.GROUND));
        calls.open(leader, "Heron Meadow");
    }

    private static Map<String, Object> upright() {
        return new HashMap<>(Map.of(
                "at",
                Map.of("eastM", 0, "northM", 0),
                "species",
                "FAGUS",
                "wood",
                "SOUND",
                "diameterM",
                0.4,
                "heightM",
                18,
                "crownRadiusM",
                3,
                "leanDeg",
                0,
                "faults",
                List.of(),
                "means",
                "WEDGES"));
    }

    private JsonNode look(Map<String, Object> tree) throws Exception {
        Calls.Reply r = calls.on(leader, "POST", "/trees/look", tree);
        assertThat(r.status()).as(r.text()).isEqualTo(200);
        return r.body();
    }

    @Test
    void whatIsNotTappedIsAskedForAndNothingIsJudgedBefore() throws Exception {
        JsonNode v = look(Map.of("species", "FAGUS"));
        assertThat(v.get("open")).extracting(JsonNode::asText).contains("WOOD", "FAULTS", "HEIGHT", "LEAN");
        assertThat(v.get("placeOpen").asBoolean()).isTrue();
        assertThat(v.has("means")).isFalse();
        assertThat(v.has("look")).isFalse();
        Calls.Reply refused = calls.on(leader, "POST", "/trees", Map.of("species", "FAGUS"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messages()).anyMatch(m -> m.contains("still to be tapped"));
        assertThat(calls.on(leader, "GET", "/stems", null).body()).isEmpty();
    }

    @Test
    void lookingStoresNothingAndUsingSaysTheSame() throws Exception {
        JsonNode seen = look(upright());
        assertThat(seen.get("look").get("headlineWords").asText()).startsWith("fell");
        assertThat(seen.get("cut").get("measures")).isNotEmpty();
        assertThat(seen.get("against").size()).as("an ordinary tree").isLessThanOrEqualTo(3);
        assertThat(calls.on(leader, "GET", "/stems", null).body()).isEmpty();
        Calls.Reply used = calls.on(leader, "POST", "/trees", upright());
        assertThat(used.status()).as(used.text()).isEqualTo(201);
        String id = used.body().get("id").asText();
        JsonNode again = look(Map.of("stem", id));
        assertThat(again.get("open")).isEmpty();
        assertThat(again.get("means").asText()).as("as its lay is planned").isEqualTo("WEDGES");
        assertThat(again.get("look").get("headlineWords"))
                .isEqualTo(seen.get("look").get("headlineWords"));
        assertThat(again.get("look").get("layDeg")).isEqualTo(seen.get("look").get("layDeg"));
        assertThat(again.get("cut").get("measures")).isEqualTo(seen.get("cut").get("measures"));
        JsonNode lay = calls.on(leader, "GET", "/lays", null).body().get(0);
        assertThat(lay.get("fixed").asBoolean()).isTrue();
        assertThat(lay.get("dropZone")).isNotEmpty();
        assertThat(calls.on(leader, "GET", "/steps", null).body()).hasSize(1);
    }

    @Test
    void aTemplateOfTheHouseBeginsATreeAndAsksForTheRest() throws Exception {
        SignedIn owner = calls.person("Maud Orrell", Office.OWNER, Set.of());
        Map<String, Object> larch =
                Map.of("name", "dead larch", "species", "LARIX", "wood", "DEAD_RECENT", "means", "HAND_LINE");
        assertThat(calls.call(leader, "POST", "/api/house/templates", larch).status())
                .isEqualTo(403);
        assertThat(calls.call(owner, "POST", "/api/house/templates", Map.of("name", "leans", "leanDeg", 5))
                        .status())
                .as("a lean without its side is asked for at the tree")
                .isEqualTo(422);
        assertThat(calls.call(owner, "POST", "/api/house/templates", larch).status())
                .isEqualTo(201);
        JsonNode all = calls.call(leader, "GET", "/api/house/templates", null).body();
        assertThat(all)
                .extracting(t -> t.get("name").asText())
                .contains("straight, wedges", "dead conifer, hand line", "leans back, machine", "dead larch");
        JsonNode first = all.get(0);
        assertThat(first.get("words")).extracting(JsonNode::asText).contains("spruce", "hand line");
        JsonNode v = look(Map.of("species", "LARIX", "wood", "DEAD_RECENT", "means", "HAND_LINE"));
        assertThat(v.get("open"))
                .extracting(JsonNode::asText)
                .contains("HEIGHT", "LEAN")
                .doesNotContain("SPECIES");
        for (JsonNode t : all) {
            if (t.get("name").asText().equals("dead larch")) {
                String path = "/api/house/templates/" + t.get("id").asText() + "?version=";
                assertThat(calls.call(owner, "DELETE", path + 7, null).status()).isEqualTo(409);
                assertThat(calls.call(owner, "DELETE", path + t.get("version").asLong(), null)
                                .status())
                        .isEqualTo(204);
            }
        }
    }

    private static JsonNode seen(JsonNode view, String quantity) {
        for (JsonNode s : view.get("seen")) {
            if (s.get("quantity").asText().equals(quantity)) {
                return s;
            }
        }
        throw new AssertionError(quantity + " is not among " + view.get("seen"));
    }

    /** What the eye is worth comes from the core, not from the page. */
    @Test
    void whatIsTappedComesBackWithItsSpread() throws Exception {
        Map<String, Object> tree = upright();
        tree.put("diameterM", 0.5);
        JsonNode diameter = seen(look(tree), "DIAMETER");
        assertThat(diameter.get("words").asText()).isEqualTo("50 cm");
        assertThat(diameter.get("sigma").asText()).isEqualTo("5 cm");
        assertThat(diameter.get("byPhoto").asBoolean()).isFalse();
        assertThat(seen(look(tree), "LEAN").get("sigma").asText()).isEqualTo("2.0°");
    }

    /** A pole of two metres at the foot of a stem ten poles high, the camera at the foot of a level ground. */
    @Test
    void aHeightTouchedOnAPhotoCountsBeforeTheOneByEyeAndIsKeptWithItsSpread() throws Exception {
        Map<String, Object> tree = upright();
        tree.put(
                "heightPhoto",
                Map.of("footY", 0.1, "markY", 0.18, "topY", 0.9, "aspect", 0.75, "knownM", 2.0, "cameraM", 1.6));
        JsonNode v = look(tree);
        JsonNode height = seen(v, "HEIGHT");
        assertThat(height.get("byPhoto").asBoolean()).isTrue();
        assertThat(height.get("words").asText()).matches("\\d+\\.\\d m");
        assertThat(height.get("sigma").asText()).matches("\\d+\\.\\d m");
        assertThat(v.get("open")).isEmpty();
        String id = calls.on(leader, "POST", "/trees", tree).body().get("id").asText();
        JsonNode stem = calls.on(leader, "GET", "/stems", null).body().get(0);
        assertThat(stem.get("id").asText()).isEqualTo(id);
        assertThat(stem.get("sightings"))
                .extracting(s -> s.get("kind").asText())
                .contains("HEIGHT_PHOTO")
                .doesNotContain("EYE_HEIGHT");
        tree.put("heightPhoto", Map.of("footY", 0.1));
        assertThat(calls.on(leader, "POST", "/trees/look", tree).status()).isEqualTo(422);
    }

    @Test
    void aHouseThatKnowsItsBeechToBeHeavierPlansWithIt() throws Exception {
        SignedIn owner = calls.person("Maud Orrell", Office.OWNER, Set.of());
        String path = "/api/house/species/FAGUS";
        double usual = look(upright()).at("/lay/massHighKg").asDouble();
        assertThat(usual).isPositive();
        assertThat(calls.call(leader, "PUT", path, beech(1100, houseVersion())).status())
                .isEqualTo(403);
        Calls.Reply crossed = calls.call(owner, "PUT", path, beech(1300, houseVersion()));
        assertThat(crossed.status()).isEqualTo(422);
        assertThat(crossed.text()).contains("densityKgm3").contains("between the lightest and the heaviest");
        assertThat(calls.call(owner, "PUT", "/api/house/species/UNKNOWN", beech(1100, houseVersion()))
                        .status())
                .as("what nobody knows stays heavy and weak")
                .isEqualTo(422);
        assertThat(calls.call(owner, "PUT", path, beech(1100, houseVersion())).status())
                .isEqualTo(204);
        assertThat(look(upright()).at("/lay/massHighKg").asDouble()).isGreaterThan(1.05 * usual);
        JsonNode row = beechRow();
        assertThat(row.get("source").asText()).isEqualTo("weighed at our yard");
        assertThat(row.at("/figures/1/value").asDouble()).isEqualTo(1100);
        assertThat(row.at("/figures/1/usual").asText()).isEqualTo("1010 kg/m³");
        assertThat(calls.call(owner, "DELETE", path + "?version=" + (houseVersion() - 1), null)
                        .status())
                .isEqualTo(409);
        assertThat(calls.call(owner, "DELETE", path + "?version=" + houseVersion(), null)
                        .status())
                .isEqualTo(204);
        assertThat(look(upright()).at("/lay/massHighKg").asDouble()).isEqualTo(usual);
        assertThat(beechRow().has("source")).isFalse();
    }

    private static Map<String, Object> beech(double usualKgm3, long version) {
        return new HashMap<>(Map.of(
                "densityLowKgm3",
                1000,
                "densityKgm3",
                usualKgm3,
                "densityHighKgm3",
                1200,
                "holdsMPa",
                60,
                "bendsMPa",
                60,
                "moeGPa",
                10,
                "hinge",
                "AVERAGE",
                "split",
                "HIGH",
                "source",
                "weighed at our yard",
                "version",
                version));
    }

    private long houseVersion() throws Exception {
        return calls.call(leader, "GET", "/api/house", null)
                .body()
                .get("version")
                .asLong();
    }

    private JsonNode beechRow() throws Exception {
        for (JsonNode s : calls.call(leader, "GET", "/api/house/species", null).body()) {
            if (s.get("key").asText().equals("FAGUS")) {
                return s;
            }
        }
        throw new AssertionError("no beech");
    }

    @Test
    void aDangerousTreeNeverPassesSilently() throws Exception {
        Map<String, Object> tree = upright();
        tree.put("wood", "DEAD_OLD");
        tree.put("faults", List.of("CAVITY", "LIFTED_ROOT_PLATE"));
        JsonNode v = look(tree);
        assertThat(v.get("against")).isNotEmpty();
        assertThat(v.get("look").get("headline").asText()).isNotEqualTo("FELL");
    }

    @Test
    void asLastTimeAnEmptyJobAtTheSameAddressIsBriefedWithItsFirstTree() throws Exception {
        calls.on(leader, "POST", "/members", Map.of("personId", lookout.personId()));
        Map<String, Object> card = new HashMap<>();
        for (String f : List.of(
                "nearestHelp",
                "route",
                "gridReference",
                "phoneCover",
                "firstAider",
                "kit",
                "rescuePlan",
                "utilityLine")) {
            card.put(f, "as agreed");
        }
        card.put("version", 0);
        calls.on(leader, "PUT", "/place/emergency", card);
        Map<String, String> answers = new HashMap<>();
        for (String p : List.of(
                "FELLING_CONSENT", "PRESERVATION_ORDER", "NESTING", "WATERCOURSE", "NEIGHBOUR", "UTILITY_NOTICE")) {
            answers.put(p, "YES");
        }
        calls.on(leader, "PUT", "/place/permits", Map.of("answers", answers));
        calls.on(leader, "POST", "/trees", upright());
        calls.open(leader, "Heron Meadow again");
        JsonNode before = calls.on(leader, "GET", "/last-time", null).body().get("before");
        assertThat(before.get("sameAddress").asBoolean()).isTrue();
        assertThat(before.get("people").get(0).get("name").asText()).isEqualTo("Sela Quern");
        assertThat(calls.on(leader, "POST", "/last-time", null).status()).isEqualTo(204);
        assertThat(calls.on(leader, "POST", "/last-time", null).status())
                .as("taken twice changes nothing")
                .isEqualTo(204);
        Calls.Reply used = calls.on(leader, "POST", "/trees", upright());
        assertThat(used.status()).isEqualTo(201);
        JsonNode posts = calls.on(leader, "GET", "/steps", null).body().get(0).get("posts");
        assertThat(posts).extracting(p -> p.get("role").asText()).containsExactly("CUTTER", "LOOKOUT");
        Calls.Reply issued = calls.on(leader, "POST", "/briefings", Map.of());
        assertThat(issued.status()).as(issued.text()).isEqualTo(201);
    }

    @Test
    void aTreeTappedInBeforeAnybodyIsThereGetsItsLookoutWithTheDay() throws Exception {
        calls.on(leader, "POST", "/members", Map.of("personId", lookout.personId()));
        calls.on(leader, "POST", "/trees", upright());
        calls.open(leader, "Heron Meadow, the day after");
        calls.on(leader, "POST", "/trees", upright());
        assertThat(calls.on(leader, "GET", "/steps", null).body().get(0).get("posts"))
                .hasSize(1);
        assertThat(calls.on(leader, "POST", "/last-time", null).status()).isEqualTo(204);
        JsonNode posts = calls.on(leader, "GET", "/steps", null).body().get(0).get("posts");
        assertThat(posts).extracting(p -> p.get("role").asText()).containsExactly("CUTTER", "LOOKOUT");
        assertThat(posts.get(1).get("stand").get("eastM").isNumber()).isTrue();
    }
}
