package org.antevid.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.ControlLine;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Holding;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.DragLine;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Members;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.PullPlan;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.Struck;
import org.antevid.core.tangle.picture.TiedOff;
import org.junit.jupiter.api.Test;

/** Rules of what hangs, lies and is tied. */
class TangleRulesTest {
    private static Member member(String label, StemState state, boolean measured) {
        StemReading r = new StemReading(
                label,
                Species.ALNUS,
                state,
                new Spot(0, 0),
                measured ? Optional.of(new Estimate(0.25, 0.01)) : Optional.empty(),
                measured ? Optional.of(new Estimate(12, 0.5)) : Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Condition.SOUND,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF,
                List.of(),
                false);
        return Members.of(r).seen();
    }

    private static Situation situation(boolean machine, List<Member> members, List<Rest> rests, Pile.Relation... rel) {
        return situation(
                new Picture.AtHand(machine, Optional.empty(), Optional.empty(), List.of()),
                members,
                rests,
                List.of(),
                List.of(),
                rel);
    }

    private static Situation situation(
            Picture.AtHand atHand,
            List<Member> members,
            List<Rest> rests,
            List<Struck> struck,
            List<Situation.Guard> guards,
            Pile.Relation... rel) {
        return Samples.tangled(
                new Picture(members, Set.of("T"), rests, List.of(rel), atHand, Ground.LEVEL, struck),
                guards,
                List.of(),
                List.of());
    }

    private static Optional<Finding> found(Situation s, RuleId rule) {
        return Findings.of(s).stream().filter(f -> f.rule() == rule).findFirst();
    }

    @Test
    void aHungStemNobodyMeasuredStopsUntilItsRingIsKnown() {
        assertThat(found(
                        situation(false, List.of(member("S1", StemState.HUNG, false)), List.of()),
                        RuleId.RING_NOT_KNOWN))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(
                        situation(false, List.of(member("S1", StemState.HUNG, true)), List.of()),
                        RuleId.RING_NOT_KNOWN))
                .isEmpty();
    }

    private static final Pile.Relation THERE = new Pile.Relation("S1", Pile.Type.RESTS_ON, "S2");
    private static final Pile.Relation BACK = new Pile.Relation("S2", Pile.Type.RESTS_ON, "S1");

    private static Picture.AtHand holding(Holding... held) {
        return new Picture.AtHand(true, Optional.empty(), Optional.empty(), List.of(held));
    }

    private static Holding by(Holding.By by, double ratedN, boolean anchorSound, String who) {
        return new Holding("S1", by, Optional.of(ratedN), anchorSound, who);
    }

    @Test
    void stemsThatHoldEachOtherStopUntilOneIsHeldByWhatIsRatedForItAndMinded() {
        List<Member> two = List.of(member("S1", StemState.LYING, true), member("S2", StemState.LYING, true));
        assertThat(found(situation(false, two, List.of(), THERE, BACK), RuleId.RING_OF_STEMS))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(situation(true, two, List.of(), THERE, BACK), RuleId.RING_OF_STEMS))
                .as("a machine that is merely there holds nothing")
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(situation(false, two, List.of(), THERE), RuleId.RING_OF_STEMS))
                .isEmpty();
        assertThat(found(held(two, by(Holding.By.MACHINE, 60000, true, "Tove")), RuleId.RING_OF_STEMS))
                .isEmpty();
        for (Holding weak : List.of(
                by(Holding.By.MACHINE, 1000, true, "Tove"),
                by(Holding.By.MACHINE, 60000, true, " "),
                by(Holding.By.CHAIN_TO_TREE, 60000, false, "Tove"),
                new Holding("S1", Holding.By.CRANE, Optional.empty(), true, "Tove"))) {
            assertThat(found(held(two, weak), RuleId.RING_OF_STEMS))
                    .as("%s", weak)
                    .isPresent();
        }
        List<Member> unmeasured = List.of(member("S1", StemState.LYING, false), member("S2", StemState.LYING, true));
        assertThat(found(held(unmeasured, by(Holding.By.MACHINE, 60000, true, "Tove")), RuleId.RING_OF_STEMS))
                .as("nobody knows what it has to carry")
                .isPresent();
    }

    private static Situation held(List<Member> members, Holding h) {
        return situation(holding(h), members, List.of(), List.of(), List.of(), THERE, BACK);
    }

    @Test
    void afterAStepItIsEnteredAnewBeforeTheNextAndAfterAGustLookedAt() {
        Member lying = member("S1", StemState.LYING, true);
        Situation moved = situation(false, List.of(again(lying, LookAgain.STEP_DONE)), List.of());
        assertThat(found(moved, RuleId.PICTURE_NOT_REENTERED))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        Situation gust = situation(false, List.of(again(lying, LookAgain.GUST)), List.of());
        assertThat(found(gust, RuleId.PICTURE_OLD))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.CAUTION);
        assertThat(Findings.of(situation(false, List.of(lying), List.of())))
                .noneMatch(f -> f.rule() == RuleId.PICTURE_NOT_REENTERED || f.rule() == RuleId.PICTURE_OLD);
    }

    private static Member again(Member m, LookAgain why) {
        return Members.of(m.reading()).lookAgain(why).seen();
    }

    /** A tape at 34 m around a stem of which nobody is within 42 m downhill. */
    @Test
    void aClosureThatEndsInsideTheRingIsAStopAndOneThatGoesRoundItIsNone() {
        Member hung = member("S1", StemState.HUNG, true);
        GuardRing ring = Picture.ringAlone(hung, Ground.LEVEL);
        double reach = ring.reachM().orElseThrow();
        Shape ground = ring.on(new Spot(0, 0), List.of(new Spot(0, 0)), Ground.LEVEL, 30);
        GuardRing.Closed near = ring.measured(new GuardRing.Closure(reach - 3, reach - 3, false));
        assertThat(near.shortM()).get().isEqualTo(3.0);
        assertThat(found(guarded(hung, near), RuleId.CLOSURE_SHORT))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        GuardRing.Closed wide = ring.measured(new GuardRing.Closure(reach, reach, false));
        assertThat(found(guarded(hung, wide), RuleId.CLOSURE_SHORT)).isEmpty();
        assertThat(found(guarded(hung, wide), RuleId.NO_GUARD))
                .as("closed all the way round is left marked")
                .isEmpty();
        assertThat(ring.measured(ground, Shape.disc(new Spot(0, 0), reach + 1)).ok())
                .isTrue();
        assertThat(ring.measured(ground, Shape.disc(new Spot(4, 0), reach + 1)).shortM())
                .get()
                .satisfies(m -> assertThat(m).isBetween(2.9, 3.1));
    }

    private static Situation guarded(Member hung, GuardRing.Closed closed) {
        return situation(
                holding(),
                List.of(hung),
                List.of(),
                List.of(),
                List.of(new Situation.Guard(hung.label(), "", "", Optional.of(closed))));
    }

    @Test
    void whatLiesOnARoofWaitsUntilEachQuestionIsAnswered() {
        List<Member> one = List.of(member("S1", StemState.LYING, true));
        assertThat(found(on(one, FeatureKind.BUILDING, Set.of(Struck.Question.PEOPLE_OUT)), RuleId.BUILDING_NOT_ASKED))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(on(one, FeatureKind.BUILDING, Set.of(Struck.Question.values())), RuleId.BUILDING_NOT_ASKED))
                .isEmpty();
        assertThat(found(on(one, FeatureKind.SURFACE, Set.of()), RuleId.BUILDING_NOT_ASKED))
                .as("paving asks nothing")
                .isEmpty();
    }

    private static Situation on(List<Member> members, FeatureKind kind, Set<Struck.Question> answered) {
        return situation(
                holding(), members, List.of(), List.of(new Struck("f", "Boathouse", kind, answered)), List.of());
    }

    @Test
    void whatIsOnlySupposedIsSaidAndASoundPileIsNotStopped() {
        List<Member> one = List.of(member("S1", StemState.LYING, true));
        Rest supposed = new Rest(
                "r",
                "S1",
                4,
                Rest.On.GROUND,
                Optional.empty(),
                Support.Side.BELOW,
                0,
                Optional.empty(),
                Rest.Certainty.SUPPOSED);
        assertThat(found(situation(false, one, List.of(supposed)), RuleId.REST_SUPPOSED))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.CAUTION);
        assertThat(Findings.of(situation(false, one, List.of())))
                .as("a measured alder lying on the ground is ordinary work")
                .noneMatch(f -> f.severity() == Severity.STOP && f.stage() == Stage.TANGLE);
    }

    /** Recorded before somebody decided that the tree stays: the job still opens, and says it. */
    @Test
    void aKeptTreeThatRestsOnWhatGoesIsAStopAndNoFault() {
        Situation s = situation(
                false,
                List.of(member("S1", StemState.LYING, true)),
                List.of(),
                new Pile.Relation("T", Pile.Type.RESTS_ON, "S1"));
        assertThat(found(s, RuleId.KEPT_COMES_DOWN))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(s.rings()).as("the order of the rest is still made").containsKey("S1");
    }

    @Test
    void aTieNobodyLookedAtIsACaution() {
        Situation s = situation(
                false,
                List.of(member("S1", StemState.LYING, true)),
                List.of(),
                new Pile.Relation("T", Pile.Type.BOUND, "S1"));
        assertThat(found(s, RuleId.TIE_NOT_KNOWN))
                .get()
                .extracting(f -> f.about("S1"))
                .isEqualTo(true);
    }

    private static Members hungNorthward() {
        return Members.of(member("S1", StemState.HUNG, true).reading()).lies(0, 0, 0.3, 0, 10, 6);
    }

    private static Member dragged(Optional<Spot> redirect) {
        return hungNorthward()
                .draggedBy(new DragLine(new Spot(30, -30), redirect))
                .seen();
    }

    /** The butt is dragged south round a block to a winch in the south-east. */
    @Test
    void nobodyStandsInTheBendOfARedirectedLine() {
        Step inside = step(new Spot(10, -25));
        assertThat(found(with(dragged(Optional.of(new Spot(0, -30))), inside), RuleId.STANDS_IN_BIGHT))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(with(dragged(Optional.of(new Spot(0, -30))), step(new Spot(20, -8))), RuleId.STANDS_IN_BIGHT))
                .as("outside the bend")
                .isEmpty();
        assertThat(found(with(dragged(Optional.empty()), inside), RuleId.STANDS_IN_BIGHT))
                .as("a straight line has none")
                .isEmpty();
    }

    private static Step step(Spot stand) {
        return new Step(
                "s",
                1,
                Step.Kind.RELEASE,
                Optional.of("S1"),
                0,
                30,
                false,
                List.of(new Step.Post(Role.LOOKOUT, "tove", Optional.of(stand))));
    }

    private static Situation with(Member m, Step step) {
        return with(situation(false, List.of(m), List.of()), step);
    }

    private static Situation with(Situation s, Step step) {
        return new Situation(
                s.rules(),
                s.site(),
                s.gustMs(),
                s.windLimitMs(),
                s.stems(),
                s.rings(),
                s.hangs(),
                List.of(step),
                s.people(),
                s.planner(),
                s.guards(),
                s.place());
    }

    /** It hangs in two trees, and one of them leans on a third: none of the three is felled before it is down. */
    @Test
    void noTreeThatHoldsAHungOneIsCutNotTheSecondNorTheOneBehind() {
        Situation s = situation(
                false,
                List.of(
                        member("S1", StemState.HUNG, true),
                        member("S2", StemState.STANDING, true),
                        member("S3", StemState.STANDING, true),
                        member("S4", StemState.STANDING, true),
                        member("S5", StemState.STANDING, true)),
                List.of(),
                new Pile.Relation("S1", Pile.Type.RESTS_ON, "S2"),
                new Pile.Relation("S1", Pile.Type.RESTS_ON, "S3"),
                new Pile.Relation("S3", Pile.Type.RESTS_ON, "S4"));
        for (String holds : List.of("S2", "S3", "S4")) {
            assertThat(found(with(s, felling(holds)), RuleId.SUPPORT_CUT))
                    .as(holds)
                    .get()
                    .matches(f -> f.severity() == Severity.STOP && f.about(holds));
        }
        assertThat(found(with(s, felling("S5")), RuleId.SUPPORT_CUT)).isEmpty();
    }

    private static Step felling(String stem) {
        return new Step("f", 1, Step.Kind.FELL, Optional.of(stem), 0, 30, false, List.of());
    }

    @Test
    void theWinchPullsAwayFromTheLayAndAnUphillOrSidewaysPullIsSaid() {
        Member m = dragged(Optional.of(new Spot(0, -30)));
        Picture p = situation(false, List.of(m), List.of()).place().tangle().orElseThrow();
        PullPlan straight = PullPlan.of(p, m, m.dragLine().orElseThrow());
        assertThat(straight.pull().offAxisDeg()).isLessThan(0.1);
        assertThat(straight.lineM()).isEqualTo(60);
        assertThat(straight.winchInRing()).isFalse();
        PullPlan toward = PullPlan.of(p, m, new DragLine(new Spot(0, 20), Optional.empty()));
        assertThat(toward.pull().forceN()).as("toward its lay").isEmpty();
        assertThat(toward.winchInRing()).isTrue();
        PullPlan aside = PullPlan.of(p, m, new DragLine(new Spot(15, -30), Optional.empty()));
        assertThat(aside.pull().forceN().orElseThrow())
                .isGreaterThan(straight.pull().forceN().orElseThrow());
    }

    private static Member tied(double lineM) {
        return hungNorthward().tiedOff(new TiedOff(new Spot(8, 0), lineM, 0.5)).seen();
    }

    /** A line of 9 m to an anchor 8 m east of the butt: it can come 9.45 m from it, and its butt half a metre more. */
    @Test
    void nobodyStandsWhereATiedOffButtCanSwing() {
        assertThat(found(with(tied(9), step(new Spot(14, -3))), RuleId.STANDS_IN_SWING))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(with(tied(9), step(new Spot(19, -3))), RuleId.STANDS_IN_SWING))
                .isEmpty();
    }

    @Test
    void aTiedLineGoneSlackIsSaidAndOneTooShortIsRefused() {
        Member m = tied(9);
        Picture p = situation(false, List.of(m), List.of()).place().tangle().orElseThrow();
        ControlLine slack = m.tiedOff().orElseThrow().line(p, m).orElseThrow();
        assertThat(slack.warnings()).contains(ControlLine.Warning.LINE_SLACK);
        assertThat(slack.buttDiscM()).isCloseTo(9 * 1.05 + 0.2 + 0.5, within(1e-9));
        TiedOff shorter = new TiedOff(new Spot(8, 0), 7, 0.5);
        assertThatThrownBy(() -> shorter.require(m)).isInstanceOfSatisfying(RefusedInput.class, e -> assertThat(
                        e.faults().get(0).field())
                .isEqualTo("lineM"));
        assertThat(shorter.swing(p, m)).as("it lies elsewhere now").isEmpty();
    }
}
