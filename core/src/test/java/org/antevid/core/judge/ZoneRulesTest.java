package org.antevid.core.judge;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.situation;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Told;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.Bed;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;

/** Who stands where, checked against every zone; and whether there is time to get out. */
class ZoneRulesTest {
    private static final Spot HERE = new Spot(0, 0);

    private static Situation.StemFacts fell(StemReading s, LayChoice c, Site site, Zone.Clip... clips) {
        return new Situation.StemFacts(
                s,
                Optional.of(LayPlan.of(s, c, site, LayPlan.Limits.USUAL)),
                true,
                Optional.of(Shape.disc(s.at(), 5)),
                List.of(clips));
    }

    private static Step felling(String id, int turn, String stem, int from, Step.Post... posts) {
        return new Step(id, turn, Step.Kind.FELL, Optional.of(stem), from, from + 30, false, List.of(posts));
    }

    private static Step.Post post(Role role, String who, double east, double north) {
        return new Step.Post(role, who, Optional.of(new Spot(east, north)));
    }

    private static List<Finding> found(Site site, List<Situation.StemFacts> stems, Step... steps) {
        return Findings.of(situation(site, stems, List.of(), List.of(steps)));
    }

    @Test
    void nobodyStandsBesideALoadedLineButItsOperatorAtTheEnd() {
        List<Situation.StemFacts> s1 = List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH), site()));
        assertThat(found(site(), s1, felling("a", 1, "S1", 0, post(Role.WINCH, "tove", 2, 52))))
                .as("behind the machine is its operator's place")
                .noneMatch(f -> f.key().startsWith("zone:a:LINE:"));
        assertThat(found(site(), s1, felling("a", 1, "S1", 0, post(Role.LOOKOUT, "sefa", 2, 52))))
                .as("and nobody else's")
                .anyMatch(f -> f.key().equals("zone:a:LINE:sefa"));
        assertThat(found(site(), s1, felling("a", 1, "S1", 0, post(Role.LOOKOUT, "sefa", 5, 45))))
                .anyMatch(f -> f.key().equals("zone:a:LINE:sefa") && f.severity() == Severity.STOP);
        assertThat(found(site(), s1, felling("a", 1, "S1", 0, post(Role.LOOKOUT, "sefa", -45, 0))))
                .noneMatch(f -> f.key().startsWith("zone:a:LINE:"));
    }

    @Test
    void aClippedRingLetsPeopleStandBehindTheWall() {
        Shape behind = Shape.polygon(List.of(new Spot(20, -60), new Spot(80, -60), new Spot(80, 60), new Spot(20, 60)));
        Step step = felling("a", 1, "S1", 0, post(Role.LOOKOUT, "sefa", 30, 0));
        assertThat(found(site(), List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH), site())), step))
                .anyMatch(f -> f.key().equals("inside:a:sefa"));
        assertThat(found(
                        site(),
                        List.of(fell(
                                oak("S1", HERE, List.of()),
                                toward(0, WINCH),
                                site(),
                                new Zone.Clip(Zone.Kind.RING, behind, "lock wall"))),
                        step))
                .noneMatch(f -> f.key().equals("inside:a:sefa"));
    }

    @Test
    void behindAClippedRingTheDropZoneStillCounts() {
        Shape behind = Shape.disc(new Spot(0, 3), 30);
        Situation.StemFacts f = fell(
                oak("S1", HERE, List.of()),
                toward(0, Means.of(Means.Kind.NOTHING)),
                site(),
                new Zone.Clip(Zone.Kind.RING, behind, "wrongly drawn"));
        assertThat(found(site(), List.of(f), felling("a", 1, "S1", 0, post(Role.LOOKOUT, "sefa", 0, 4))))
                .anyMatch(x -> x.key().equals("zone:a:DROP:sefa") && x.severity() == Severity.STOP)
                .noneMatch(x -> x.key().equals("inside:a:sefa"));
    }

    @Test
    void machinesAndTheMeetingPointAreCheckedAsTheyAreDrawn() {
        Feature gate = new Feature(
                "g",
                "white gate",
                FeatureKind.MEETING_POINT,
                Shape.disc(new Spot(10, 10), 1),
                0,
                false,
                Protection.NONE,
                "",
                false);
        Feature winch = new Feature(
                "w",
                "winch",
                FeatureKind.MACHINE_STAND,
                Shape.disc(new Spot(0, 50), 1),
                0,
                false,
                Protection.NONE,
                "",
                false);
        Site place = site(gate, winch);
        List<Finding> found = found(
                place, List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH), place)), felling("a", 1, "S1", 0));
        assertThat(found)
                .anyMatch(f -> f.key().equals("place:a:g")
                        && Told.text(f, "place").equals("white gate")
                        && Told.text(f, "zone").equals("RING"));
        assertThat(found).as("the winch at its line's end").noneMatch(f -> f.key()
                .equals("place:a:w"));
    }

    @Test
    void aWayOutDoesNotLeadBeneathAHungStem() {
        Site place = site().withDangers(List.of(new Site.Danger(
                "S2", Shape.polygon(List.of(new Spot(2, -9), new Spot(9, -9), new Spot(9, 0), new Spot(2, 0))))));
        LayPlan p = LayPlan.of(oak("S1", HERE, List.of()), toward(0, WINCH), place, LayPlan.Limits.USUAL);
        assertThat(p.escape().routes().get(0).blockedBy())
                .contains(Arg.said(Message.of(EscapeRoutes.Bar.BENEATH).with("stem", Arg.name("S2"))));
        assertThat(p.escape().routes().get(0).way().map(w -> w.azimuthDeg()).orElse(0.0))
                .as("not the usual 135 degrees")
                .isNotEqualTo(135.0);
    }

    @Test
    void aHingeWithMuchSideLeanAsksForAGuy() {
        for (double lean = 1; lean < 8; lean += 0.25) {
            StemReading aside = org.antevid.core.Samples.stem(
                    "S1", HERE, StemState.STANDING, Optional.of(new Lean(lean, 90, 0.4)), Condition.SOUND, List.of());
            Situation.StemFacts f = fell(aside, toward(0, WINCH), site());
            double use = f.lay().orElseThrow().judged().orElseThrow().control().use();
            assertThat(found(site(), List.of(f)).stream().anyMatch(x -> x.key().equals("side:S1")))
                    .as("use %s", use)
                    .isEqualTo(use >= 0.6 && use < 1);
        }
    }

    @Test
    void twoCrewsAtOnceKeepTwoLengthsApart() {
        List<Situation.StemFacts> both = List.of(
                fell(oak("S1", HERE, List.of()), toward(0, WINCH), site()),
                fell(oak("S2", new Spot(30, 0), List.of()), toward(0, WINCH), site()));
        Step.Post nadia = new Step.Post(Role.CUTTER, "nadia", Optional.empty());
        Step.Post imre = new Step.Post(Role.CUTTER, "imre", Optional.empty());
        assertThat(found(site(), both, felling("a", 1, "S1", 0, nadia), felling("b", 2, "S2", 10, imre)))
                .anyMatch(f -> f.key().equals("apart:a:b:imre") && f.severity() == Severity.STOP)
                .anyMatch(f -> f.key().equals("apart:b:a:nadia"));
        assertThat(found(site(), both, felling("a", 1, "S1", 0, nadia), felling("b", 2, "S2", 30, imre)))
                .as("one after the other")
                .noneMatch(f -> f.key().startsWith("apart:"));
    }

    @Test
    void whoPullsStandsOutOfReachOrTheLineIsRedirected() {
        Means near = new Means(Means.Kind.MACHINE_LINE, Optional.of(12.0), Optional.of(18.0), Optional.of(20000.0));
        assertThat(found(site(), List.of(fell(oak("S1", HERE, List.of()), toward(0, near), site()))))
                .anyMatch(f -> f.key().equals("puller:S1") && f.severity() == Severity.STOP);
        assertThat(found(site(), List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH), site()))))
                .noneMatch(f -> f.key().equals("puller:S1"));
        Means redirected = new Means(
                Means.Kind.MACHINE_LINE,
                Optional.of(12.0),
                Optional.empty(),
                Optional.of(20000.0),
                Optional.of(new Spot(0, 18)),
                Optional.of(new Spot(40, 18)),
                0);
        assertThat(found(site(), List.of(fell(oak("S1", HERE, List.of()), toward(0, redirected), site()))))
                .noneMatch(f -> f.key().equals("puller:S1"));
        Means hands = new Means(Means.Kind.HAND_LINE, Optional.of(12.0), Optional.of(35.0), Optional.empty());
        assertThat(found(site(), List.of(fell(oak("S1", HERE, List.of()), toward(0, hands), site()))))
                .as("two lengths by hand")
                .anyMatch(f -> f.key().equals("puller:S1"));
    }

    @Test
    void aMovedPlateIsCoveredByNoLay() {
        StemReading lifted = oak("S1", HERE, List.of(new Defect("d", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 90, "")));
        assertThat(found(site(), List.of(fell(lifted, toward(0, WINCH), site()))))
                .anyMatch(f -> f.key().equals("plate:S1") && f.severity() == Severity.SECOND_OPINION);
    }

    @Test
    void aLogInsideTwoThirdsIsACaution() {
        Feature log = new Feature(
                "l",
                "old log",
                FeatureKind.LANDING_BED,
                Shape.line(List.of(new Spot(-3, 7), new Spot(3, 7))),
                0,
                false,
                Protection.NONE,
                "",
                false,
                new Feature.Detail("", "", Optional.empty(), Optional.of(Bed.LOG)));
        assertThat(found(site(log), List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH), site(log)))))
                .anyMatch(f -> f.key().equals("bed:S1:l") && Told.says(f, "BED_LIFTS_BUTT"));
    }

    private static final Site ICE = new Site(
            org.antevid.core.site.Terrain.plane(org.antevid.core.site.Ground.LEVEL),
            new Today(GroundState.SLIPPERY, org.antevid.core.site.CrownLoad.NONE, 0),
            List.of());

    /** Leans far forward, so that it is down soon. */
    private static StemReading forward(double deg) {
        return org.antevid.core.Samples.stem(
                "S1", HERE, StemState.STANDING, Optional.of(new Lean(deg, 0, 0.5)), Condition.SOUND, List.of());
    }

    private static List<Finding> leaving(Leaving how) {
        return found(ICE, List.of(fell(forward(8), toward(0, WINCH).leaving(how), ICE)));
    }

    @Test
    void tooSlowStopsUntilThePlanChangesAndSaysWhatWould() {
        List<Finding> usual = leaving(Leaving.USUAL);
        assertThat(usual)
                .anyMatch(f -> f.key().equals("slow:S1")
                        && f.severity() == Severity.STOP
                        && Told.text(f, "stops").equals("true"));
        assertThat(
                        leaving(new Leaving(
                                        Set.of(EscapeRoutes.Side.values()),
                                        Optional.empty(),
                                        Leaving.Clock.AT_MOVEMENT))
                                .stream()
                                .filter(f -> f.key().equals("slow:S1"))
                                .findFirst()
                                .map(Finding::message))
                .as("cleared: gone, or at least not the same")
                .isNotEqualTo(usual.stream()
                        .filter(f -> f.key().equals("slow:S1"))
                        .findFirst()
                        .map(Finding::message));
        assertThat(leaving(new Leaving(Set.of(), Optional.of("S9"), Leaving.Clock.AT_MOVEMENT)))
                .anyMatch(f -> f.key().equals("cover:S1") && f.severity() == Severity.SECOND_OPINION)
                .noneMatch(f -> f.key().equals("slow:S1"));
    }

    @Test
    void aNamedCoverTreeIsASecondOpinionEvenWhereThereIsTime() {
        Leaving behind = new Leaving(Set.of(), Optional.of("S9"), Leaving.Clock.AT_MOVEMENT);
        List<Finding> inTime = found(
                site(),
                List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH).leaving(behind), site())));
        assertThat(inTime)
                .anyMatch(f -> f.key().equals("cover:S1") && f.severity() == Severity.SECOND_OPINION)
                .noneMatch(f -> f.key().equals("slow:S1"));
        assertThat(found(site(), List.of(fell(oak("S1", HERE, List.of()), toward(0, WINCH), site()))))
                .noneMatch(f -> f.key().equals("cover:S1"));
    }

    @Test
    void pullingAfterHeHasLeftNeedsAStrapThatHolds() {
        Leaving atPull = new Leaving(Set.of(), Optional.empty(), Leaving.Clock.AT_PULL);
        LayPlan p = LayPlan.of(forward(8), toward(0, WINCH).leaving(atPull), ICE, LayPlan.Limits.USUAL);
        boolean holds = p.strap().orElseThrow().holds();
        assertThat(leaving(atPull).stream().anyMatch(f -> f.key().equals("strap:S1")))
                .isEqualTo(!holds);
        assertThat(leaving(atPull)).noneMatch(f -> f.key().equals("slow:S1"));
        assertThat(found(
                        ICE,
                        List.of(fell(
                                forward(8),
                                toward(0, Means.of(Means.Kind.NOTHING)).leaving(atPull),
                                ICE))))
                .as("without a line nothing waits for a pull")
                .anyMatch(f -> f.key().equals("slow:S1"));
        LayPlan upright = LayPlan.of(forward(0.5), toward(0, WINCH).leaving(atPull), ICE, LayPlan.Limits.USUAL);
        assertThat(upright.strap().orElseThrow().ratio().orElse(99.0))
                .as("less lean leaves more in the strap")
                .isGreaterThan(p.strap().orElseThrow().ratio().orElse(0.0));
    }
}
