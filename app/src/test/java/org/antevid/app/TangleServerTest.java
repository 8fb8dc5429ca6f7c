package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.antevid.app.people.People;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** Hung and fallen on the real store: what was seen, what follows from it, and what is refused. */
@OnRealStore
class TangleServerTest extends HungAsh {
    TangleServerTest(MockMvc mvc, People people) {
        super(mvc, people);
    }

    @Test
    void whatHangsGetsNoLayAndNoCard() throws Exception {
        Map<String, Object> choice =
                Map.of("layDeg", 90, "cutHeightM", 0.3, "school", "OPEN_FACE", "barM", 0.45, "means", "WEDGES");
        for (String path : List.of("/lay/preview", "/lay/dial", "/cuts/preview")) {
            Calls.Reply refused = on("POST", "/stems/" + id("S2") + path, choice);
            assertThat(refused.status()).as(path + refused.body()).isEqualTo(422);
            assertThat(texts(refused.body().get("errors"), "code")).as(path).containsExactly("NOT_FELLED");
        }
        Calls.Reply fixed = on(
                "PUT", "/stems/" + id("S2") + "/lay", Map.of("choice", choice, "fixed", false, "dropZone", List.of()));
        assertThat(fixed.status()).isEqualTo(422);
    }

    @Test
    void theVerdictsRoomTheGuardAndThePlanHaveOneRing() throws Exception {
        JsonNode area = tangle().get("areas").get(0);
        double keepOut = area.get("keepOutM").asDouble();
        JsonNode ring = stem("S2").get("ring");
        assertThat(Math.max(
                        ring.get("envelopeM").asDouble(), ring.get("downslopeM").asDouble()))
                .isEqualTo(keepOut);
        String verdicts =
                on("GET", "/stems/" + id("S2") + "/verdicts", null).body().toString();
        assertThat(verdicts).contains((int) keepOut + " m round the stem");
        double farthest = StreamSupport.stream(area.get("ring").spliterator(), false)
                .mapToDouble(p -> Math.hypot(
                        p.get("eastM").asDouble() - 16, p.get("northM").asDouble() - 44))
                .max()
                .orElseThrow();
        assertThat(farthest).isLessThanOrEqualTo(keepOut).isGreaterThan(keepOut - 2);
    }

    @Test
    void aPileOfUnmeasuredStemsHasItsOrderAndItsForcesAreNotKnown() throws Exception {
        lying("S3", 60, 30);
        lying("S4", 62, 30);
        assertThat(on("POST", "/tangle/relations", Map.of("a", "S3", "type", "RESTS_ON", "b", "S4"))
                        .status())
                .isEqualTo(201);
        JsonNode steps = tangle().get("order");
        List<String> order = StreamSupport.stream(steps.spliterator(), false)
                .map(s -> s.get("stems").get(0).asText())
                .toList();
        assertThat(order.indexOf("S3")).isLessThan(order.indexOf("S4"));
        assertThat(stem("S3").get("massKg")).isNull();
        assertThat(stem("S3").get("unknown").toString()).contains("POSE", "DIAMETER", "RESTS");
        Calls.Reply cut = on("POST", "/tangle/stems/" + id("S3") + "/cut", Map.of("xM", 2));
        assertThat(cut.status()).isEqualTo(422);
        assertThat(texts(cut.body().get("errors"), "code")).containsExactly("NOT_KNOWN");
    }

    @Test
    void aTieToTheKeptTreeLeavesTheMachineAndIsSeveredFirst() throws Exception {
        assertThat(on(
                                "POST",
                                "/tangle/relations",
                                Map.of(
                                        "a",
                                        "S2",
                                        "type",
                                        "BOUND",
                                        "b",
                                        "S1",
                                        "carries",
                                        "HOLDS_BACK",
                                        "severFrom",
                                        "OUTSIDE"))
                        .status())
                .isEqualTo(201);
        JsonNode order = tangle().get("order");
        assertThat(order.get(0).get("kind").asText()).isEqualTo("SEVER_TIE");
        JsonNode removal = order.get(1).get("methods").get(0);
        assertThat(texts(removal.get("ladder"), "way")).containsExactly("LEAVE_CORDON_MARK");
        assertThat(removal.get("out").toString()).contains("tied to something that stays");
        Calls.Reply kept = on("POST", "/tangle/relations", Map.of("a", "S1", "type", "RESTS_ON", "b", "S2"));
        assertThat(kept.status()).isEqualTo(422);
        assertThat(texts(kept.body().get("errors"), "code")).containsExactly("STANDING_TREE_RESTS_ON_REMOVED_STEM");
    }

    @Test
    void theOrderBecomesStepsOfTheCrewOnceAndThoseThatPrepareKeepTheirTask() throws Exception {
        Map<String, String> tie =
                Map.of("a", "S2", "type", "BOUND", "b", "S1", "carries", "HOLDS_BACK", "severFrom", "OUTSIDE");
        assertThat(on("POST", "/tangle/relations", tie).status()).isEqualTo(201);
        lying("S3", 60, 30);
        lying("S4", 62, 30);
        assertThat(on("POST", "/tangle/relations", Map.of("a", "S3", "type", "RESTS_ON", "b", "S4"))
                        .status())
                .isEqualTo(201);
        List<String> missing = texts(on("GET", "/tangle/steps", null).body(), "title");
        assertThat(missing).contains("sever S2 from S1, from outside").hasSizeGreaterThan(1);
        Calls.Reply added = on("POST", "/tangle/steps", null);
        assertThat(added.status()).isEqualTo(200);
        assertThat(added.body().get("steps")).hasSize(missing.size());
        assertThat(on("GET", "/tangle/steps", null).body()).isEmpty();
        assertThat(on("POST", "/tangle/steps", null).body().get("steps")).isEmpty();
        JsonNode steps = on("GET", "/steps", null).body();
        assertThat(texts(steps, "title")).containsExactlyElementsOf(missing);
        JsonNode sever = steps.get(missing.indexOf("sever S2 from S1, from outside"));
        assertThat(sever.get("kind").asText()).isEqualTo("PREPARE");
        assertThat(sever.get("kit").get(0).asText()).isEqualTo("saw");
        Map<String, Object> fewer = Map.of(
                "kind",
                "PREPARE",
                "stem",
                "S2",
                "startMin",
                600,
                "endMin",
                610,
                "posts",
                List.of(),
                "version",
                sever.get("version").asLong());
        assertThat(on("PUT", "/steps/" + sever.get("id").asText(), fewer).status())
                .isEqualTo(204);
        assertThat(texts(on("GET", "/steps", null).body(), "title")).contains("sever S2 from S1, from outside");
        Calls.Reply bare = on(
                "POST",
                "/steps",
                Map.of("kind", "PREPARE", "stem", "S2", "startMin", 700, "endMin", 710, "posts", List.of()));
        assertThat(bare.status()).isEqualTo(422);
        assertThat(texts(bare.body().get("errors"), "field")).containsExactly("work");
    }

    @Test
    void whatWasSeenIsKeptBesideTheOlderLooksAndWhatCannotBeIsRefused() throws Exception {
        lying("S3", 60, 30);
        lying("S4", 62, 30);
        assertThat(pose("S3", new double[] {60, 30, 0.8}, new double[] {66, 30, 1.6})
                        .status())
                .isEqualTo(204);
        assertThat(pose("S4", new double[] {63, 27, 0.1}, new double[] {63, 34, 0.4})
                        .status())
                .isEqualTo(204);
        assertThat(tangle().get("crossings").toString())
                .contains("\"upper\":\"S3\"")
                .contains("\"lower\":\"S4\"");
        assertThat(texts(rest("S3", 9, "GROUND", null).body().get("errors"), "field"))
                .containsExactly("xM");
        Calls.Reply apart = rest("S3", 3, "STEM", "S4");
        assertThat(texts(apart.body().get("errors"), "code")).containsExactly("AXES_APART");
        assertThat(apart.body().toString()).contains("1.2");
        assertThat(rest("S3", 5, "GROUND", null).status()).isEqualTo(201);
        assertThat(texts(rest("S3", 5.03, "GROUND", null).body().get("errors"), "code"))
                .containsExactly("OUT_OF_RANGE");
        Calls.Reply shorter = pose("S3", new double[] {60, 30, 0.5}, new double[] {63, 30, 0.5});
        assertThat(texts(shorter.body().get("errors"), "code")).containsExactly("OUT_OF_RANGE");
        assertThat(stem("S3").get("pose").get("lengthM").asDouble())
                .as("what was refused changed nothing")
                .isGreaterThan(6);
        assertThat(stem("S3").get("rests")).hasSize(1);
    }

    @Test
    void aRaisedPlateIsSecuredOnItsOwnTurn() throws Exception {
        lying("S3", 60, 30);
        assertThat(on(
                                "POST",
                                "/tangle/stems/" + id("S3") + "/plates",
                                Map.of("widthM", 1.8, "heightM", 1.6, "thickM", 0.4, "psiDeg", 85))
                        .status())
                .isEqualTo(204);
        JsonNode step = StreamSupport.stream(tangle().get("order").spliterator(), false)
                .filter(s -> s.get("stems").get(0).asText().equals("S3"))
                .findFirst()
                .orElseThrow();
        assertThat(step.get("before").toString()).contains("hold down the plate of S3");
        assertThat(stem("S3").get("ring").get("plateM").asDouble())
                .as("hypot(1.6, 0.4) + 2 m, up")
                .isEqualTo(4);
    }

    @Test
    void noHandCutOnTheHungAshAndItsLoadsBalance() throws Exception {
        JsonNode s2 = stem("S2");
        double carried = 0;
        for (JsonNode r : s2.get("rests")) {
            carried += r.get("loadKg").asDouble();
        }
        assertThat(carried).isGreaterThan(0.7 * s2.get("massKg").asDouble() * Math.cos(Math.toRadians(31)));
        JsonNode cut = on("POST", "/tangle/stems/" + id("S2") + "/cut", Map.of("xM", 4))
                .body();
        assertThat(cut.get("noHandCut").asBoolean()).isTrue();
        assertThat(cut.get("sequence")).hasSize(1);
        assertThat(on("GET", "/tangle/stems/" + id("S2") + "/best", null).body())
                .isEmpty();
    }

    /**
     * Two rests and an overhang: between them the top is squeezed; a kerf that opens there says the picture is wrong.
     */
    @Test
    void aKerfThatContradictsVoidsTheSequenceUntilItIsLookedAtAnew() throws Exception {
        lying("S3", 60, 30);
        sight("S3", "GIRTH", Map.of("girthM", 0.75));
        sight("S3", "EYE_HEIGHT", Map.of("heightM", 11));
        pose("S3", new double[] {60, 30, 0.1}, new double[] {70, 30, 0.6});
        rest("S3", 0.5, "GROUND", null);
        rest("S3", 9, "GROUND", null);
        assertThat(cut("S3", 4).get("squeeze").asText()).isEqualTo("TOP_BIND");
        kerf("S3", "CLOSES");
        assertThat(cut("S3", 4).get("voided").asBoolean()).isFalse();
        kerf("S3", "OPENS");
        assertThat(cut("S3", 4).get("voided").asBoolean()).isTrue();
        assertThat(cut("S3", 4).get("sequence")).isEmpty();
        assertThat(on("GET", "/findings", null).text()).contains("the kerf showed another side squeezed");
        assertThat(rest("S3", 6, "GROUND", null).status()).isEqualTo(201);
        assertThat(cut("S3", 4).get("voided").asBoolean()).isFalse();
    }

    private JsonNode cut(String label, double xM) throws Exception {
        return on("POST", "/tangle/stems/" + id(label) + "/cut", Map.of("xM", xM))
                .body();
    }

    private void kerf(String label, String did) throws Exception {
        assertThat(on("POST", "/tangle/stems/" + id(label) + "/kerfs", Map.of("xM", 4, "did", did))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void whatIsLeftHangingIsClosedAllTheWayRoundBeforeTheJobIs() throws Exception {
        assertThat(on("POST", "/close", null).status()).isEqualTo(422);
        assertThat(closure(24.0, 24.0).status()).isEqualTo(204);
        assertThat(stops()).contains("CLOSURE_SHORT");
        assertThat(on("POST", "/close", null).status()).isEqualTo(422);
        assertThat(closure(31.0, 31.0).status()).isEqualTo(204);
        assertThat(stops()).doesNotContain("CLOSURE_SHORT");
        JsonNode closed = tangle().at("/hangs/0/closed");
        assertThat(closed.get("ok").asBoolean()).isTrue();
        assertThat(closed.get("handedTo").asText()).isEqualTo("Tove Arkwright");
        assertThat(on("POST", "/stems/" + id("S2") + "/closures", Map.of()).status())
                .as("neither drawn nor measured, to nobody")
                .isEqualTo(404);
        assertThat(on("POST", "/tangle/stems/" + id("S2") + "/closures", Map.of("toSlopeFoot", false, "handedTo", ""))
                        .status())
                .isEqualTo(422);
        assertThat(on("POST", "/close", null).status()).isEqualTo(204);
    }

    private Calls.Reply closure(double around, double down) throws Exception {
        return on(
                "POST",
                "/tangle/stems/" + id("S2") + "/closures",
                Map.of("aroundM", around, "downhillM", down, "toSlopeFoot", false, "handedTo", "Tove Arkwright"));
    }

    @Test
    void aRoofIsAskedAboutBeforeAnythingIsLiftedOffIt() throws Exception {
        String roof = created("/features", Calls.thing("boathouse", "BUILDING", 20, 50, 3));
        lying("S3", 22, 50);
        assertThat(pose("S3", new double[] {24, 50, 0.3}, new double[] {14, 50, 3})
                        .status())
                .isEqualTo(204);
        assertThat(stops()).doesNotContain("BUILDING_NOT_ASKED");
        assertThat(rest("S3", 4, "FEATURE", roof).status()).isEqualTo(201);
        assertThat(stops()).contains("BUILDING_NOT_ASKED");
        for (String question : List.of("PEOPLE_OUT", "WHAT_CAME_THROUGH", "GAS_OFF")) {
            assertThat(answer(roof, question, true).status()).isEqualTo(204);
        }
        assertThat(stops()).contains("BUILDING_NOT_ASKED");
        answer(roof, "POWER_OFF", true);
        assertThat(stops()).doesNotContain("BUILDING_NOT_ASKED");
        answer(roof, "GAS_OFF", false);
        assertThat(stops()).as("somebody turned it on again").contains("BUILDING_NOT_ASKED");
        assertThat(answer("no such thing", "GAS_OFF", true).status()).isEqualTo(404);
    }

    private Calls.Reply answer(String feature, String question, boolean inOrder) throws Exception {
        return on(
                "POST",
                "/tangle/struck/" + feature + "/answers",
                Map.of("question", question, "inOrder", inOrder, "note", "looked"));
    }

    @Test
    void aHoldCountsOnlyWhenItIsRatedForTheStemAndMindedAndAChainNeedsATreeThatStays() throws Exception {
        lying("S3", 30, 44);
        lying("S4", 34, 44);
        sight("S3", "GIRTH", Map.of("girthM", 0.75));
        sight("S3", "EYE_HEIGHT", Map.of("heightM", 11));
        relate("S3", "S4");
        relate("S4", "S3");
        assertThat(stops()).contains("RING_OF_STEMS");
        assertThat(hold("S3", Map.of("by", "MACHINE", "ratedN", 1000, "mindedBy", "Tove"))
                        .status())
                .isEqualTo(201);
        assertThat(tangle().at("/holdings/0/verdict").asText()).isEqualTo("TOO_WEAK");
        assertThat(stops()).contains("RING_OF_STEMS");
        hold("S3", Map.of("by", "MACHINE", "ratedN", 60000, "mindedBy", "Tove"));
        assertThat(tangle().get("holdings")).hasSize(1);
        assertThat(stops()).doesNotContain("RING_OF_STEMS");
        assertThat(hold("S3", Map.of("by", "CHAIN_TO_TREE", "ratedN", 60000, "mindedBy", "Tove"))
                        .status())
                .as("to which tree")
                .isEqualTo(422);
        hold("S3", Map.of("by", "CHAIN_TO_TREE", "ratedN", 60000, "mindedBy", "Tove", "anchor", "S2"));
        assertThat(tangle().at("/holdings/0/verdict").asText()).isEqualTo("ANCHOR_NOT_SOUND");
        hold("S3", Map.of("by", "CHAIN_TO_TREE", "ratedN", 60000, "mindedBy", "Tove", "anchor", "S1"));
        assertThat(tangle().at("/holdings/0/verdict").asText()).isEqualTo("HOLDS");
        String held = tangle().at("/holdings/0/id").asText();
        assertThat(on("DELETE", "/tangle/holdings/" + held, null).status()).isEqualTo(204);
        assertThat(on("DELETE", "/tangle/holdings/" + held, null).status()).isEqualTo(404);
        assertThat(stops()).contains("RING_OF_STEMS");
    }

    private Calls.Reply hold(String label, Map<String, Object> by) throws Exception {
        return on("POST", "/tangle/stems/" + id(label) + "/holdings", by);
    }

    private void relate(String a, String b) throws Exception {
        assertThat(on("POST", "/tangle/relations", Map.of("a", a, "type", "RESTS_ON", "b", b))
                        .status())
                .isEqualTo(201);
    }

    /** 0.20 m of lift at a plate 1.8 m wide: past its peak, and a guy is no rescue. */
    @Test
    void aTreeOnALiftedPlateIsJudgedByItsLiftAndNobodyGuessesWhatWasNotMeasured() throws Exception {
        ids.put("S3", created("/stems", Calls.stem("ALNUS", "STANDING", 32, 22)));
        String tilt = "/tangle/stems/" + id("S3") + "/tilt";
        Calls.Reply unmeasured = on("POST", tilt, Map.of("plateWidthM", 1.8));
        assertThat(unmeasured.status()).isEqualTo(422);
        assertThat(texts(unmeasured.body().get("errors"), "field")).containsExactly("heave", "height", "girth");
        sight("S3", "EYE_DIAMETER", Map.of("diameterM", 0.3));
        sight("S3", "EYE_HEIGHT", Map.of("heightM", 12));
        sight("S3", "HEAVE", Map.of("liftM", 0.2, "azimuthDeg", 350));
        JsonNode failing = on("POST", tilt, Map.of("plateWidthM", 1.8)).body();
        assertThat(failing.get("grade").asText()).isEqualTo("FAILING");
        assertThat(failing.get("warnings").toString()).contains("no rescue");
        assertThat(failing.get("tiltHighDeg").asDouble()).isGreaterThanOrEqualTo(12.8);
        assertThat(on("POST", "/tangle/stems/" + id("S2") + "/tilt", Map.of("plateWidthM", 1.8))
                        .status())
                .as("what hangs stands on nothing")
                .isEqualTo(422);
    }

    @Test
    void aStumpIsSetBackWithAStopValueAndNeverTrustedAfterwards() throws Exception {
        lying("S3", 30, 44);
        sight("S3", "GIRTH", Map.of("girthM", 1.2));
        sight("S3", "EYE_HEIGHT", Map.of("heightM", 11));
        assertThat(pose("S3", new double[] {30, 44, 0.5}, new double[] {40, 44, 0.3})
                        .status())
                .isEqualTo(204);
        String back = "/tangle/stems/" + id("S3") + "/plate-back";
        assertThat(on("POST", back, Map.of("lineXM", 3)).status()).isEqualTo(422);
        on(
                "POST",
                "/tangle/stems/" + id("S3") + "/plates",
                Map.of("widthM", 1.8, "heightM", 1.6, "thickM", 0.4, "psiDeg", 85));
        JsonNode crane = on("POST", back, Map.of("lineXM", 3, "stubM", 4)).body();
        assertThat(crane.get("stop").asText()).isNotBlank();
        assertThat(crane.get("after").toString()).contains("never climb it").contains("never tie anything to it");
        JsonNode weak = on("POST", back, Map.of("lineXM", 3, "stubM", 4, "anchorBackM", 20, "limitN", 500))
                .body();
        assertThat(weak.get("warnings").toString()).contains("too weak");
        assertThat(on("POST", back, Map.of("lineXM", 5, "stubM", 4)).status())
                .as("the line beyond the stub")
                .isEqualTo(422);
    }

    @Test
    void theWinchOfAHungStemIsKeptAndItsPullReckoned() throws Exception {
        String pull = "/tangle/stems/" + id("S2") + "/pull";
        assertThat(on("GET", pull, null).codes()).containsExactly("NOT_KNOWN");
        assertThat(on("POST", pull, Map.of("winch", Calls.spot(50, 70))).status())
                .isEqualTo(204);
        JsonNode straight = on("GET", pull, null).body();
        assertThat(straight.get("force").asText()).contains("kN");
        assertThat(straight.get("bight")).isEmpty();
        on("POST", pull, Map.of("winch", Calls.spot(70, 44), "redirect", Calls.spot(46, 66)));
        assertThat(on("GET", pull, null).body().get("bight")).isNotEmpty();
        assertThat(stem("S2").get("dragLine").get("redirect").get("eastM").asDouble())
                .isEqualTo(46);
        assertThat(on("POST", pull, Map.of("winch", Calls.spot(16, 44))).status())
                .as("at the butt itself")
                .isEqualTo(422);
    }

    /** What was written is read again as the same picture; a file that cannot be is refused whole. */
    @Test
    void aTangleGoesOutAsAFileAndComesInAsANewLook() throws Exception {
        lying("S3", 30, 44);
        pose("S3", new double[] {30, 44, 0.5}, new double[] {40, 44, 0.3});
        rest("S3", 2, "GROUND", null);
        on("POST", "/tangle/stems/" + id("S3") + "/hidden", Map.of("fromM", 6, "toM", 8));
        relate("S3", "S2");
        JsonNode out = on("GET", "/tangle/file", null).body();
        assertThat(out.at("/stems/1/rests/0/on").asText()).isEqualTo("GROUND");
        assertThat(on("POST", "/tangle/file", out).body().get("stems").asInt()).isEqualTo(2);
        assertThat(on("GET", "/tangle/file", null).body()).isEqualTo(out);
        JsonNode schema = on("GET", "/tangle/file/schema", null).body();
        assertThat(schema.at("/properties/format/const").asText())
                .isEqualTo(out.get("format").asText());
        fields(out, schema, schema);

        ObjectNode wrong = out.deepCopy();
        ((ObjectNode) wrong.at("/stems/1/rests/0")).put("xM", 30);
        assertThat(on("POST", "/tangle/file", wrong).status())
                .as("outside its stem")
                .isEqualTo(422);
        assertThat(on("GET", "/tangle/file", null).body())
                .as("nothing half stored")
                .isEqualTo(out);
        ObjectNode other = out.deepCopy();
        other.put("format", "tangle-9");
        assertThat(on("POST", "/tangle/file", other).status()).isEqualTo(422);
        ObjectNode unknown = out.deepCopy();
        ((ObjectNode) unknown.at("/stems/0")).put("label", "S77");
        assertThat(texts(on("POST", "/tangle/file", unknown).body().get("errors"), "field"))
                .containsExactly("stems[0].label");
        assertThat(on("GET", "/tangle/sheet.svg", null).text()).contains("S3").contains("1 : ");
        assertThat(on("GET", "/tangle/sheet.pdf", null).status()).isEqualTo(200);
    }

    /** Every field that is written stands in the schema, and every one it demands is written. */
    private static void fields(JsonNode value, JsonNode at, JsonNode schema) {
        JsonNode type = at.has("$ref") ? schema.at(at.get("$ref").asText().substring(1)) : at;
        if (value.isArray()) {
            value.forEach(v -> fields(v, type.get("items"), schema));
        } else if (value.isObject()) {
            type.path("required")
                    .forEach(r ->
                            assertThat(value.has(r.asText())).as(r.asText()).isTrue());
            value.properties().forEach(e -> {
                assertThat(type.get("properties").has(e.getKey()))
                        .as(e.getKey())
                        .isTrue();
                fields(e.getValue(), type.get("properties").get(e.getKey()), schema);
            });
        } else if (type.has("enum")) {
            assertThat(type.get("enum").toString()).contains(value.toString());
        }
    }

    @Test
    void limbsOfAStemThatLiesHaveTheirTurnAndOneThatHangsHasNone() throws Exception {
        lying("S3", 30, 30);
        sight("S3", "GIRTH", Map.of("girthM", 1.26));
        // to the west on ground that falls to the south: its left is the lower side
        pose("S3", new double[] {40, 30, 0.2}, new double[] {28, 30, 0.2});
        String limbs = "/tangle/stems/" + id("S3") + "/limbs";
        assertThat(on("GET", limbs, null).body().get("turns")).isEmpty();
        limb("S3", "LEFT", "UP", 0.2);
        limb("S3", "ABOVE", "NOT", 0.08);
        JsonNode seen = on("GET", limbs, null).body();
        assertThat(texts(seen.get("turns"), "growing")).containsExactly("ABOVE", "LEFT");
        JsonNode carrier = seen.at("/turns/1");
        assertThat(carrier.get("holds").asBoolean()).isTrue();
        assertThat(carrier.get("squeezed").asText()).isEqualTo("TOP");
        assertThat(carrier.get("rolls").asText()).isEqualTo("LEFT");
        assertThat(carrier.at("/steps/0/words").asText()).isEqualTo("relief cut");
        assertThat(carrier.at("/steps/0/side").asText()).isEqualTo("TOP");
        assertThat(carrier.at("/steps/0/sideWords").asText()).isEqualTo("top");
        assertThat(carrier.at("/said/thickM").asText()).isEqualTo("200 mm");
        assertThat(seen.at("/said/lastTenthM").asText()).endsWith("mm");
        assertThat(on("DELETE", "/tangle/limbs/" + carrier.get("id").asText(), null)
                        .status())
                .isEqualTo(204);
        assertThat(on("GET", limbs, null).body().get("turns")).hasSize(1);
        Calls.Reply hangs = limb("S2", "LEFT", "UP", 0.2);
        assertThat(hangs.status()).isEqualTo(422);
        assertThat(hangs.body().toString()).contains("S2 does not lie on the ground");
        assertThat(limb("S3", "LEFT", "UP", 3).body().toString()).contains("thickM");
    }

    private Calls.Reply limb(String stem, String growing, String bent, double thickM) throws Exception {
        return on(
                "POST",
                "/tangle/stems/" + id(stem) + "/limbs",
                Map.of("growing", growing, "bent", bent, "thickM", thickM));
    }

    @Test
    void theButtThatIsTiedOffStaysInADiscAndALineThatDoesNotReachIsRefused() throws Exception {
        String tied = "/tangle/stems/" + id("S2") + "/pull/tied";
        assertThat(on("GET", tied, null).status()).isEqualTo(404);
        Map<String, Object> line =
                Map.of("anchor", Map.of("eastM", 22, "northM", 50), "lineM", 12, "tieFromButtM", 0.5);
        assertThat(on("POST", tied, line).status()).isEqualTo(204);
        JsonNode seen = on("GET", tied, null).body();
        assertThat(seen.get("fits").asBoolean()).isTrue();
        assertThat(seen.get("discM").asDouble()).isGreaterThan(12);
        assertThat(stem("S2").get("swing")).isNotEmpty();
        assertThat(seen.get("warnings").toString()).contains("LINE_SLACK");
        Calls.Reply shorter =
                on("POST", tied, Map.of("anchor", Map.of("eastM", 60, "northM", 50), "lineM", 12, "tieFromButtM", 0.5));
        assertThat(shorter.status()).isEqualTo(422);
        assertThat(shorter.body().toString()).contains("lineM");
        pose("S2", new double[] {30, 30, 0.5}, new double[] {20, 22, 8});
        assertThat(on("GET", tied, null).body().get("fits").asBoolean())
                .as("it lies elsewhere")
                .isFalse();
    }

    @Test
    void aPieceCutOffWhileItHangsStopsUntilItsNewPoseIsEnteredAndAsItWasDoesNotDo() throws Exception {
        String sections = "/tangle/stems/" + id("S2") + "/sections";
        Calls.Reply slack = on("POST", sections, Map.of("cutBy", "Lorne Askew", "winchOn", false));
        assertThat(slack.status()).isEqualTo(422);
        assertThat(slack.body().toString()).contains("winchOn");
        assertThat(on("POST", sections, Map.of("cutBy", " ", "winchOn", true)).status())
                .isEqualTo(422);
        assertThat(on("POST", sections, Map.of("cutBy", "Lorne Askew", "winchOn", true))
                        .status())
                .isEqualTo(204);
        assertThat(stem("S2").get("lookAgain").asText()).isEqualTo("SECTIONED");
        on("POST", "/tangle/stems/" + id("S2") + "/looks", null);
        assertThat(stem("S2").get("lookAgain").asText()).as("as it was").isEqualTo("SECTIONED");
        assertThat(on("GET", "/findings", null).text())
                .contains("PICTURE_NOT_REENTERED", "S2: cut once while it hangs");
        pose("S2", new double[] {16, 44, 0.5}, new double[] {6, 36.5, 8});
        assertThat(stem("S2").hasNonNull("lookAgain")).isFalse();
        assertThat(on("GET", "/findings", null).text())
                .doesNotContain("PICTURE_NOT_REENTERED")
                .contains("S2: cut once while it hangs");
    }
}
