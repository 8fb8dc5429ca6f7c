package org.antevid.core.cutting;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.Wedges;
import org.antevid.core.brief.CutPart;
import org.antevid.core.brief.HelpLine;
import org.antevid.core.lay.Guy;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.OpenedFace;
import org.antevid.core.stump.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CutPlanTest {
    private static final Spot HERE = new Spot(0, 0);
    private static final Site WINDY = new Site(
            site().terrain(),
            new Today(site().today().ground(), site().today().load(), 9),
            List.of(),
            List.of(),
            List.of());

    private static StemReading leaning(double deg, double toDeg, Defect... defects) {
        return org.antevid.core.Samples.stem(
                "S1",
                HERE,
                StemState.STANDING,
                Optional.of(new Lean(deg, toDeg, 0.5)),
                Condition.SOUND,
                List.of(defects));
    }

    private static CutPlan plan(StemReading s, LayChoice c) {
        return CutPlan.of(LayPlan.of(s, c, WINDY, LayPlan.Limits.USUAL), WINDY);
    }

    private static CutChoice cuts(
            Optional<BackCut> back, FaceOrder order, Optional<Double> strap, Optional<OpenedFace> opened) {
        Optional<Double> none = Optional.empty();
        return new CutChoice(
                back, order, none, none, none, none, none, strap, Optional.of(0.02), none, none, "", Set.of(), opened);
    }

    @Test
    void theStrapOfAForwardLeanerIsCheckedAgainstLeanAndWind() {
        CutPlan p = plan(leaning(6, 0), toward(0, Means.of(Means.Kind.NOTHING)));
        assertThat(p.backCut()).isEqualTo(BackCut.BORE_STRAP);
        CutPlan thin = plan(
                leaning(6, 0),
                toward(0, Means.of(Means.Kind.NOTHING))
                        .by(cuts(Optional.empty(), FaceOrder.SLOPING_FIRST, Optional.of(0.01), Optional.empty())));
        assertThat(thin.strap().orElseThrow().holds()).isFalse();
        assertThat(thin.strap().orElseThrow().ratio().orElseThrow())
                .isLessThan(p.strap().orElseThrow().ratio().orElseThrow());
        LayPlan still =
                LayPlan.of(leaning(6, 0), toward(0, Means.of(Means.Kind.NOTHING)), site(), LayPlan.Limits.USUAL);
        assertThat(CutPlan.of(still, site()).strap().orElseThrow().ratio().orElseThrow())
                .as("wind takes its part")
                .isGreaterThan(p.strap().orElseThrow().ratio().orElseThrow());
        CutChoice bored =
                cuts(Optional.of(BackCut.BORE_STRAP), FaceOrder.SLOPING_FIRST, Optional.empty(), Optional.empty());
        assertThat(plan(
                                leaning(18, 180),
                                toward(0, Means.of(Means.Kind.NOTHING)).by(bored))
                        .strap()
                        .orElseThrow()
                        .ratio())
                .as("a back leaner that nobody pulls does not load it")
                .isEmpty();
        assertThat(plan(leaning(7, 180), toward(0, WINCH)).strap().orElseThrow().ratio())
                .as("the pretension does")
                .isPresent();
    }

    @Test
    void thePullIsLargerWithWindAndItsReserveCoversTheHinge() {
        CutPlan p = plan(leaning(2, 180), toward(0, WINCH));
        Pull l = p.pull().orElseThrow();
        assertThat(l.atLimit().tensionN()).isGreaterThan(l.still().tensionN());
        assertThat(l.still().tensionN())
                .as("what the lay says it needs")
                .isCloseTo(p.lay().control().neededN().orElseThrow(), within(1.0));
        assertThat(l.pretensionN()).isCloseTo(0.3 * l.still().tensionN(), within(1e-6));
        assertThat(l.checks())
                .filteredOn(c -> c.ok().isEmpty())
                .extracting(c -> c.piece().key())
                .contains("rope", "sling");
        assertThat(l.enough()).isTrue();
    }

    @Test
    void everyPieceOfKitIsChecked() {
        Rig weak = new Rig(
                Rig.Tie.TIED,
                0,
                3,
                0.5,
                4,
                Optional.of(new Kit.Rope("thin line", 3000, Optional.of(14.0))),
                Optional.of(new Kit.Sling("strap", 200)),
                Optional.of(new Kit.Block("block", 300, 0.9)),
                Optional.of(new Rig.AnchorTree(0.08, 1)),
                Optional.empty(),
                Rig.PullBegin.KERF_OPENS);
        Means line = new Means(
                Means.Kind.HAND_LINE,
                Optional.of(12.0),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Spot(0, 40)),
                Optional.of(new Spot(30, 40)),
                0,
                weak);
        Pull l = plan(leaning(2, 180, new Defect("f", DefectKind.INCLUDED_BARK, 5, 5, 0, "")), toward(0, line))
                .pull()
                .orElseThrow();
        assertThat(l.checks())
                .filteredOn(c -> c.ok().filter(ok -> !ok).isPresent())
                .extracting(c -> c.piece().key())
                .contains("rope", "age", "sling", "block", "anchor", "fork");
        assertThat(l.enough()).isFalse();
        assertThat(l.atLimit().blockN()).isPresent();
    }

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    /** What the dial calls open with wedges the card calls enough, and the other way round. */
    @ParameterizedTest
    @MethodSource("seeds")
    void wedgesAreJudgedAsTheDialJudgesThem(long seed) {
        Random r = new Random(seed);
        StemReading s = leaning(0.1 + 2.5 * r.nextDouble(), 360 * r.nextDouble());
        CutPlan p = plan(s, toward(0, Means.of(Means.Kind.WEDGES)));
        double back = p.lay().judged().orElseThrow().back().highNm();
        double capacity = p.lay().judged().orElseThrow().back().capacityNm().orElseThrow();
        if (Math.abs(back - capacity) > 0.02 * capacity) {
            assertThat(p.wedges().orElseThrow().enough())
                    .as("seed %d: %f of %f", seed, back, capacity)
                    .isEqualTo(back <= capacity);
        }
        assertThat(p.wedgesInWind().orElseThrow().forceTotalN())
                .isGreaterThanOrEqualTo(p.wedges().orElseThrow().forceTotalN());
    }

    @Test
    void stepsAreInOrderWithTheirChecksBetween() {
        List<String> keys = plan(leaning(2, 180), toward(0, WINCH)).steps().stream()
                .map(CutStep::key)
                .toList();
        assertThat(keys)
                .containsSubsequence(
                        "saw",
                        "ring",
                        "face1",
                        "face2",
                        "meet",
                        "pretension",
                        "back1",
                        "tostrap",
                        "hinge",
                        "strap",
                        "away",
                        "pull",
                        "go");
        assertThat(keys).doesNotHaveDuplicates().doesNotContain("drive");
        List<CutStep> wedged = plan(
                        leaning(0.2, 180),
                        toward(0, Means.of(Means.Kind.WEDGES))
                                .by(cuts(
                                        Optional.of(BackCut.STRAIGHT),
                                        FaceOrder.LEVEL_FIRST,
                                        Optional.empty(),
                                        Optional.empty())))
                .steps();
        assertThat(wedged)
                .extracting(CutStep::key)
                .containsSubsequence("face1", "tohinge", "wedge", "drive")
                .doesNotContain("strap", "pretension");
        assertThat(wedged.stream()
                        .filter(s -> s.key().equals("face1"))
                        .findFirst()
                        .orElseThrow()
                        .says()
                        .code())
                .isEqualTo(StepWords.LEVEL_CUT_FIRST);
    }

    @Test
    void suspectWoodIsReadWhenTheFaceIsOpenAndWhatItShowsChangesTheCard() {
        StemReading rotten = leaning(2, 180, new Defect("d", DefectKind.DECAY_POCKET, 0, 0.5, 0, ""));
        assertThat(plan(rotten, toward(0, WINCH)).steps())
                .extracting(CutStep::key)
                .contains("reread");
        assertThat(plan(leaning(2, 180), toward(0, WINCH)).steps())
                .extracting(CutStep::key)
                .doesNotContain("reread");
        CutPlan before = plan(leaning(2, 180), toward(0, WINCH));
        CutPlan after = plan(
                leaning(2, 180),
                toward(0, WINCH)
                        .by(cuts(
                                Optional.empty(),
                                FaceOrder.SLOPING_FIRST,
                                Optional.empty(),
                                Optional.of(new OpenedFace(0.12, 0.12, Condition.STRESSED)))));
        assertThat(after.opened()).isPresent();
        assertThat(after.card().hingeThickM())
                .as("stressed wood is left half as thick again")
                .isGreaterThan(before.card().hingeThickM());
        assertThat(after.hinge().orElseThrow().capacityNm())
                .isLessThan(after.hinge().orElseThrow().capacityNm()
                                / after.opened().orElseThrow().sideShare()
                        + 1);
        assertThat(plan(
                                leaning(2, 180),
                                toward(0, WINCH)
                                        .by(cuts(
                                                Optional.empty(),
                                                FaceOrder.SLOPING_FIRST,
                                                Optional.empty(),
                                                Optional.of(new OpenedFace(0.03, 0.03, Condition.DECAYED)))))
                        .lay()
                        .control()
                        .proven())
                .isFalse();
    }

    @Test
    void aShortBarNeedsBothSidesAndSaysHowFarTheyOverlap() {
        LayChoice c = new LayChoice(0, 0.3, School.OPEN_FACE, 0.32, WINCH);
        Passes two = plan(leaning(2, 180), c).passes();
        assertThat(two.passes()).hasSize(2);
        assertThat(two.passes().get(0).entry()).isNotEqualTo(two.stand());
        assertThat(two.overlapM().orElseThrow())
                .isCloseTo(0.64 - 1.1 * plan(leaning(2, 180), c).card().dAcrossM(), within(1e-9));
        assertThat(plan(leaning(2, 180), new LayChoice(0, 0.3, School.OPEN_FACE, 0.75, WINCH))
                        .passes()
                        .passes())
                .hasSize(1);
        assertThat(plan(leaning(3, 90), new LayChoice(0, 0.3, School.OPEN_FACE, 0.45, WINCH))
                        .passes()
                        .stand()
                        .key())
                .as("not under the side lean")
                .isEqualTo("left");
    }

    @Test
    void everyTypeOfCutSaysWhatTheMechanicsHoldsAgainstIt() {
        List<TypeOfCut> types = plan(leaning(2, 180), toward(0, WINCH)).types(WINDY);
        assertThat(types).extracting(TypeOfCut::school).containsExactly(School.values());
        assertThat(type(types, School.CONVENTIONAL).contradictions())
                .anyMatch(w -> w.code() == TypeWords.SHUTS_WHILE_PULLED);
        assertThat(type(types, School.OPEN_FACE).contradictions())
                .noneMatch(w -> w.code() == TypeWords.SHUTS_WHILE_PULLED);
        assertThat(type(
                                plan(leaning(2, 0), toward(0, Means.of(Means.Kind.NOTHING)))
                                        .types(WINDY),
                                School.DEEP_FACE)
                        .contradictions())
                .anyMatch(w -> w.code() == TypeWords.NO_MACHINE_HOLDS);
    }

    private static TypeOfCut type(List<TypeOfCut> all, School s) {
        return all.stream().filter(t -> t.school() == s).findFirst().orElseThrow();
    }

    @Test
    void splittingSaysWhatWouldChangeIt() {
        StemReading ash = new StemReading(
                "S1",
                org.antevid.core.stem.Species.FRAXINUS,
                StemState.STANDING,
                HERE,
                oak("S1", HERE, List.of()).dbh(),
                oak("S1", HERE, List.of()).height(),
                Optional.of(new Lean(9, 0, 0.5)),
                Optional.of(3.0),
                Condition.SOUND,
                org.antevid.core.stem.StemMass.Shape.FOREST,
                org.antevid.core.stem.StemMass.Crown.FOREST_BROADLEAF,
                List.of(),
                false);
        Splitting straight = plan(
                        ash,
                        toward(0, Means.of(Means.Kind.NOTHING))
                                .by(cuts(
                                        Optional.of(BackCut.STRAIGHT),
                                        FaceOrder.SLOPING_FIRST,
                                        Optional.empty(),
                                        Optional.empty())))
                .splitting()
                .orElseThrow();
        Splitting bored =
                plan(ash, toward(0, Means.of(Means.Kind.NOTHING))).splitting().orElseThrow();
        assertThat(straight.risk().result()).isGreaterThan(bored.risk().result());
        assertThat(straight.changes())
                .anyMatch(c -> c.says().code() == SplitWords.BORE
                        && c.level().orElseThrow().compareTo(straight.risk().result()) < 0);
        assertThat(straight.likely()).anyMatch(w -> w.code() == SplitWords.SPLITS_READILY);
    }

    @Test
    void aGuyTakesSideMomentOffTheHingeAndOpensDirections() {
        StemReading aside = leaning(12, 90);
        LayChoice bare = toward(0, WINCH);
        Guy guy = new Guy(12, new Spot(-35, 0), Optional.of(new Kit.Rope("guy line", 90000, Optional.empty())));
        LayChoice guyed = bare.by(new Support(Optional.of(guy), Optional.empty(), Wedges.Set.USUAL, false));
        assertThat(plan(aside, guyed).lay().judged().orElseThrow().control().use())
                .isLessThan(
                        plan(aside, bare).lay().judged().orElseThrow().control().use());
        assertThat(plan(aside, guyed).guy().orElseThrow().warnings()).isEmpty();
        assertThat(Dial.of(aside, guyed, WINDY, LayPlan.Limits.USUAL).free())
                .isGreaterThan(Dial.of(aside, bare, WINDY, LayPlan.Limits.USUAL).free());
        LayChoice wrongSide = bare.by(new Support(
                Optional.of(new Guy(12, new Spot(35, 0), guy.rope())), Optional.empty(), Wedges.Set.USUAL, false));
        assertThat(plan(aside, wrongSide).guy()).isEmpty();
        assertThat(plan(aside, wrongSide).lay().judged().orElseThrow().control().use())
                .isEqualTo(
                        plan(aside, bare).lay().judged().orElseThrow().control().use());
    }

    @Test
    void withoutALeanNothingThatHangsOnItIsGuessed() {
        StemReading s = org.antevid.core.Samples.stem(
                "S1", HERE, StemState.STANDING, Optional.empty(), Condition.SOUND, List.of());
        CutPlan p = plan(s, toward(0, WINCH));
        assertThat(p.hinge()).isEmpty();
        assertThat(p.pull()).isEmpty();
        assertThat(p.strap()).isEmpty();
        assertThat(p.wedges()).isEmpty();
        assertThat(p.taper()).isEmpty();
        assertThat(p.measures())
                .extracting(Measure::key)
                .contains(Measure.Key.DEPTH, Measure.Key.HINGE_LEFT, Measure.Key.MOUTH);
        assertThat(p.steps()).isNotEmpty();
        assertThat(CutPart.of(p, CutPart.Hands.NOBODY).help()).isEmpty();
    }

    @Test
    void aStemThatDoesNotMoveHasItsCausesInOrder() {
        CutPlan p = plan(leaning(2, 180), toward(0, WINCH));
        List<DoesNotMove> all = p.doesNotMove(DoesNotMove.Uncut.USUAL);
        assertThat(all).extracting(DoesNotMove::cause).containsExactly(DoesNotMove.Cause.values());
        double wider =
                p.doesNotMove(new DoesNotMove.Uncut(0.1, 0.02)).get(0).extraN().orElseThrow();
        assertThat(wider)
                .as("twice the band, twice the pull")
                .isCloseTo(2 * all.get(0).extraN().orElseThrow(), within(1e-6 * wider));
        assertThat(p.doesNotMove(new DoesNotMove.Uncut(0, 0)).get(0).extraN().orElseThrow())
                .isZero();
    }

    @Test
    void theCutGoesAboveMetalAndNeverAboveTheHips() {
        CutPlan low = plan(leaning(2, 180, new Defect("m", DefectKind.METAL, 0.3, 0.5, 0, "")), toward(0, WINCH));
        assertThat(low.heights().metBy(0.3)).hasSize(1);
        assertThat(low.heights().suggested().orElseThrow())
                .as("below it, with a hand of margin")
                .isCloseTo(0.15, within(1e-9));
        assertThat(plan(leaning(2, 180, new Defect("m", DefectKind.METAL, 0.2, 0.5, 0, "")), toward(0, WINCH))
                        .heights()
                        .suggested()
                        .orElseThrow())
                .as("above it, and that clears it")
                .isCloseTo(0.65, within(1e-9));
        CutPlan none = plan(leaning(2, 180, new Defect("m", DefectKind.METAL, 0.1, 1.6, 0, "")), toward(0, WINCH));
        assertThat(none.heights().suggested()).isEmpty();
        assertThat(none.heights().instead().code()).isEqualTo(CutRemark.NO_HEIGHT_CLEAR);
    }

    @Test
    void theCardHasItsMeasuresFromTheOutsideToo() {
        CutPart c = CutPart.of(
                plan(
                        leaning(2, 180),
                        toward(0, WINCH)
                                .by(cuts(
                                        Optional.empty(),
                                        FaceOrder.SLOPING_FIRST,
                                        Optional.of(0.06),
                                        Optional.empty()))),
                new CutPart.Hands(Optional.of("Nadia Quill"), Optional.empty()));
        assertThat(c.help()).contains(Message.of(HelpLine.SIGNAL_GIVEN).with("cutter", Arg.name("Nadia Quill")));
        assertThat(c.help())
                .as("nobody is named at the winch")
                .contains(Message.of(HelpLine.SIGNAL_READ_BACK).with("machine", Arg.flag(true)));
        CutPart.CardMeasure strap = c.measures().stream()
                .filter(m -> m.key() == Measure.Key.STRAP)
                .findFirst()
                .orElseThrow();
        assertThat(strap.value()).isCloseTo(0.06, within(1e-9));
        assertThat(strap.shown().dimension()).isEqualTo(Dimension.SAWN);
        assertThat(strap.outside().orElseThrow().value() - strap.value())
                .as("the bark")
                .isCloseTo(0.02, within(1e-9));
        assertThat(c.steps()).filteredOn(x -> x.key().equals("strap")).allSatisfy(x -> assertThat(x.measures())
                .containsExactly(Message.of(StepMeasure.STRAP).with("length", Arg.up(Dimension.SAWN, strap.value()))));
        assertThat(strap.own()).isTrue();
        assertThat(strap.rule()).isPresent();
        assertThat(c.measures()).filteredOn(m -> m.key() != Measure.Key.STRAP).allMatch(m -> m.rule()
                .isEmpty());
    }
}
