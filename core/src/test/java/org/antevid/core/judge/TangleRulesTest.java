package org.antevid.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Access;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Rest;
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
        return new Member(r, Optional.empty(), Optional.empty(), Optional.empty(), List.of(), Optional.empty(), false);
    }

    private static Situation situation(boolean machine, List<Member> members, List<Rest> rests, Pile.Relation... rel) {
        Picture p = new Picture(
                members,
                Set.of("T"),
                rests,
                List.of(rel),
                new Picture.AtHand(machine, Optional.empty(), Optional.empty()),
                Ground.LEVEL);
        Map<String, GuardRing> rings = p.rings();
        List<Situation.Hang> hangs = members.stream()
                .filter(Member::hung)
                .map(m -> new Situation.Hang(
                        m.label(),
                        "",
                        Shape.disc(new Spot(0, 0), 5),
                        Picture.ringAlone(m, Ground.LEVEL),
                        Shape.disc(new Spot(0, 0), 30)))
                .toList();
        return new Situation(
                HouseRules.USUAL,
                new Site(Ground.LEVEL, List.of()),
                Optional.empty(),
                9,
                members.stream()
                        .map(m -> new Situation.StemFacts(m.reading(), Optional.empty(), false, Optional.empty()))
                        .toList(),
                rings,
                hangs,
                List.of(),
                List.of(),
                "imre",
                List.of(),
                new Situation.Circumstances(
                        List.of(),
                        GroundState.FIRM,
                        Light.DAY,
                        CrownLoad.NONE,
                        Situation.Circumstances.GOOD.permits(),
                        new EmergencyCard("-", "-", "-", "-", "-", "-", "-", "-"),
                        Access.NOT_KNOWN,
                        List.of(),
                        Map.of(),
                        Optional.of(p)));
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

    @Test
    void stemsThatHoldEachOtherStopWithoutAMachineAndTakeASecondOpinionWithOne() {
        List<Member> two = List.of(member("S1", StemState.LYING, true), member("S2", StemState.LYING, true));
        Pile.Relation there = new Pile.Relation("S1", Pile.Type.RESTS_ON, "S2");
        Pile.Relation back = new Pile.Relation("S2", Pile.Type.RESTS_ON, "S1");
        assertThat(found(situation(false, two, List.of(), there, back), RuleId.RING_OF_STEMS))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.STOP);
        assertThat(found(situation(true, two, List.of(), there, back), RuleId.RING_OF_STEMS))
                .get()
                .extracting(Finding::severity)
                .isEqualTo(Severity.SECOND_OPINION);
        assertThat(found(situation(false, two, List.of(), there), RuleId.RING_OF_STEMS))
                .isEmpty();
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
}
