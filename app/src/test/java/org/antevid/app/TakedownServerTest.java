package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.StreamSupport;
import org.antevid.app.crew.Crews;
import org.antevid.app.house.Kits;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.assist.KitItem;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** On the real store: a lime that comes down in pieces. */
@OnRealStore
class TakedownServerTest {
    private static final Map<String, Object> EAST = limb("L1", 90);
    private static final Map<String, Object> WEST = limb("L2", 270);

    private final Calls calls;
    private final Kits kits;
    private final Crews crews;
    private SignedIn leader;
    private String job;
    private String lime;

    TakedownServerTest(MockMvc mvc, People people, Kits kits, Crews crews) {
        this.crews = crews;
        calls = new Calls(mvc, people);
        this.kits = kits;
    }

    @BeforeEach
    void aLimeStands() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        job = calls.open(leader, "Ferry Row");
        lime = on("POST", "/stems", Calls.stem("TILIA", "STANDING", 10, 10))
                .body()
                .get("id")
                .asText();
    }

    private Calls.Reply on(String method, String path, Object body) throws Exception {
        return calls.on(leader, method, path, body);
    }

    private Calls.Reply takedown(String method, String more, Object body) throws Exception {
        return on(method, "/takedown/stems/" + lime + more, body);
    }

    private void measured() throws Exception {
        calls.measured(leader, lime, 1.4, 16, 3, 90);
    }

    private static Map<String, Object> limb(String id, double sideDeg) {
        return Map.of(
                "id", id, "atM", 8, "thickM", 0.12, "lengthM", 4, "sideDeg", sideDeg, "riseDeg", 30, "loose", false);
    }

    private String kit(KitItem.Kind kind, double strengthN) {
        return kits.add(new KitItem(
                kind,
                kind.name().toLowerCase() + " of the test",
                1,
                Optional.empty(),
                Optional.empty(),
                Optional.of(60.0).filter(x -> kind == KitItem.Kind.ROPE),
                Optional.of(strengthN),
                Optional.of(0.9).filter(x -> kind == KitItem.Kind.BLOCK),
                Optional.of(2024),
                ""));
    }

    private Map<String, Object> gear() {
        return Map.of(
                "line", kit(KitItem.Kind.ROPE, 60_000),
                "block", kit(KitItem.Kind.BLOCK, 45_000),
                "sling", kit(KitItem.Kind.SLING, 40_000),
                "brake", kit(KitItem.Kind.BRAKE, 20_000));
    }

    private static Map<String, Object> plan(List<?> limbs, List<?> cuts, Map<String, Object> gear) {
        return new HashMap<>(Map.of("limbs", limbs, "cuts", cuts, "gear", gear, "surface", "TURF"));
    }

    private static Map<String, Object> cut(String limb, double atM, String way) {
        Map<String, Object> c = new HashMap<>(Map.of("atM", atM, "way", way));
        if (limb != null) {
            c.put("limb", limb);
        }
        return c;
    }

    private List<String> words(String severity) throws Exception {
        List<String> all = new ArrayList<>();
        for (JsonNode f : on("GET", "/findings", null).body()) {
            if (f.get("severity").asText().equals(severity)) {
                all.add(f.get("words").asText());
            }
        }
        return all;
    }

    @Test
    void whatIsNotMeasuredIsAskedForAndNothingIsKept() throws Exception {
        JsonNode view = takedown("GET", "", null).body();
        assertThat(view.get("missing")).isNotEmpty();
        assertThat(view.at("/next/kind").asText()).isEqualTo("MEASURE");
        assertThat(view.get("pieces")).isEmpty();
        Calls.Reply kept = takedown("POST", "", plan(List.of(), List.of(cut(null, 9, "SNAPPED")), Map.of()));
        assertThat(kept.status()).isEqualTo(422);
        assertThat(kept.body().toString()).contains("first measure or look at");
        assertThat(takedown("GET", "", null).body().get("id")).isNull();
    }

    @Test
    void whatIsProposedIsKeptComesBackAndStandsInTheFindings() throws Exception {
        measured();
        Map<String, Object> asked = plan(List.of(EAST, WEST), List.of(), gear());
        JsonNode proposed = takedown("POST", "/proposal", asked).body();
        assertThat(proposed.get("whole").asBoolean()).isTrue();
        assertThat(proposed.get("pieces").size()).isGreaterThan(3);
        asked.put("cuts", calls(proposed.get("cuts")));
        asked.put("climber", leader.personId());
        asked.put("fallback", "PLATFORM");
        Calls.Reply kept = takedown("POST", "", asked);
        assertThat(kept.status()).isEqualTo(201);
        JsonNode back = takedown("GET", "", null).body();
        assertThat(back.get("id").asText()).isEqualTo(kept.body().get("id").asText());
        assertThat(back.get("cuts")).isEqualTo(proposed.get("cuts"));
        assertThat(back.get("pieces")).isEqualTo(proposed.get("pieces"));
        assertThat(words("CAUTION")).anyMatch(w -> w.startsWith("S1, taken down: up to"));
        assertThat(words("STOP"))
                .as("the only one who can fetch anybody down is the climber")
                .anyMatch(w -> w.contains("nobody on the ground can fetch them down"));
    }

    private static List<Object> calls(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(n -> Calls.JSON.convertValue(n, Object.class))
                .toList();
    }

    @Test
    void aPlanMadeFromAnOlderOneIsRefusedAndNamesWhoWasFaster() throws Exception {
        measured();
        Map<String, Object> one = plan(List.of(EAST), List.of(cut("L1", 0, "BY_HAND")), Map.of());
        String first = takedown("POST", "", one).body().get("id").asText();
        assertThat(takedown("POST", "?replaces=" + first, one).status()).isEqualTo(201);
        Calls.Reply stale = takedown("POST", "?replaces=" + first, one);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().toString()).contains("Lorne Askew");
    }

    @Test
    void aCutThroughWhatHasGoneNamesItsField() throws Exception {
        measured();
        Calls.Reply gone = takedown(
                "POST", "", plan(List.of(), List.of(cut(null, 9, "SNAPPED"), cut(null, 10, "SNAPPED")), Map.of()));
        assertThat(gone.status()).isBetween(400, 422);
        assertThat(gone.body().at("/errors/0/field").asText()).isEqualTo("cuts[1].atM");
        assertThat(gone.body().at("/errors/0/code").asText()).isEqualTo("NOTHING_LEFT_THERE");
        assertThat(takedown("GET", "", null).body().get("id")).isNull();
    }

    @Test
    void aPieceTooHeavyForHandsIsAStopAndIsShortened() throws Exception {
        measured();
        Map<String, Object> heavy = plan(List.of(EAST), List.of(cut("L1", 0, "BY_HAND")), Map.of());
        JsonNode view = takedown("POST", "/preview", heavy).body();
        assertThat(view.at("/pieces/0/severity").asText()).isEqualTo("STOP");
        assertThat(view.at("/pieces/0/remarks").toString()).contains("too heavy for two hands");
        JsonNode shorter = takedown("POST", "/shortened?piece=1", heavy).body();
        assertThat(shorter.get("pieces")).hasSize(2);
        assertThat(shorter.at("/pieces/1/severity").asText()).isNotEqualTo("STOP");
    }

    /** Ice on the crown hangs on the limb that is lowered; the day says so, nobody adds it by hand. */
    @Test
    void whatLiesOnTheCrownMakesThePieceHeavier() throws Exception {
        measured();
        Map<String, Object> p = plan(List.of(EAST), List.of(cut("L1", 0, "SNAPPED")), Map.of());
        double dry =
                takedown("POST", "/preview", p).body().at("/pieces/0/massKg").asDouble();
        assertThat(on("PUT", "/place/day", Map.of("load", "ICE")).status()).isBetween(200, 204);
        assertThat(takedown("POST", "/preview", p).body().at("/pieces/0/massKg").asDouble())
                .isCloseTo(2 * dry, withinPercentage(2));
    }

    /** The records say whole; the leader tightens alone; with a plate that lifted, loosening is a second opinion. */
    @Test
    void whoMayBeAloftIsLoosenedWithASecondOpinionOnly() throws Exception {
        measured();
        Map<String, Object> p = plan(List.of(EAST), List.of(cut("L1", 0, "SNAPPED")), Map.of());
        p.put("mayBe", "NOT_KNOWN");
        Calls.Reply unsaid = takedown("POST", "", p);
        assertThat(unsaid.status()).isBetween(400, 422);
        assertThat(unsaid.body().at("/errors/0/field").asText()).isEqualTo("mayBe");
        p.put("mayBe", "PLATFORM");
        String first = takedown("POST", "", p).body().get("id").asText();
        assertThat(words("SECOND_OPINION")).noneMatch(w -> w.contains("where the records say"));
        on("POST", "/stems/" + lime + "/sightings", Calls.sighting("HEAVE", Map.of("liftM", 0.2, "azimuthDeg", 270)));
        assertThat(takedown("GET", "", null).body().at("/aloft/allowed").asText())
                .isEqualTo("NOBODY");
        assertThat(words("SECOND_OPINION")).anyMatch(w -> w.contains("where the records say"));
        p.remove("mayBe");
        takedown("POST", "?replaces=" + first, p);
        assertThat(words("SECOND_OPINION")).noneMatch(w -> w.contains("where the records say"));
        assertThat(words("STOP")).anyMatch(w -> w.contains("nobody may be aloft there"));
    }

    @Test
    void theClimbersNoStandsUntilTheClimberTakesItBackOrTheRestIsPlannedAnew() throws Exception {
        measured();
        SignedIn climber = calls.person("Edda Rowe", Office.CREW, Set.of(Competence.CLIMB, Competence.SAW));
        on("POST", "/members", Map.of("personId", climber.personId()));
        Map<String, Object> p = plan(List.of(EAST), List.of(cut("L1", 2, "SNAPPED")), Map.of());
        assertThat(takedown("POST", "/no", Map.of("atM", 9)).status())
                .as("nobody is named")
                .isEqualTo(422);
        p.put("climber", climber.personId());
        p.put("fallback", "PLATFORM");
        String first = takedown("POST", "", p).body().get("id").asText();
        assertThat(takedown("POST", "/no", Map.of("atM", 9)).status()).isEqualTo(201);
        assertThat(words("STOP")).anyMatch(w -> w.equals("S1: Edda Rowe said No at 9.0 m; instead: a platform"));
        assertThat(takedown("DELETE", "/no", null).status())
                .as("not the leader")
                .isEqualTo(422);
        assertThat(calls.on(climber, "DELETE", "/takedown/stems/" + lime + "/no", null)
                        .status())
                .isEqualTo(204);
        assertThat(words("STOP")).noneMatch(w -> w.contains("said No"));
        assertThat(calls.on(climber, "POST", "/takedown/stems/" + lime + "/no", Map.of("atM", 9))
                        .status())
                .isEqualTo(201);
        assertThat(words("STOP")).anyMatch(w -> w.contains("said No"));
        Calls.Reply same = takedown("POST", "?replaces=" + first, p);
        assertThat(same.status()).isEqualTo(201);
        assertThat(words("STOP"))
                .as("the same plan once more is none made anew")
                .anyMatch(w -> w.contains("said No"));
        Map<String, Object> another = new HashMap<>(p);
        another.put("climber", leader.personId());
        JsonNode stands = takedown("POST", "/preview", another).body();
        assertThat(stands.get("since").asText())
                .as("who climbs does not answer it")
                .isEqualTo("SAME_WAY");
        assertThat(stands.at("/next/kind").asText()).isEqualTo("PLAN_ANEW");
        JsonNode anew = takedown("POST", "/instead", p).body();
        assertThat(anew.get("mayBe").asText()).isEqualTo("PLATFORM");
        assertThat(anew.get("whole").asBoolean()).isTrue();
        p.put("cuts", calls(anew.get("cuts")));
        p.put("mayBe", "PLATFORM");
        assertThat(takedown("POST", "?replaces=" + same.body().get("id").asText(), p)
                        .status())
                .isEqualTo(201);
        assertThat(words("STOP")).noneMatch(w -> w.contains("said No"));
        p.put("fallback", "AGREED_DAMAGE");
        String now = takedown("GET", "", null).body().get("id").asText();
        Calls.Reply withNobody = takedown("POST", "?replaces=" + now, p);
        assertThat(withNobody.status()).isEqualTo(422);
        assertThat(withNobody.body().at("/errors/0/field").asText()).isEqualTo("agreedWith");
        p.put("agreedWith", "the boat's owner");
        assertThat(takedown("POST", "?replaces=" + now, p).status()).isEqualTo(201);
        takedown("POST", "/no", Map.of("atM", 9));
        assertThat(words("STOP"))
                .anyMatch(w -> w.endsWith("instead: the damage that was agreed, with the boat's owner"));
        p.remove("fallback");
        assertThat(takedown("POST", "/instead", p).status())
                .as("nothing is chosen")
                .isEqualTo(422);
    }

    /** What a step took off is down: its cut stays, and the rest is planned anew after it. */
    @Test
    void whatIsDownStaysWhenTheRestIsPlannedAnew() throws Exception {
        measured();
        Map<String, Object> p =
                plan(List.of(EAST, WEST), List.of(cut("L2", 3, "BY_HAND"), cut("L1", 2, "BY_HAND")), Map.of());
        p.put("fallback", "CRANE");
        takedown("POST", "", p);
        on("POST", "/steps/asked", Map.of("keys", List.of()));
        List<JsonNode> steps = new ArrayList<>();
        on("GET", "/steps", null).body().forEach(steps::add);
        JsonNode first = steps.stream()
                .filter(s -> s.get("title").asText().contains("drop limb L2"))
                .findFirst()
                .orElseThrow();
        crews.done(job, first.get("id").asText(), Optional.empty());
        JsonNode now = takedown("GET", "", null).body();
        assertThat(now.get("down").asInt()).isEqualTo(1);
        assertThat(now.at("/pieces/0/down").asBoolean()).isTrue();
        assertThat(now.at("/pieces/0/remarks")).isEmpty();
        JsonNode anew = takedown("POST", "/instead", p).body();
        assertThat(anew.at("/cuts/0")).isEqualTo(now.at("/cuts/0"));
        assertThat(anew.at("/cuts/1/way").asText()).isEqualTo("PICKED");
        assertThat(anew.get("pieces").size()).isGreaterThan(2);
        p.put("cuts", calls(anew.get("cuts")));
        p.put("mayBe", "NOBODY");
        takedown("POST", "?replaces=" + now.get("id").asText(), p);
        assertThat(words("STOP")).anyMatch(w -> w.contains("no such cut any more"));
        on("POST", "/steps/asked", Map.of("keys", List.of()));
        assertThat(words("STOP")).noneMatch(w -> w.contains("no such cut any more"));
        assertThat(on("GET", "/steps", null).body().toString())
                .as("what is done stays, what was planned otherwise went, the climb too")
                .contains("drop limb L2 from 3.0 m")
                .doesNotContain("drop limb L1 from 2.0 m", "tied in");
        p.put("cuts", List.of(cut("L2", 2, "BY_HAND")));
        Calls.Reply moved = takedown("POST", "/preview", p);
        assertThat(moved.status()).isEqualTo(422);
        assertThat(moved.body().toString()).contains("the first piece has come down: its cut stays");
    }

    private List<JsonNode> asked() throws Exception {
        List<JsonNode> all = new ArrayList<>();
        on("GET", "/steps/asked", null).body().get("asked").forEach(all::add);
        return all;
    }

    /** From the pieces to steps and back: what is planned otherwise afterwards is not done as it was briefed. */
    @Test
    void piecesBecomeStepsAndAStepOfACutThatIsPlannedNoMoreIsAStop() throws Exception {
        measured();
        SignedIn climber = calls.person("Edda Rowe", Office.CREW, Set.of(Competence.CLIMB));
        SignedIn brake = calls.person("Sorrel Ives", Office.CREW, Set.of(Competence.RIGGING));
        SignedIn ground = calls.person("Perrin Ashe", Office.CREW, Set.of(Competence.GROUND));
        for (SignedIn p : List.of(climber, brake, ground)) {
            on("POST", "/members", Map.of("personId", p.personId()));
        }
        Map<String, Object> p =
                plan(List.of(EAST, WEST), List.of(cut("L2", 3, "BY_HAND"), cut("L1", 0, "TIED_ABOVE")), gear());
        p.put("climber", climber.personId());
        String first = takedown("POST", "", p).body().get("id").asText();
        assertThat(asked())
                .extracting(a -> a.get("title").asText())
                .containsExactly(
                        "S1: rescue kit at the foot, the way up tried",
                        "S1: up, tied in, block and line hung",
                        "S1: drop limb L2 from 3.0 m",
                        "S1: lower limb L1");
        assertThat(asked().get(3).get("because").asText()).startsWith("piece 2 of 2 of S1, up to");
        assertThat(on("POST", "/steps/asked", Map.of("keys", List.of())).status())
                .isEqualTo(200);
        assertThat(asked()).isEmpty();
        assertThat(words("STOP"))
                .noneMatch(w -> w.contains("no such cut")
                        || w.contains("where a piece can end")
                        || w.contains("is to rescue and")
                        || w.contains("nobody is named"));
        JsonNode steps = on("GET", "/steps", null).body();
        assertThat(steps.get(3).get("posts").toString())
                .contains(climber.personId(), brake.personId(), ground.personId(), leader.personId());
        p.put("cuts", List.of(cut("L2", 3, "BY_HAND")));
        takedown("POST", "?replaces=" + first, p);
        assertThat(words("STOP")).contains("step 4: the plan of S1 has no such cut any more");
    }

    /** What comes down in a step is frozen with it; the phone says it by role and says No by the stem's label. */
    @Test
    void theBriefingFreezesThePieceAndThePhoneSaysNo() throws Exception {
        measured();
        SignedIn climber = calls.person("Edda Rowe", Office.CREW, Set.of(Competence.CLIMB));
        on("POST", "/members", Map.of("personId", climber.personId()));
        Map<String, Object> p = plan(List.of(WEST), List.of(cut("L2", 3, "BY_HAND")), Map.of());
        p.put("climber", climber.personId());
        takedown("POST", "", p);
        on("POST", "/steps/asked", Map.of("keys", List.of()));
        JsonNode plan = on("GET", "/plan", null).body();
        assertThat(plan.at("/steps/2/piece/numbers/0").asInt()).isEqualTo(1);
        assertThat(plan.at("/steps/2/piece/massKg").asDouble()).isPositive();
        assertThat(plan.at("/steps/2/piece/upM").asDouble()).isBetween(8.0, 12.0);
        Calls.Reply strange = calls.on(climber, "POST", "/takedown/no", Map.of("stem", "S99", "atM", 9));
        assertThat(strange.status()).isEqualTo(404);
        assertThat(calls.on(climber, "POST", "/takedown/no", Map.of("stem", "S1", "atM", 900))
                        .status())
                .isBetween(400, 422);
        assertThat(calls.on(climber, "POST", "/takedown/no", Map.of("stem", "S1", "atM", 9))
                        .status())
                .isEqualTo(201);
        assertThat(words("STOP")).anyMatch(w -> w.startsWith("S1: Edda Rowe said No at 9.0 m"));
    }

    /**
     * All plans go out by names and come back the same; kit or a tree that is not here is refused, and nothing kept.
     */
    @Test
    void thePlansGoOutAsAFileAndComeBackTheSame() throws Exception {
        measured();
        Map<String, Object> asked = plan(List.of(EAST, WEST), List.of(), gear());
        asked.put("cuts", calls(takedown("POST", "/proposal", asked).body().get("cuts")));
        asked.put("climber", leader.personId());
        takedown("POST", "", asked);
        JsonNode before = takedown("GET", "", null).body();
        JsonNode file = on("GET", "/takedown/file", null).body();
        assertThat(file.get("format").asText()).isEqualTo("takedown-1");
        assertThat(file.at("/trees/0/stem").asText()).isEqualTo("S1");
        assertThat(file.at("/trees/0/pieces/gear/line").asText()).isEqualTo("rope of the test");
        assertThat(file.at("/trees/0/pieces").has("climber")).as("of the day").isFalse();
        assertThat(on("POST", "/takedown/file", file).body().get("trees").asInt())
                .isEqualTo(1);
        JsonNode after = takedown("GET", "", null).body();
        assertThat(after.get("id")).isNotEqualTo(before.get("id"));
        assertThat(after.get("pieces")).hasSameSizeAs(before.get("pieces"));
        assertThat(on("GET", "/takedown/file", null).body()).isEqualTo(file);
        Calls.Reply kit = on("POST", "/takedown/file", changed(file, "rope of the test", "no such rope"));
        assertThat(kit.status()).isEqualTo(422);
        assertThat(kit.body().at("/errors/0/field").asText()).isEqualTo("trees[0].pieces.gear");
        assertThat(on("POST", "/takedown/file", changed(file, "\"S1\"", "\"S77\""))
                        .codes())
                .containsExactly("UNKNOWN_STEM");
        assertThat(on("POST", "/takedown/file", changed(file, "takedown-1", "takedown-0"))
                        .codes())
                .containsExactly("UNKNOWN_FORMAT");
        assertThat(takedown("GET", "", null).body().get("id")).isEqualTo(after.get("id"));
    }

    private static JsonNode changed(JsonNode file, String from, String to) throws Exception {
        return Calls.JSON.readTree(file.toString().replace(from, to));
    }

    /** Out as a table and in again it is the same; a table of another tree is refused by its row. */
    @Test
    void thePiecesGoOutAsATableAndComeBackTheSame() throws Exception {
        measured();
        Map<String, Object> asked = plan(List.of(EAST, WEST), List.of(), gear());
        JsonNode proposed = takedown("POST", "/proposal", asked).body();
        List<Object> cuts = new ArrayList<>(calls(proposed.get("cuts")));
        Map<String, Object> top = cut(null, 14, "TOPPED");
        top.put("towardDeg", 84);
        cuts.removeIf(
                c -> ((Map<?, ?>) c).get("limb") == null && ((Number) ((Map<?, ?>) c).get("atM")).doubleValue() >= 14);
        cuts.add(2, top);
        asked.put("cuts", cuts);
        proposed = takedown("POST", "/preview", asked).body();
        assertThat(proposed.at("/pieces/2/ahead")).isNotEmpty();
        takedown("POST", "", asked);
        assertThat(takedown("GET", "", null).body().at("/cuts/2/towardDeg").asDouble())
                .isEqualTo(84);
        String csv = on("GET", "/takedown/stems/" + lime + "/pieces.csv", null).text();
        assertThat(csv).startsWith("piece,limb,at_m,way,");
        JsonNode back = table(csv).body();
        assertThat(back.get("cuts")).isEqualTo(proposed.get("cuts"));
        assertThat(back.get("pieces")).isEqualTo(proposed.get("pieces"));
        List<String> rows = csv.lines().toList();
        String gap = csv.replace(rows.get(4) + "\r\n", "");
        assertThat(table(gap).status()).isBetween(400, 422);
        assertThat(table(gap).body().toString()).contains("a gap, or cuts that cross");
        List<String> crossed = new ArrayList<>(rows);
        java.util.Collections.swap(crossed, rows.size() - 1, rows.size() - 2);
        assertThat(table(String.join("\r\n", crossed)).status()).isBetween(400, 422);
        assertThat(table(csv.replace(",way,", ",how,")).status()).isBetween(400, 422);
    }

    private Calls.Reply table(String csv) throws Exception {
        return calls.send(leader, "/takedown/stems/" + lime + "/pieces", csv);
    }

    @Test
    void theSheetShowsEveryPieceAndTheCaution() throws Exception {
        measured();
        takedown("POST", "", plan(List.of(EAST), List.of(cut("L1", 2, "BY_HAND"), cut(null, 9, "SNAPPED")), Map.of()));
        String svg = on("GET", "/takedown/stems/" + lime + "/sheet.svg", null).text();
        assertThat(svg)
                .contains("Ferry Row: S1 in pieces", "Piece 1 of 2: by hand", "Piece 2 of 2: snapped", "outrank this");
        assertThat(on("GET", "/takedown/stems/" + lime + "/sheet.pdf", null).text())
                .startsWith("%PDF");
    }

    private String sinceKept(Map<String, Object> plan) throws Exception {
        return takedown("POST", "/preview", plan).body().get("since").asText();
    }

    /** What is rigged is kept as it was sent; what nobody said of it stays unsaid, and is found. */
    @Test
    void aSecondLineAGuyAndAClimberAreKeptAndFound() throws Exception {
        measured();
        Map<String, Object> gear = new HashMap<>(gear());
        gear.put(
                "second",
                Map.of("line", gear.get("line"), "deg", 90, "awayM", 15, "heightM", 9, "toM", 6, "letDownM", 3));
        Map<String, Object> plan = plan(List.of(EAST, WEST), List.of(cut("L1", 2, "DRIFTED")), gear);
        plan.put(
                "guy",
                Map.of(
                        "heightM",
                        8,
                        "deg",
                        90,
                        "awayM",
                        20,
                        "anchorHeightM",
                        0.5,
                        "pretensionN",
                        1000,
                        "proven",
                        false));
        plan.put("climb", Map.of("attachments", 1));
        assertThat(sinceKept(plan)).isEqualTo("ANOTHER_WAY");
        assertThat(takedown("POST", "", plan).status()).isEqualTo(201);
        assertThat(sinceKept(plan)).as("it comes back as it was sent").isEqualTo("NOTHING");
        JsonNode view = takedown("GET", "", null).body();
        assertThat(view.at("/gear/second/letDownM").asDouble()).isEqualTo(3);
        assertThat(view.at("/gear/second/sound").isMissingNode())
                .as("nobody looked")
                .isTrue();
        assertThat(view.at("/guy/awayM").asDouble()).isEqualTo(20);
        assertThat(view.at("/climb/attachments").asInt()).isEqualTo(1);
        assertThat(view.at("/pieces/0/across/secondN").asDouble()).isPositive();
        assertThat(words("STOP"))
                .anyMatch(w -> w.contains("back guy") && w.contains("wrong side"))
                .anyMatch(w -> w.contains("one attachment while the saw runs"));
        assertThat(words("SECOND_OPINION"))
                .anyMatch(w -> w.contains("nobody looked at the tree of the second line"))
                .anyMatch(w -> w.contains("back guy") && w.contains("which line"));
        assertThat(words("CAUTION")).anyMatch(w -> w.contains("ask the climber"));
        gear.put("second", Map.of("deg", 90, "awayM", 15, "heightM", 9, "toM", 16, "letDownM", 3));
        Calls.Reply beyond = takedown("POST", "/preview", plan(List.of(), List.of(), gear));
        assertThat(beyond.status()).isBetween(400, 422);
        assertThat(beyond.body().at("/errors/0/field").asText()).isEqualTo("second.toM");
    }

    /** Friction on another tree and its sling come back by id, and by name in the file; one brake is not two. */
    @Test
    void aLineThatHoldsFirstIsKeptWithItsFriction() throws Exception {
        measured();
        Map<String, Object> gear = new HashMap<>(gear());
        Map<String, Object> second = new HashMap<>(
                Map.of("line", gear.get("line"), "deg", 90, "awayM", 6, "heightM", 14, "toM", 3, "letDownM", 1));
        second.put("holdsFirst", Map.of("sling", gear.get("sling")));
        gear.put("second", second);
        Map<String, Object> plan = plan(List.of(EAST), List.of(cut("L1", 0, "DRIFTED")), gear);
        assertThat(takedown("POST", "", plan).status()).isEqualTo(201);
        assertThat(words("STOP"))
                .anyMatch(w -> w.contains("Choose the friction on the other tree"))
                .anyMatch(w -> w.contains("chosen for two places at once"));
        second.put("holdsFirst", Map.of("sling", gear.get("sling"), "device", kit(KitItem.Kind.BRAKE, 30_000)));
        String id = takedown("GET", "", null).body().get("id").asText();
        assertThat(takedown("POST", "?replaces=" + id, plan).status()).isEqualTo(201);
        assertThat(sinceKept(plan)).as("it comes back as it was sent").isEqualTo("NOTHING");
        JsonNode view = takedown("GET", "", null).body();
        assertThat(view.at("/pieces/0/across/secondWraps").isNumber()).isTrue();
        assertThat(view.at("/figure/rest")).as("no piece takes the stem").isEqualTo(view.at("/figure/stem"));
        assertThat(words("STOP")).noneMatch(w -> w.contains("Choose the friction"));
        assertThat(on("GET", "/takedown/stems/" + lime + "/sheet.svg", null).text())
                .contains("second brake hand:");
        JsonNode file = on("GET", "/takedown/file", null).body();
        assertThat(file.toString()).contains("\"holdsFirst\"");
        assertThat(on("POST", "/takedown/file", file).status()).isEqualTo(200);
        assertThat(on("GET", "/takedown/file", null).body()).isEqualTo(file);
    }

    /** What it can end on stands at the piece; a bed somebody vouches for makes it an opinion, and is kept. */
    @Test
    void aBedThatSomebodyVouchesForIsKeptAndTakesThePiece() throws Exception {
        measured();
        on("POST", "/features", Calls.thing("the bridge", "OTHER", 14, 10, 1));
        Map<String, Object> mat = Calls.thing("brash mat", "LANDING_BED", 10, 10, 25);
        mat.put("worth", 0);
        assertThat(on("POST", "/features", mat).status()).isEqualTo(201);
        Map<String, Object> plan = plan(List.of(EAST), List.of(cut("L1", 0, "SNAPPED")), Map.of());
        JsonNode bare = takedown("POST", "/preview", plan).body();
        assertThat(bare.at("/choices/beds/0").asText()).isEqualTo("brash mat");
        assertThat(bare.at("/pieces/0/severity").asText()).isEqualTo("STOP");
        assertThat(bare.at("/pieces/0/below/0/what").asText()).isEqualTo("CAN_END_ON");
        assertThat(bare.at("/pieces/0/below/0/words").asText()).contains("the bridge");
        assertThat(bare.at("/next/kind").asText()).isEqualTo("LOOK_AT_PIECE");
        assertThat(bare.at("/next/piece").asInt()).isEqualTo(1);
        plan.put("bed", Map.of("name", "brash mat"));
        assertThat(takedown("POST", "/preview", plan)
                        .body()
                        .at("/pieces/0/bed/lack")
                        .asText())
                .isEqualTo("NOBODY_SAID");
        plan.put("bed", Map.of("name", "brash mat", "takesKg", 500, "saidBy", leader.personId()));
        assertThat(takedown("POST", "", plan).status()).isEqualTo(201);
        JsonNode kept = takedown("GET", "", null).body();
        assertThat(kept.at("/bed/takesKg").asDouble()).isEqualTo(500);
        assertThat(kept.at("/pieces/0/bed/lack").isMissingNode()).isTrue();
        assertThat(kept.at("/pieces/0/severity").asText()).isEqualTo("SECOND_OPINION");
        assertThat(kept.at("/pieces/0/then/topM").asDouble()).isEqualTo(16);
        assertThat(words("SECOND_OPINION")).anyMatch(w -> w.contains("onto the bed") && w.contains("the bridge"));
        plan.put("bed", Map.of("name", "brash mat", "takesKg", 0));
        assertThat(takedown("POST", "/preview", plan)
                        .body()
                        .at("/errors/0/field")
                        .asText())
                .isEqualTo("bed.takesKg");
    }

    /** What the house withdrew or has not looked over in time stops whatever would hang on it. */
    @Test
    void kitThatIsWithdrawnStopsThePieceThatHangsOnIt() throws Exception {
        measured();
        Map<String, Object> gear = gear();
        Map<String, Object> plan = plan(List.of(EAST), List.of(cut("L1", 0, "TIED_ABOVE")), gear);
        assertThat(takedown("POST", "", plan).status()).isEqualTo(201);
        assertThat(words("STOP")).noneMatch(w -> w.contains("withdrawn"));
        String line = gear.get("line").toString();
        inspected(line, new Kits.Inspection(Optional.empty(), Optional.empty(), true, Optional.of(0.7)));
        assertThat(words("STOP")).anyMatch(w -> w.contains("rope of the test") && w.contains("withdrawn"));
        assertThat(words("CAUTION")).anyMatch(w -> w.contains("rope of the test") && w.contains("worn"));
        LocalDate today = LocalDate.now();
        inspected(
                line,
                new Kits.Inspection(
                        Optional.of(today.minusYears(1)), Optional.of(today.minusDays(2)), false, Optional.empty()));
        assertThat(words("STOP")).anyMatch(w -> w.contains("rope of the test") && w.contains("overdue"));
        inspected(
                line,
                new Kits.Inspection(
                        Optional.of(today.minusDays(2)), Optional.of(today.plusYears(1)), false, Optional.empty()));
        assertThat(words("STOP")).noneMatch(w -> w.contains("rope of the test"));
    }

    private void inspected(String id, Kits.Inspection found) {
        long version = kits.all().stream()
                .filter(e -> e.id().equals(id))
                .findFirst()
                .orElseThrow()
                .version();
        kits.inspected(id, found, version);
    }
}
