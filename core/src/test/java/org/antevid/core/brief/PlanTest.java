package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.Samples;
import org.antevid.core.Told;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;
import org.antevid.core.stump.School;
import org.junit.jupiter.api.Test;

class PlanTest {
    private static PlanDocument plan(Spot hives, double lay, StemState state) {
        PlanDocument.LayPart part = new PlanDocument.LayPart(
                lay,
                24,
                48,
                false,
                List.of(),
                List.of(),
                List.of(new PlanDocument.WayPart("E1", 193, 6, List.of())),
                School.OPEN_FACE,
                Means.Kind.MACHINE_LINE,
                Optional.of(-3.0),
                Optional.of(3.3),
                0.44,
                0.053,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        PlanDocument.PostPart post = new PlanDocument.PostPart(
                "sefa",
                "Sefa Marsh",
                Role.LOOKOUT,
                Optional.of(new Spot(50, 50)),
                List.of(new PlanDocument.WayPart("E", 45, 12, List.of())));
        return new PlanDocument(
                "Withy Lock",
                9,
                6,
                172,
                List.of(new PlanDocument.Thing(
                        "h",
                        "beehives",
                        FeatureKind.BEEHIVES,
                        "POINT",
                        List.of(hives),
                        1,
                        2,
                        false,
                        Protection.NONE,
                        "")),
                List.of(new PlanDocument.StemPart(
                        "S1",
                        Species.POPULUS,
                        state,
                        new Spot(0, 0),
                        Optional.of(24.4),
                        Optional.of(part),
                        List.of(),
                        Optional.empty())),
                List.of(new PlanDocument.StepPart(
                        "a",
                        1,
                        Step.Kind.FELL,
                        Optional.of("S1"),
                        0,
                        30,
                        List.of(post),
                        List.of(),
                        Optional.empty(),
                        List.of(),
                        false)),
                EmergencyCard.EMPTY);
    }

    private static final PlanDocument BEFORE = plan(new Spot(20, 0), 58, StemState.STANDING);

    @Test
    void thePlanItselfShowsNoChange() {
        assertThat(PlanComparison.between(BEFORE, plan(new Spot(20, 0), 58, StemState.STANDING)))
                .isEmpty();
    }

    @Test
    void aMovedTargetIsSaidInWordsAndShownWithBothPlaces() {
        // from (20, 0) to (23, 4): 5 m on azimuth atan(3/4) = 37 degrees
        List<PlanComparison.Change> changes =
                PlanComparison.between(BEFORE, plan(new Spot(23, 4), 58, StemState.STANDING));
        assertThat(changes).singleElement().satisfies(c -> {
            assertThat(c.says().code()).isEqualTo(ChangeWords.MOVED);
            assertThat(Told.text(c.says().args(), "name")).isEqualTo("beehives");
            assertThat(((Arg.Amount) c.says().args().get("by")).value()).isCloseTo(5, within(1e-9));
            assertThat(c.from()).contains(new Spot(20, 0));
            assertThat(c.to()).contains(new Spot(23, 4));
        });
    }

    @Test
    void anotherLayIsAChangeButAStemFelledByTheplanIsNot() {
        assertThat(PlanComparison.between(BEFORE, plan(new Spot(20, 0), 60, StemState.STANDING)))
                .extracting(PlanComparison.Change::says)
                .contains(Message.of(ChangeWords.LAY)
                        .with("name", Arg.name("S1"))
                        .with("was", Arg.azimuth(58))
                        .with("now", Arg.azimuth(60)));
        assertThat(PlanComparison.between(BEFORE, plan(new Spot(20, 0), 58, StemState.FELLED)))
                .isEmpty();
        assertThat(PlanComparison.between(BEFORE, plan(new Spot(20, 0), 58, StemState.HUNG)))
                .isNotEmpty();
    }

    /** The first stem lies with its ring; its step is a cut that was done before the plan was frozen, or not. */
    private static PlanDocument lying(double ringM, boolean done) {
        PlanDocument plan = plan(new Spot(20, 0), 58, StemState.LYING);
        PlanDocument.StemPart s = plan.stems().get(0);
        PlanDocument.StepPart st = plan.steps().get(0);
        List<Spot> axis = List.of(new Spot(0, 0), new Spot(0, 12));
        return new PlanDocument(
                plan.job(),
                plan.windLimitMs(),
                plan.slopeDeg(),
                plan.downhillDeg(),
                plan.things(),
                List.of(new PlanDocument.StemPart(
                        s.label(),
                        s.species(),
                        s.state(),
                        s.at(),
                        s.heightHighM(),
                        Optional.empty(),
                        List.of(),
                        Optional.of(new PlanDocument.ClosedPart(Optional.of(ringM), axis, axis)))),
                List.of(new PlanDocument.StepPart(
                        st.id(),
                        st.turn(),
                        Step.Kind.PREPARE,
                        st.stem(),
                        st.startMin(),
                        st.endMin(),
                        st.posts(),
                        List.of(),
                        Optional.of(Work.of(Work.Kind.LET_GO)),
                        List.of(),
                        done)),
                plan.emergency());
    }

    @Test
    void theRingOfAStemThatLiesIsAskedBackAndItsChangeIsSaid() {
        String cutter = BEFORE.steps().get(0).posts().get(0).personId();
        assertThat(ReadBack.of(lying(17, false), cutter, 3))
                .filteredOn(q -> q.asked().code() == BriefWords.ASK_RING)
                .singleElement()
                .satisfies(q -> assertThat(((Arg.Amount) q.choices().get(q.right())).value())
                        .isEqualTo(17));
        assertThat(PlanComparison.between(lying(17, false), lying(20, false)))
                .extracting(c -> c.says().code())
                .containsExactly(ChangeWords.RING);
        assertThat(PlanComparison.between(lying(17, false), lying(17, true))).isEmpty();
    }

    @Test
    void whatWasDoneBeforeItWasFrozenIsNobodysStepAhead() {
        String cutter = BEFORE.steps().get(0).posts().get(0).personId();
        assertThat(lying(17, false).aheadOf(cutter)).hasSize(1);
        assertThat(lying(17, true).aheadOf(cutter)).isEmpty();
    }

    /** The plan with one more step after the first, on another stem and by somebody else. */
    private static PlanDocument further(PlanDocument plan, int startMin, StemState ofTheOther) {
        PlanDocument.StemPart other = new PlanDocument.StemPart(
                "S2",
                Species.ALNUS,
                ofTheOther,
                new Spot(30, 0),
                Optional.of(18.0),
                Optional.empty(),
                List.of(),
                Optional.empty());
        PlanDocument.PostPart post = new PlanDocument.PostPart(
                "tove", "Tove Arkwright", Role.WINCH, Optional.of(new Spot(60, 0)), List.of());
        PlanDocument.StepPart step = new PlanDocument.StepPart(
                "b",
                2,
                Step.Kind.FELL,
                Optional.of("S2"),
                startMin,
                startMin + 30,
                List.of(post),
                List.of(),
                Optional.empty(),
                List.of(),
                false);
        return new PlanDocument(
                plan.job(),
                plan.windLimitMs(),
                plan.slopeDeg(),
                plan.downhillDeg(),
                plan.things(),
                Stream.concat(plan.stems().stream(), Stream.of(other)).toList(),
                Stream.concat(plan.steps().stream(), Stream.of(step)).toList(),
                plan.emergency());
    }

    @Test
    void aTreeMoreIsReadByItsOwnPeopleAndByWhoeverWorksBesideThem() {
        PlanDocument later = further(BEFORE, 30, StemState.STANDING);
        assertThat(OwnChanges.of(BEFORE, later, "sefa")).isEmpty();
        assertThat(OwnChanges.of(BEFORE, later, "tove"))
                .as("had no step before")
                .isNotEmpty();
        assertThat(OwnChanges.of(BEFORE, later, "oren"))
                .as("has no step at all")
                .isNotEmpty();
        assertThat(OwnChanges.of(BEFORE, further(BEFORE, 29, StemState.STANDING), "sefa"))
                .as("felled beside her step")
                .isNotEmpty();
    }

    @Test
    void thePlaceConcernsEverybodyAndSoDoesAStemThatHangs() {
        PlanDocument two = further(BEFORE, 30, StemState.STANDING);
        PlanDocument moved = further(plan(new Spot(23, 4), 58, StemState.STANDING), 30, StemState.STANDING);
        for (String person : List.of("sefa", "tove")) {
            assertThat(OwnChanges.of(two, moved, person)).hasSize(1);
            assertThat(OwnChanges.of(two, further(BEFORE, 30, StemState.HUNG), person))
                    .isNotEmpty();
        }
        PlanDocument turned = further(plan(new Spot(20, 0), 60, StemState.STANDING), 30, StemState.STANDING);
        assertThat(OwnChanges.of(two, turned, "sefa")).isNotEmpty();
        assertThat(OwnChanges.of(two, turned, "tove")).as("another's lay").isEmpty();
    }

    @Test
    void threeQuestionsAreDrawnFromThePlanAndRepeatable() {
        List<ReadBack.Question> questions = ReadBack.of(BEFORE, "sefa", 7);
        assertThat(questions).hasSize(3).isEqualTo(ReadBack.of(BEFORE, "sefa", 7));
        assertThat(questions)
                .extracting(q -> q.choices().get(q.right()))
                .containsExactly(ReadBack.heading(45), Arg.of(Dimension.DISTANCE, 48), ReadBack.heading(58));
        assertThat(questions)
                .allSatisfy(q -> assertThat(q.choices()).doesNotHaveDuplicates().hasSizeGreaterThanOrEqualTo(3));
        assertThat(ReadBack.of(
                        new PlanDocument("x", 9, 0, 0, List.of(), List.of(), List.of(), EmergencyCard.EMPTY),
                        "sefa",
                        1))
                .hasSize(3);
    }

    @Test
    void aFirstLookNamesTheMeasurementThatWouldChangeMost() {
        var stem = Samples.stem(
                "S4",
                new Spot(0, 0),
                StemState.STANDING,
                Optional.of(new Lean(5, 135, Lean.EYE_SIGMA_DEG)),
                Condition.SOUND,
                List.of());
        FirstLook look = look(stem, Means.of(Means.Kind.WEDGES), Samples.target("bridge", 8, -8, 2, 4));
        assertThat(look.nextMeasurement()).isPresent();
        assertThat(look.nextMeasurement().orElseThrow().says().code()).isEqualTo(MeasureNext.LEAN);
    }

    @Test
    void theNextMeasurementIsSeenFromThePathThatLiesSquareToTheLeanThatMatters() {
        var stem = Samples.stem(
                "S4",
                new Spot(0, 0),
                StemState.STANDING,
                Optional.of(new Lean(3, 0, Lean.EYE_SIGMA_DEG)),
                Condition.SOUND,
                List.of());
        Feature path = new Feature(
                "p",
                "towpath",
                FeatureKind.PATH,
                Shape.line(List.of(new Spot(-15, -30), new Spot(-15, 30))),
                0,
                false,
                Protection.NONE,
                "",
                false);
        FirstLook look = look(
                stem, Samples.WINCH, Samples.target("house", 25, 0, 4, 4), Samples.target("shed", -25, 0, 4, 4), path);
        assertThat(look.nextMeasurement().orElseThrow().says().args().get("from"))
                .isEqualTo(Arg.said(Message.of(MeasureNext.FROM_WAY).with("way", Arg.name("towpath"))));
    }

    @Test
    void aStemOfWhichTheLeanIsNotKnownIsSeenFromTwoSidesFirst() {
        var stem = Samples.stem("S4", new Spot(0, 0), StemState.STANDING, Optional.empty(), Condition.SOUND, List.of());
        assertThat(look(stem, Samples.WINCH)
                        .nextMeasurement()
                        .orElseThrow()
                        .says()
                        .code())
                .isEqualTo(MeasureNext.LEAN_TWO_SIDES);
    }

    @Test
    void onOpenGroundNoWayIsCalledTheBestAndBesideATargetOneIs() {
        var stem = Samples.stem(
                "S4", new Spot(0, 0), StemState.STANDING, Optional.of(new Lean(0, 0, 0.3)), Condition.SOUND, List.of());
        assertThat(look(stem, Samples.WINCH).because().args().get("any")).isEqualTo(Arg.flag(true));
        assertThat(look(stem, Means.of(Means.Kind.WEDGES)).because().args().get("any"))
                .as("all round as costly")
                .isEqualTo(Arg.flag(true));
        assertThat(look(stem, Samples.WINCH, Samples.target("house", 15, 0, 4, 4))
                        .because()
                        .args()
                        .get("any"))
                .isEqualTo(Arg.flag(false));
    }

    @Test
    void aSplitUnionLowDownIsNotFelledWhateverTheDialSays() {
        var stem = Samples.oak("S4", new Spot(0, 0), List.of(new Defect("d", DefectKind.SPLIT_UNION, 1, 1.5, 0, "")));
        FirstLook look = look(stem, Samples.WINCH);
        assertThat(look.verdict()).as("no machine is recorded").isEqualTo(Verdict.LEAVE_AND_CLOSE);
        assertThat(look.because().args().toString()).contains("NO_HINGE").contains("SPLIT_UNION");
    }

    private static FirstLook look(StemReading stem, Means means, Feature... features) {
        return FirstLook.of(
                stem,
                Samples.toward(0, means),
                Samples.situation(Samples.site(features), List.of(), List.of(), List.of()),
                LayPlan.Limits.USUAL);
    }

    /**
     * A face that shows decay changes the cut card: whoever saws by it and whoever pulls read it, the lookout does not.
     */
    @Test
    void theCutCardConcernsWhoeverCutsByItAndTheLineWhoeverPulls() {
        PlanDocument before = BriefedPlans.plan(
                Means.Kind.MACHINE_LINE,
                Step.Kind.FELL,
                BriefedPlans.post("nadia", "Nadia", Role.CUTTER),
                BriefedPlans.post("tove", "Tove", Role.WINCH),
                BriefedPlans.post("sefa", "Sefa", Role.LOOKOUT));
        PlanDocument after = BriefedPlans.plan(
                Means.Kind.WEDGES,
                Step.Kind.FELL,
                BriefedPlans.post("nadia", "Nadia", Role.CUTTER),
                BriefedPlans.post("tove", "Tove", Role.WINCH),
                BriefedPlans.post("sefa", "Sefa", Role.LOOKOUT));
        assertThat(codes(OwnChanges.of(before, after, "nadia"))).contains(ChangeWords.HELP);
        assertThat(codes(OwnChanges.of(before, after, "tove"))).contains(ChangeWords.HELP);
        assertThat(codes(OwnChanges.of(before, after, "sefa"))).doesNotContain(ChangeWords.HELP, ChangeWords.MEASURE);
        assertThat(PlanComparison.between(before, after))
                .filteredOn(c -> c.says().code() == ChangeWords.HELP)
                .allSatisfy(c -> assertThat(c.says().args().keySet()).containsAnyOf("now", "was"));
    }

    private static List<Code> codes(List<PlanComparison.Change> changes) {
        return changes.stream().map(c -> c.says().code()).toList();
    }
}
