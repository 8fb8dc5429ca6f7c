package org.antevid.core.trial;

import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.situation;
import static org.antevid.core.Samples.stem;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Told;
import org.antevid.core.assist.ProposedLine;
import org.antevid.core.assist.Rig;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.NextHelp;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.lay.sweep.Block;
import org.antevid.core.message.Arg;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Outline;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.core.stem.Wood;
import org.junit.jupiter.api.Test;

/**
 * What the site puts into the sums: the line's pull, trunks that stand, ground that falls away, wood that dries. One
 * fault on real work each.
 */
class OnSiteTest {
    private static final Spot HERE = new Spot(0, 0);

    private static LayPlan plan(StemReading s, LayChoice c, Site site) {
        return LayPlan.of(s, c, site, LayPlan.Limits.USUAL);
    }

    private static Means line(double pullN, Rig.PullBegin when) {
        return new Means(
                Means.Kind.MACHINE_LINE,
                Optional.of(12.0),
                Optional.of(50.0),
                Optional.of(pullN),
                Optional.empty(),
                Optional.empty(),
                0,
                new Rig(
                        Rig.Tie.TIED,
                        0,
                        1,
                        0.9,
                        4,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        when));
    }

    private static LayChoice walking(Means m) {
        return toward(0, m).leaving(new Leaving(Set.of(), Optional.empty(), Leaving.Clock.AT_MOVEMENT));
    }

    private static List<Finding> found(StemReading s, LayChoice c, Site site) {
        return Findings.of(situation(
                site,
                List.of(new Situation.StemFacts(
                        s, Optional.of(plan(s, c, site)), true, Optional.of(Shape.disc(HERE, 4)))),
                List.of(),
                List.of()));
    }

    private static Site level(Feature... features) {
        return new Site(Ground.LEVEL, List.of(features));
    }

    @Test
    void aPulledStemIsDownSoonerThanItsLeanSays() {
        double alone = plan(oak("S1", HERE, List.of()), walking(Means.of(Means.Kind.NOTHING)), level())
                .fallTime()
                .fastS()
                .orElseThrow();
        double pulled = plan(oak("S1", HERE, List.of()), walking(line(1000, Rig.PullBegin.KERF_OPENS)), level())
                .fallTime()
                .fastS()
                .orElseThrow();
        double harder = plan(oak("S1", HERE, List.of()), walking(line(3000, Rig.PullBegin.KERF_OPENS)), level())
                .fallTime()
                .fastS()
                .orElseThrow();
        assertThat(pulled).isLessThan(alone);
        assertThat(harder).isLessThan(pulled);
    }

    @Test
    void aBackLeanerIsNotTimedAsAForwardLeaner() {
        StemReading forward =
                stem("S1", HERE, StemState.STANDING, Optional.of(new Lean(4, 0, 0.5)), Condition.SOUND, List.of());
        StemReading back =
                stem("S1", HERE, StemState.STANDING, Optional.of(new Lean(4, 180, 0.5)), Condition.SOUND, List.of());
        Means pull = line(5000, Rig.PullBegin.STRAP_RELEASED);
        assertThat(plan(back, walking(pull), level()).fallTime().fastS().orElseThrow())
                .isGreaterThan(
                        plan(forward, walking(pull), level()).fallTime().fastS().orElseThrow());
    }

    @Test
    void trunksThatStandBarTheWaysOut() {
        StemReading s = oak("S1", HERE, List.of());
        LayPlan open = plan(s, walking(Means.of(Means.Kind.NOTHING)), level());
        List<Site.Trunk> wall = java.util.stream.IntStream.range(0, 25)
                .mapToObj(i -> new Site.Trunk("T" + i, Shape.disc(HERE.at(90 + 180.0 * i / 24, 3), 0.4)))
                .toList();
        LayPlan shut = plan(s, walking(Means.of(Means.Kind.NOTHING)), level().withTrunks(wall));
        assertThat(open.escape().best()).isPresent();
        assertThat(shut.escape().best()).isEmpty();
        assertThat(shut.escape().routes()).allMatch(r -> r.blockedBy().stream()
                .anyMatch(b -> b instanceof Arg.Name n && n.text().startsWith("T")));
        assertThat(shut.judged().orElseThrow().blocks()).contains(new Block.NoWayOut());
        List<Site.Trunk> itself = List.of(new Site.Trunk("S1", Shape.disc(HERE, 0.3)));
        assertThat(plan(s, walking(Means.of(Means.Kind.NOTHING)), level().withTrunks(itself))
                        .escape()
                        .best())
                .as("the one that falls bars nobody")
                .isPresent();
    }

    @Test
    void whereNothingHoldsItTheRingIsOpenDownhillWhateverTheLay() {
        Site ice = new Site(
                Terrain.plane(new Ground(20, 90)), new Today(GroundState.SLIPPERY, CrownLoad.NONE, 9), List.of());
        StemReading s = oak("S1", HERE, List.of());
        for (double lay : new double[] {0, 90, 180, 270}) {
            LayChoice c = toward(lay, Means.of(Means.Kind.NOTHING));
            assertThat(plan(s, c, ice).zone().open()).as("lay %s", lay).isPresent();
            assertThat(found(s, c, ice)).anyMatch(f -> f.severity() == Severity.STOP && Told.says(f, "BELOW_OPEN"));
            LayChoice held = c.below(Optional.of(new LayChoice.Below("the ditch", 60, "Sefa Marsh")));
            assertThat(found(s, held, ice))
                    .noneMatch(f -> f.key().startsWith("below:") && f.severity() == Severity.STOP);
        }
        assertThat(plan(s, toward(0, Means.of(Means.Kind.NOTHING)), level())
                        .zone()
                        .open())
                .isEmpty();
    }

    @Test
    void anAnchorDownhillNeedsMorePullThanALevelOne() {
        StemReading back =
                stem("S1", HERE, StemState.STANDING, Optional.of(new Lean(3, 180, 0.5)), Condition.SOUND, List.of());
        LayChoice c = toward(0, line(20000, Rig.PullBegin.STRAP_RELEASED));
        Site down = new Site(Terrain.plane(new Ground(14, 0)), Today.STILL, List.of());
        Site up = new Site(Terrain.plane(new Ground(14, 180)), Today.STILL, List.of());
        double level = plan(back, c, level()).control().neededN().orElseThrow();
        assertThat(plan(back, c, down).control().neededN().orElseThrow()).isGreaterThan(level);
        assertThat(plan(back, c, up).control().neededN().orElseThrow()).isLessThan(level);
    }

    @Test
    void aRedirectEatsPartOfThePull() {
        Means straight = line(20000, Rig.PullBegin.STRAP_RELEASED);
        Means round = new Means(
                straight.kind(),
                straight.ropeHeightM(),
                straight.anchorDistM(),
                straight.pullN(),
                Optional.of(new Spot(0, 50)),
                Optional.of(new Spot(40, 50)),
                0,
                straight.rig());
        assertThat(round.tensionN().orElseThrow())
                .isCloseTo(0.9 * straight.tensionN().orElseThrow(), within(1e-6));
    }

    @Test
    void anEmptiedPenOrClosedRoadIsWorthWhatStays() {
        Feature road = new Feature(
                "r",
                "lane",
                FeatureKind.ROAD,
                Shape.disc(new Spot(0, 10), 2),
                4,
                false,
                Protection.CLOSE,
                "Sefa",
                true);
        Feature planned = new Feature(
                "r",
                "lane",
                FeatureKind.ROAD,
                Shape.disc(new Spot(0, 10), 2),
                4,
                false,
                Protection.CLOSE,
                "Sefa",
                false);
        assertThat(road.worthNow()).isEqualTo(1);
        assertThat(planned.worthNow()).isEqualTo(4);
        Feature house = new Feature(
                "h",
                "house",
                FeatureKind.BUILDING,
                Shape.disc(new Spot(0, 10), 2),
                4,
                false,
                Protection.EMPTY,
                "Sefa",
                true);
        assertThat(house.worthNow()).as("an empty house still stands there").isGreaterThan(1);
    }

    @Test
    void oneRottenCornerLeavesTheOtherItsStrength() {
        StemReading one = oak("S1", HERE, List.of());
        StemReading left = withWood(
                one,
                new Wood(
                        Condition.DECAYED,
                        Condition.SOUND,
                        Condition.SOUND,
                        Condition.SOUND,
                        Condition.SOUND,
                        Optional.of(0.0)));
        StemReading all = withWood(one, Wood.all(Condition.DECAYED));
        LayChoice c = toward(0, Means.of(Means.Kind.NOTHING));
        double sound =
                plan(one, c, level()).judged().orElseThrow().control().hold().capacityNm();
        double corner =
                plan(left, c, level()).judged().orElseThrow().control().hold().capacityNm();
        double rotten =
                plan(all, c, level()).judged().orElseThrow().control().hold().capacityNm();
        assertThat(corner).isBetween(rotten, sound);
        assertThat(corner).isGreaterThan(0.3 * sound);
        assertThat(found(left, c, level()))
                .anyMatch(f -> f.severity() == Severity.SECOND_OPINION && Told.says(f, "ROTTEN_CORNER"));
    }

    private static StemReading withWood(StemReading s, Wood wood) {
        return new StemReading(
                s.label(),
                s.species(),
                s.state(),
                s.at(),
                s.dbh(),
                s.height(),
                s.lean(),
                s.crownRadiusM(),
                wood,
                s.shape(),
                s.crown(),
                s.defects(),
                s.toBeKept(),
                s.more());
    }

    @Test
    void deadWoodWeighsDryToWet() {
        StemMass green = oak("S1", HERE, List.of()).mass(0.3).orElseThrow();
        StemMass old = withWood(oak("S1", HERE, List.of()), Wood.all(Condition.DEAD_OLD))
                .mass(0.3)
                .orElseThrow();
        assertThat(old.massKg()).isLessThan(green.massKg());
        assertThat(old.massLowKg()).isLessThan(0.6 * green.massKg());
        assertThat(old.massHighKg()).as("soaked it weighs as much as green").isGreaterThan(green.massKg());
    }

    @Test
    void aClearSoundClearsLooseBarkAndADullOneDoesNot() {
        Defect clear = new Defect(
                "d",
                DefectKind.LOOSE_BARK,
                0,
                1.2,
                0,
                "hammered by Imre",
                Optional.empty(),
                Optional.empty(),
                Defect.Found.SOUNDED,
                tells(false));
        Defect dull = new Defect(
                "d",
                DefectKind.LOOSE_BARK,
                0,
                1.2,
                0,
                "hammered by Imre",
                Optional.empty(),
                Optional.empty(),
                Defect.Found.SOUNDED,
                tells(true));
        assertThat(found(oak("S1", HERE, List.of(clear)), toward(0, Means.of(Means.Kind.NOTHING)), level()))
                .filteredOn(f -> f.key().startsWith("defect:"))
                .allMatch(f ->
                        f.severity() == Severity.NOTE && Told.text(f, "note").contains("Imre"));
        assertThat(found(oak("S1", HERE, List.of(dull)), toward(0, Means.of(Means.Kind.NOTHING)), level()))
                .filteredOn(f -> f.key().startsWith("defect:"))
                .anyMatch(f -> f.severity() != Severity.NOTE);
    }

    private static List<Tell> tells(boolean bad) {
        return DefectKind.LOOSE_BARK.tells().stream()
                .filter(t -> t.bad() == bad)
                .limit(1)
                .toList();
    }

    @Test
    void theHeightAdvisedOverMetalClearsTheRuleOfMetal() {
        StemReading s = oak("S1", HERE, List.of(new Defect("d", DefectKind.METAL, 0.2, 0.4, 0, "")));
        LayChoice low =
                new LayChoice(0, 0.3, org.antevid.core.stump.School.OPEN_FACE, 0.45, Means.of(Means.Kind.NOTHING));
        CutPlan p = CutPlan.of(plan(s, low, level()), level());
        double advised = p.heights().suggested().orElseThrow();
        LayChoice over =
                new LayChoice(0, advised, org.antevid.core.stump.School.OPEN_FACE, 0.45, Means.of(Means.Kind.NOTHING));
        assertThat(found(s, low, level()))
                .anyMatch(f -> Told.text(f, "kind").equals("METAL") && f.severity() != Severity.NOTE);
        assertThat(found(s, over, level()))
                .as("advised %s m", advised)
                .noneMatch(f -> Told.text(f, "kind").equals("METAL") && f.severity() == Severity.STOP);
        assertThat(CutPlan.of(plan(s, over, level()), level())
                        .heights()
                        .suggested()
                        .orElseThrow())
                .isEqualTo(advised);
    }

    @Test
    void wedgesThatAreNotEnoughSayWhatIsNextAndWhatDoesItFirst() {
        StemReading s =
                stem("S1", HERE, StemState.STANDING, Optional.of(new Lean(1.6, 180, 0.4)), Condition.SOUND, List.of());
        ProposedLine at = ProposedLine.on(new org.antevid.core.quantity.Estimate(20, 0.5), true, Optional.of(18.0));
        Means hand =
                new Means(Means.Kind.HAND_LINE, Optional.of(at.tieM()), Optional.of(at.anchorM()), Optional.of(1000.0));
        LayChoice one = toward(0, Means.of(Means.Kind.WEDGES))
                .by(new Support(
                        Optional.empty(),
                        Optional.empty(),
                        new org.antevid.core.assist.Wedges.Set("wedge", 0.025, 0.2, 1, 1),
                        false));
        CutPlan p = CutPlan.of(plan(s, one, level()), level());
        assertThat(p.wedges().orElseThrow().enough()).isFalse();
        List<NextHelp> next = p.next(level(), List.of(hand));
        assertThat(next)
                .extracting(NextHelp::kind)
                .contains(NextHelp.Kind.THINNER_HINGE, NextHelp.Kind.MORE_WEDGES, NextHelp.Kind.HAND_LINE)
                .doesNotContain(NextHelp.Kind.LEVER);
        assertThat(next.stream().map(NextHelp::enough).toList())
                .as("what does it stands before what does not")
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(next)
                .filteredOn(n -> n.kind() == NextHelp.Kind.THINNER_HINGE)
                .allMatch(n -> Math.round(1000 * ((Arg.Amount) n.says().args().get("thin")).value()) == 41
                        && Math.round(1000 * ((Arg.Amount) n.says().args().get("now")).value()) == 52);
        assertThat(CutPlan.of(
                                plan(oak("S1", HERE, List.of()), toward(0, Means.of(Means.Kind.WEDGES)), level()),
                                level())
                        .next(level(), List.of(hand)))
                .as("nothing where they are")
                .isEmpty();
    }

    @Test
    void peopleWhoAreEnoughInStillAirWaitForALullAndAreNotStopped() {
        StemReading back = new StemReading(
                "S1",
                org.antevid.core.stem.Species.PICEA,
                StemState.STANDING,
                HERE,
                Optional.of(new org.antevid.core.quantity.Estimate(0.3, 0.01)),
                Optional.of(new org.antevid.core.quantity.Estimate(18, 0.4)),
                Optional.of(new Lean(0.8, 180, 0.5)),
                Optional.of(2.0),
                Condition.SOUND,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_CONIFER,
                List.of(),
                false);
        ProposedLine at = ProposedLine.on(back.height().orElseThrow(), true, Optional.of(16.0));
        LayChoice c = toward(
                0,
                new Means(
                        Means.Kind.HAND_LINE, Optional.of(at.tieM()), Optional.of(at.anchorM()), Optional.of(1000.0)));
        Site breezy = new Site(
                Terrain.plane(Ground.LEVEL),
                new Today(GroundState.FIRM, CrownLoad.NONE, 9, Optional.of(7.0)),
                List.of());
        List<Finding> found = found(back, c, breezy);
        assertThat(found)
                .anyMatch(f -> f.key().equals("rig:S1:lull")
                        && f.severity() == Severity.CAUTION
                        && Told.text(f, "piece").equals("LULL"));
        assertThat(found)
                .as("what the tool proposes stops nothing")
                .noneMatch(f -> f.severity() == Severity.STOP
                        && (f.key().startsWith("rig:") || f.key().startsWith("puller:")));
        assertThat(found(back, c, level())).as("calm").noneMatch(f -> f.key().equals("rig:S1:lull"));
    }

    @Test
    void aProposedLineStandsOnFreeGroundOrSaysThatThereIsNone() {
        Means hand = new Means(Means.Kind.HAND_LINE, Optional.of(11.0), Optional.of(36.0), Optional.of(1000.0));
        Feature barn = new Feature(
                "b",
                "barn",
                FeatureKind.BUILDING,
                Shape.disc(new Spot(0, 38), 4),
                3,
                false,
                Protection.NONE,
                "",
                false);
        Feature hall = new Feature(
                "h",
                "hall",
                FeatureKind.BUILDING,
                Shape.disc(new Spot(0, 45), 20),
                3,
                false,
                Protection.NONE,
                "",
                false);
        assertThat(hand.onFreeGround(HERE, 0, level()).orElseThrow().anchorDistM())
                .contains(36.0);
        assertThat(hand.onFreeGround(HERE, 0, level(barn)).orElseThrow().anchorDistM())
                .contains(44.0);
        assertThat(hand.onFreeGround(HERE, 0, level(hall))).isEmpty();
        assertThat(hand.onFreeGround(HERE, 90, level(hall)).orElseThrow().anchorDistM())
                .as("another lay has room")
                .contains(36.0);
    }

    @Test
    void theOutlineIsTheTaperTheWeightIsComputedFrom() {
        StemReading s = oak("S1", HERE, List.of());
        Outline o = Outline.of(s).orElseThrow();
        assertThat(o.crownAssumed()).isTrue();
        assertThat(o.crownFromM()).isCloseTo(10, within(1e-9));
        assertThat(o.stem().get(o.stem().size() - 1).halfM()).isZero();
        assertThat(o.stem()).isSortedAccordingTo((a, b) -> Double.compare(b.halfM(), a.halfM()));
        assertThat(2 * o.stem().get(0).halfM())
                .as("thicker at the foot than at breast height")
                .isGreaterThan(0.5);
    }
}
