package org.antevid.core.judge;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.Told;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.judge.verdict.Exclusion;
import org.antevid.core.judge.verdict.Verdicts;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Access;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.site.Weather;
import org.antevid.core.stem.BookRemark;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.core.stem.Verdict;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What the place, the day and the readings of a stem say against the plan. */
class PlaceAndStemRulesTest {
    private static final Spot HERE = new Spot(0, 0);
    private static final Access.Machine TRACKED =
            new Access.Machine("tracked winch", Access.Use.WINCH, 1.2, 1400, 20, Optional.of(20000.0));

    private final Map<Permit, Permit.Answer> permits = new EnumMap<>(Permit.class);
    private final Map<String, Verdict> chosen = new HashMap<>();
    private EmergencyCard card = new EmergencyCard("a", "b", "c", "d", "e", "f", "g", "h");
    private Access access = Access.NOT_KNOWN;
    private List<Access.Machine> machines = List.of();
    private List<Weather.Hour> ahead = List.of();
    private GroundState ground = GroundState.FIRM;
    private Light light = Light.DAY;
    private CrownLoad load = CrownLoad.NONE;
    private List<Person> people = Samples.PEOPLE;

    PlaceAndStemRulesTest() {
        for (Permit p : Permit.values()) {
            permits.put(p, Permit.Answer.YES);
        }
    }

    private Situation situation(Site site, StemReading reading, Optional<LayPlan> lay) {
        return new Situation(
                HouseRules.USUAL,
                site,
                Optional.of(new Estimate(4, 1)),
                9,
                List.of(facts(reading, lay)),
                Map.of(),
                List.of(),
                List.of(),
                people,
                "imre",
                List.of(),
                new Situation.Circumstances(ahead, ground, light, load, permits, card, access, machines, chosen));
    }

    private static Situation.StemFacts facts(StemReading reading, Optional<LayPlan> lay) {
        return new Situation.StemFacts(reading, lay, false, Optional.empty());
    }

    private List<Finding> found(StemReading reading, Feature... features) {
        return Findings.of(situation(Samples.site(features), reading, Optional.empty()));
    }

    private List<Finding> foundWithLay(StemReading reading, Means means, double cutHeight, Feature... features) {
        var choice = toward(0, means);
        var raised = new org.antevid.core.lay.LayChoice(
                choice.layDeg(), cutHeight, choice.school(), choice.barM(), choice.means());
        LayPlan lay = LayPlan.of(reading, raised, Samples.site(features), LayPlan.Limits.USUAL);
        return Findings.of(situation(Samples.site(features), reading, Optional.of(lay)));
    }

    private static Optional<Severity> severity(List<Finding> findings, String key) {
        return findings.stream()
                .filter(f -> f.key().startsWith(key))
                .map(Finding::severity)
                .findFirst();
    }

    private static StemReading with(Defect... defects) {
        return oak("S1", HERE, List.of(defects));
    }

    private static Defect defect(DefectKind kind, double from, double to, Tell... tells) {
        return new Defect(
                "d", kind, from, to, 90, "", Optional.empty(), Optional.empty(), Defect.Found.SEEN, List.of(tells));
    }

    @Nested
    class Place {
        @Test
        void aCleanPlaceHasNothingAgainstIt() {
            assertThat(found(with())).filteredOn(f -> f.stage() == Stage.PLACE).isEmpty();
        }

        @ParameterizedTest
        @EnumSource(Permit.class)
        void notKnownIsAnOpenPointAndNoIsAStop(Permit p) {
            permits.remove(p);
            assertThat(severity(found(with()), "permit:" + p)).contains(Severity.CAUTION);
            permits.put(p, Permit.Answer.NO);
            assertThat(severity(found(with()), "permit:" + p)).contains(Severity.STOP);
            permits.put(p, Permit.Answer.NOT_NEEDED);
            assertThat(severity(found(with()), "permit:" + p)).isEmpty();
        }

        @Test
        void withoutTheEmergencyCardThereIsAStopThatNamesWhatItLacks() {
            card = new EmergencyCard("a", "", "c", "d", "e", "f", "g", "");
            assertThat(found(with()))
                    .anyMatch(f -> f.key().equals("emergency")
                            && f.severity() == Severity.STOP
                            && f.args().get("missing").equals(Arg.terms(List.of(EmergencyCard.Entry.ROUTE))));
            assertThat(found(with(), line(VoltageClass.TELEPHONE, 500)))
                    .anyMatch(f -> f.args().toString().contains("UTILITY_LINE"));
        }

        @Test
        void aLiveLineWithinReachIsForThoseTrainedForIt() {
            Feature live = line(VoltageClass.LOW, 15);
            Finding f = found(with(), live).stream()
                    .filter(x -> x.key().startsWith("line:"))
                    .findFirst()
                    .orElseThrow();
            assertThat(f.severity()).isEqualTo(Severity.SECOND_OPINION);
            assertThat(f.rule().competence()).isEqualTo(Competence.NEAR_LINES);
            Situation s = situation(Samples.site(live), with(), Optional.empty());
            assertThatThrownBy(() -> SecondOpinion.require(s, f, Samples.PEOPLE.get(4)))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("NEAR_LINES");
            assertThat(found(with(), line(VoltageClass.LOW, 60)))
                    .noneMatch(x -> x.key().startsWith("line:"));
            assertThat(found(with(), line(VoltageClass.TELEPHONE, 15)))
                    .noneMatch(x -> x.key().startsWith("line:"));
        }

        @Test
        void aLineNobodyAskedAboutIsAnOpenPointAndCountsAsLive() {
            Feature unknown = new Feature(
                    "l",
                    "line",
                    FeatureKind.OVERHEAD_LINE,
                    Shape.line(List.of(new Spot(-20, 10), new Spot(20, 10))),
                    4,
                    false,
                    Protection.NONE,
                    "",
                    false);
            assertThat(severity(found(with(), unknown), "voltage:l")).contains(Severity.CAUTION);
            assertThat(severity(found(with(), unknown), "line:")).contains(Severity.SECOND_OPINION);
        }

        @Test
        void aMachineLineNeedsAMachineThatGetsIn() {
            assertThat(severity(foundWithLay(with(), WINCH, 0.3), "machine:S1")).contains(Severity.NOTE);
            machines = List.of(TRACKED);
            assertThat(severity(foundWithLay(with(), WINCH, 0.3), "machine:S1")).isEmpty();
            access = new Access(Optional.of(1.3), Optional.empty(), Optional.empty(), "");
            assertThat(severity(foundWithLay(with(), WINCH, 0.3), "machine:S1")).contains(Severity.STOP);
            access = Access.NOT_KNOWN;
            machines = List.of(new Access.Machine("small winch", Access.Use.WINCH, 0.6, 200, 30, Optional.of(8000.0)));
            assertThat(foundWithLay(with(), WINCH, 0.3))
                    .anyMatch(f -> f.key().equals("machine:S1") && Math.abs(Told.number(f, "winch") - 8000) < 1);
        }

        private Feature line(VoltageClass v, double north) {
            return new Feature(
                    "l",
                    "line",
                    FeatureKind.OVERHEAD_LINE,
                    Shape.line(List.of(new Spot(-20, north), new Spot(20, north))),
                    4,
                    false,
                    Protection.NONE,
                    "",
                    false,
                    new Feature.Detail("", "", Optional.of(v), Optional.empty()));
        }
    }

    @Nested
    class Day {
        @ParameterizedTest
        @CsvSource({"6, NONE", "8, NOTE", "10, CAUTION"})
        void gustsToComeAreSaidBeforeTheyCome(double gust, String expected) {
            ahead = List.of(new Weather.Hour(2, "15:00", gust, 240, 0, 8, Light.DAY));
            assertThat(severity(found(with()), "wind-ahead").map(Enum::name).orElse("NONE"))
                    .isEqualTo(expected);
        }

        @Test
        void nothingIsCutInTheDark() {
            light = Light.DARK;
            assertThat(severity(found(with()), "light")).contains(Severity.STOP);
            light = Light.DUSK;
            assertThat(severity(found(with()), "light")).contains(Severity.CAUTION);
        }

        @Test
        void darknessToComeIsNoted() {
            ahead = List.of(
                    new Weather.Hour(1, "16:00", 4, 240, 0, 8, Light.DUSK),
                    new Weather.Hour(2, "17:00", 4, 240, 0, 8, Light.DARK));
            assertThat(found(with()))
                    .anyMatch(f ->
                            f.key().equals("light-ahead") && Told.text(f, "at").equals("17:00"));
        }

        @Test
        void slipperyGroundAndIceAreSaid() {
            ground = GroundState.SLIPPERY;
            load = CrownLoad.ICE;
            assertThat(severity(found(with()), "ground")).contains(Severity.CAUTION);
            assertThat(severity(found(with()), "load")).contains(Severity.SECOND_OPINION);
        }
    }

    @Nested
    class Faults {
        @Test
        void nothingIsTiedAboveACrack() {
            Defect crack = defect(DefectKind.CRACK, 6, 7);
            assertThat(foundWithLay(with(crack), WINCH, 0.3))
                    .anyMatch(f -> f.key().equals("defect:S1:d")
                            && f.severity() == Severity.STOP
                            && Math.abs(Told.number(f, "tie") - 12.3) < 1e-9);
            Means low = new Means(Means.Kind.MACHINE_LINE, Optional.of(4.0), Optional.of(50.0), Optional.of(20000.0));
            assertThat(severity(foundWithLay(with(crack), low, 0.3), "defect:S1:d"))
                    .contains(Severity.SECOND_OPINION);
            assertThat(severity(found(with(defect(DefectKind.CRACK, 6, 7, Tell.HEALED))), "defect:S1:d"))
                    .contains(Severity.CAUTION);
        }

        @Test
        void theCutGoesAboveMetal() {
            Defect nail = defect(DefectKind.METAL, 0.25, 0.4);
            assertThat(severity(foundWithLay(with(nail), WINCH, 0.3), "defect:S1:d"))
                    .contains(Severity.STOP);
            assertThat(foundWithLay(with(nail), WINCH, 0.6))
                    .anyMatch(f -> f.key().equals("defect:S1:d")
                            && f.severity() == Severity.CAUTION
                            && Math.abs(Told.number(f, "above") - 0.55) < 1e-9);
            assertThat(found(with(defect(DefectKind.METAL, 0.5, 1.6))))
                    .anyMatch(f -> Told.text(f, "reachable").equals("false"));
            assertThat(found(with(defect(DefectKind.WIRE_SWELLING, 0.5, 0.6))))
                    .as("wire reaches beyond its swelling")
                    .anyMatch(f -> Math.abs(Told.number(f, "above") - 0.9) < 1e-9);
        }

        @Test
        void wedgesDriveNothingUnderLooseWood() {
            for (DefectKind k : List.of(DefectKind.DEAD_TOP, DefectKind.HANGING_LIMB, DefectKind.DEAD_LIMBS)) {
                assertThat(foundWithLay(with(defect(k, 15, 18)), Means.of(Means.Kind.WEDGES), 0.3))
                        .as(k.name())
                        .anyMatch(f -> f.key().equals("defect:S1:d")
                                && f.severity() == Severity.SECOND_OPINION
                                && Told.says(f, "SHAKEN_LOOSE"));
                assertThat(severity(foundWithLay(with(defect(k, 15, 18)), WINCH, 0.3), "defect:S1:d"))
                        .contains(Severity.CAUTION);
            }
        }

        @Test
        void cracksInDrySoilDifferFromCracksOfMovement() {
            assertThat(found(with(defect(DefectKind.SOIL_CRACKS, 0, 0)))).anyMatch(f -> Told.says(f, "SOIL_NOT_KNOWN"));
            assertThat(severity(
                            found(with(defect(DefectKind.SOIL_CRACKS, 0, 0, Tell.CRACKS_EVERYWHERE))), "defect:S1:d"))
                    .contains(Severity.NOTE);
            assertThat(severity(
                            found(with(defect(
                                    DefectKind.SOIL_CRACKS, 0, 0, Tell.CRACKS_EVERYWHERE, Tell.CURVED_ROUND_STEM))),
                            "defect:S1:d"))
                    .contains(Severity.SECOND_OPINION);
        }

        @Test
        void aSignThatSaysNothingAboutTheFaultIsRefused() {
            assertThatThrownBy(() -> defect(DefectKind.VINE, 1, 2, Tell.EDGE_LIFTED))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("VINE");
        }

        @Test
        void decayedWoodIsWhatTheProbesLeaveOfIt() {
            Defect cavity = defect(DefectKind.CAVITY, 0, 0.5);
            assertThat(foundWithLay(with(cavity), WINCH, 0.3))
                    .anyMatch(f -> f.key().equals("defect:S1:d") && Told.says(f, "NOT_PROBED"));
            assertThat(foundWithLay(probed(cavity, 0.2), WINCH, 0.3))
                    .anyMatch(f ->
                            f.key().equals("defect:S1:d") && f.says().name().startsWith("PROBED_"));
            assertThat(severity(foundWithLay(probed(cavity, 0.03), WINCH, 0.3), "defect:S1:d"))
                    .contains(Severity.SECOND_OPINION);
            LayPlan good = LayPlan.of(probed(cavity, 0.2), toward(0, WINCH), Samples.site(), LayPlan.Limits.USUAL);
            LayPlan bad = LayPlan.of(probed(cavity, 0.03), toward(0, WINCH), Samples.site(), LayPlan.Limits.USUAL);
            assertThat(good.control().proven()).isTrue();
            assertThat(bad.control().reasons()).anyMatch(r -> Told.says(r, "PROBED_CORNERS"));
        }

        private StemReading probed(Defect d, double wall) {
            StemReading r = with(d);
            List<FieldBook.Wall> walls = List.of(
                    new FieldBook.Wall(90, 0.3, new Estimate(wall, 0.015), true),
                    new FieldBook.Wall(270, 0.3, new Estimate(wall, 0.015), true),
                    new FieldBook.Wall(180, 0.3, new Estimate(wall, 0.015), true));
            return new StemReading(
                    r.label(),
                    r.species(),
                    r.state(),
                    r.at(),
                    r.dbh(),
                    r.height(),
                    r.lean(),
                    r.crownRadiusM(),
                    r.wood(),
                    r.shape(),
                    r.crown(),
                    r.defects(),
                    false,
                    new StemReading.More(Optional.empty(), walls, Optional.empty(), Optional.empty(), List.of(), 0));
        }

        @Test
        void aCrownTiedToANeighbourNamesIt() {
            Situation s = situation(Samples.site(), with(defect(DefectKind.TIED_CROWN, 10, 12)), Optional.empty());
            List<Situation.StemFacts> two =
                    List.of(s.stems().get(0), facts(oak("S7", new Spot(3, 4), List.of()), Optional.empty()));
            Situation both = new Situation(
                    s.rules(),
                    s.site(),
                    s.gustMs(),
                    s.windLimitMs(),
                    two,
                    s.rings(),
                    s.hangs(),
                    s.steps(),
                    s.people(),
                    s.planner(),
                    s.guards(),
                    s.place());
            assertThat(Findings.of(both))
                    .anyMatch(f -> Told.text(f, "nearest").equals("S7") && Math.abs(Told.number(f, "away") - 5) < 1e-9);
        }

        @Test
        void stemsOfOneStumpAreCutSingly() {
            StemReading r = with();
            StemReading joined = new StemReading(
                    r.label(),
                    r.species(),
                    r.state(),
                    r.at(),
                    r.dbh(),
                    r.height(),
                    r.lean(),
                    r.crownRadiusM(),
                    r.wood(),
                    r.shape(),
                    r.crown(),
                    r.defects(),
                    false,
                    new StemReading.More(
                            Optional.empty(),
                            List.of(),
                            Optional.of(new Estimate(0.05, 0.02)),
                            Optional.of(new StemReading.Union(List.of("S2"), 0.8)),
                            List.of(Message.of(BookRemark.HEIGHTS_DISAGREE)),
                            2));
            List<Finding> f = found(joined);
            assertThat(severity(f, "union:S1")).contains(Severity.CAUTION);
            assertThat(severity(f, "heave:S1")).contains(Severity.SECOND_OPINION);
            assertThat(severity(f, "disagree:S1")).contains(Severity.CAUTION);
            assertThat(severity(f, "waiting:S1")).contains(Severity.NOTE);
        }
    }

    @Nested
    class Ways {
        @Test
        void aSoundStandingStemIsOfferedTheEasiestWay() {
            StemReading r = with();
            Situation s = situation(Samples.site(), r, Optional.empty());
            Dial dial = Dial.of(r, toward(0, Means.of(Means.Kind.WEDGES)), Samples.site(), LayPlan.Limits.USUAL);
            assertThat(Verdicts.of(facts(r, Optional.empty()), s, Optional.of(dial), Optional.of(dial))
                            .offered())
                    .isEqualTo(Verdict.FELL_FROM_GROUND);
        }

        @Test
        void everyWayIsListedWithWhatItNeedsOrWhyItIsExcluded() {
            StemReading r = with(defect(DefectKind.SPLIT_UNION, 1, 2));
            Verdicts v = Verdicts.of(
                    facts(r, Optional.empty()),
                    situation(Samples.site(), r, Optional.empty()),
                    Optional.empty(),
                    Optional.empty());
            assertThat(v.options()).extracting(Verdicts.Option::verdict).containsExactly(Verdict.values());
            assertThat(v.options()).filteredOn(o -> o.verdict().felled()).allMatch(Verdicts.Option::excluded);
            assertThat(v.options())
                    .filteredOn(o -> o.verdict() == Verdict.DISMANTLE)
                    .allMatch(o -> o.against().stream().anyMatch(a -> Told.says(a, "NOT_CLIMBED")));
            assertThat(v.offered()).isEqualTo(Verdict.LEAVE_AND_CLOSE);
        }

        @Test
        void aMachineThatGetsInMakesMachineOnlyPossible() {
            machines = List.of(TRACKED);
            StemReading r = with(defect(DefectKind.SPLIT_UNION, 1, 2));
            assertThat(Verdicts.of(
                                    facts(r, Optional.empty()),
                                    situation(Samples.site(), r, Optional.empty()),
                                    Optional.empty(),
                                    Optional.empty())
                            .offered())
                    .isEqualTo(Verdict.MACHINE_ONLY);
        }

        @Test
        void walkingAwayIsNeverExcluded() {
            for (StemState state : StemState.values()) {
                StemReading r = Samples.stem(
                        "S1",
                        HERE,
                        state,
                        Optional.empty(),
                        org.antevid.core.stem.Condition.UNRELIABLE,
                        List.of(defect(DefectKind.BROKEN_BASE, 0, 1)));
                assertThat(Verdicts.of(
                                        facts(r, Optional.empty()),
                                        situation(Samples.site(), r, Optional.empty()),
                                        Optional.empty(),
                                        Optional.empty())
                                .options())
                        .filteredOn(o -> o.verdict() == Verdict.WALK_AWAY)
                        .noneMatch(Verdicts.Option::excluded);
            }
        }

        @Test
        void choosingWhatIsExcludedAsksForASecondOpinion() {
            chosen.put("S1", Verdict.FELL_FROM_GROUND);
            assertThat(severity(found(with(defect(DefectKind.SPLIT_UNION, 1, 2))), "verdict:S1"))
                    .contains(Severity.SECOND_OPINION);
            assertThat(severity(found(with()), "verdict:S1")).isEmpty();
        }

        @Test
        void climbersNeedSomebodyWhoBringsThemDown() {
            people = List.of(new Person("a", "Ada Fenwright", Set.of(Competence.CLIMB)));
            StemReading r = with();
            Verdicts v = Verdicts.of(
                    facts(r, Optional.empty()),
                    situation(Samples.site(), r, Optional.empty()),
                    Optional.empty(),
                    Optional.empty());
            assertThat(v.options())
                    .filteredOn(o -> o.verdict() == Verdict.DISMANTLE)
                    .allMatch(o -> o.against()
                            .contains(Message.of(Exclusion.NOBODY_COMPETENT)
                                    .with("competences", Arg.terms(List.of(Competence.RESCUE)))));
        }
    }
}
