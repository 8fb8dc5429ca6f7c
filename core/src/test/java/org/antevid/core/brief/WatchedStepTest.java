package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Stage;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Message;
import org.antevid.core.run.Surprise;
import org.antevid.core.run.watch.BeaconWatch;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.run.watch.WatchState;
import org.antevid.core.run.watch.Watched;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.step.PiecePart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A stem at the origin, ring 48 m, pulled by a winch that stands 60 m away. */
class WatchedStepTest {
    private static PlanDocument.PostPart post(String id, Role role, Spot stand) {
        return new PlanDocument.PostPart(id, id, role, Optional.ofNullable(stand), List.of());
    }

    private static WatchedStep step(Means.Kind means, Step.Kind kind) {
        PlanDocument plan = BriefedPlans.plan(
                means,
                kind,
                post("nadia", Role.CUTTER, null),
                post("tove", Role.WINCH, new Spot(50, 33)),
                post("sefa", Role.LOOKOUT, new Spot(-60, 0)));
        return WatchedStep.of(plan, plan.steps().get(0));
    }

    private static Watched at(WatchedStep s, String who, Spot where) {
        return BeaconWatch.of(Optional.of(new BeaconWatch.Fix(where, 1)), s.bearer(who, who), s.closedTo(who));
    }

    @Test
    void theLineIsHeldAgainstWhatWasBriefed() {
        LineLimits line = step(Means.Kind.MACHINE_LINE, Step.Kind.FELL).line().orElseThrow();
        assertThat(line.pretensionN()).isPositive().isLessThan(line.plannedN());
        assertThat(line.mostN()).isPositive();
        assertThat(step(Means.Kind.WEDGES, Step.Kind.FELL).line()).isEmpty();
    }

    @Test
    void everybodyButTheCutterKeepsOffTheRing() {
        WatchedStep s = step(Means.Kind.MACHINE_LINE, Step.Kind.FELL);
        Spot inside = new Spot(0, 20);
        assertThat(at(s, "nadia", inside).state()).isEqualTo(WatchState.WITHIN);
        assertThat(at(s, "tove", inside).state()).isEqualTo(WatchState.OVER);
        assertThat(at(s, "oren", inside).state()).isEqualTo(WatchState.OVER);
        assertThat(at(s, "oren", new Spot(0, 70)).state()).isEqualTo(WatchState.WITHIN);
    }

    @Test
    void whoHasNoPlaceIsMadeUpOutsideTheRing() {
        WatchedStep s = step(Means.Kind.WEDGES, Step.Kind.FELL);
        assertThat(at(s, "oren", s.placeOf("oren").orElseThrow()).state()).isEqualTo(WatchState.WITHIN);
        assertThat(s.placeOf("nadia")).contains(new Spot(0, 0));
        assertThat(s.placeOf("sefa")).contains(new Spot(-60, 0));
    }

    /** A stem that hangs and nobody said how closes no less ground than one whose ring is known. */
    @Test
    void notKnowingHowItHangsClosesGroundAllTheSame() {
        PlanDocument plan = BriefedPlans.plan(Means.Kind.WEDGES, Step.Kind.RELEASE, post("tove", Role.WINCH, null));
        PlanDocument.StemPart s = plan.stems().get(0);
        PlanDocument hung = new PlanDocument(
                plan.job(),
                plan.windLimitMs(),
                plan.slopeDeg(),
                plan.downhillDeg(),
                plan.things(),
                List.of(new PlanDocument.StemPart(
                        s.label(),
                        s.species(),
                        StemState.HUNG,
                        s.at(),
                        s.heightHighM(),
                        Optional.empty(),
                        List.of(),
                        Optional.empty())),
                plan.steps(),
                plan.emergency());
        WatchedStep step = WatchedStep.of(hung, hung.steps().get(0));
        assertThat(at(step, "oren", new Spot(0, 30)).state()).isEqualTo(WatchState.OVER);
        assertThat(at(step, "oren", new Spot(0, 60)).state()).isEqualTo(WatchState.WITHIN);
    }

    /** What hangs on a crane's hook may show so much and no more. */
    @Test
    void theDisplayOfAPickIsHeldAgainstItsLimit() {
        PlanDocument plan = BriefedPlans.plan(Means.Kind.WEDGES, Step.Kind.ALOFT, post("tove", Role.OPERATOR, null));
        PlanDocument.StepPart st = plan.steps().get(0);
        PiecePart.Picked hook = new PiecePart.Picked(
                6, 400, 0.7, Optional.of(300.0), Optional.of(360.0), Optional.of(470.0), Optional.of(350.0));
        PiecePart piece = new PiecePart(
                List.of(1),
                3,
                Way.PICKED,
                9,
                3,
                350,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.of(hook),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        PlanDocument.StepPart picks = new PlanDocument.StepPart(
                st.id(),
                st.turn(),
                st.kind(),
                st.stem(),
                st.startMin(),
                st.endMin(),
                st.posts(),
                st.ticks(),
                st.work(),
                st.kit(),
                st.done(),
                Optional.of(piece));
        assertThat(WatchedStep.of(plan, picks).loadN()).contains(470 * StemMass.G);
        assertThat(WatchedStep.of(plan, st).loadN()).isEmpty();
    }

    private static List<AfterSurprise> after(Surprise what, Means.Kind means) {
        WatchedStep s = step(means, Step.Kind.FELL);
        return AfterSurprise.of(what, s.plan(), s.step());
    }

    @ParameterizedTest
    @EnumSource(Surprise.class)
    void everySurpriseHasSomethingToOfferNext(Surprise what) {
        for (Means.Kind means : List.of(Means.Kind.NOTHING, Means.Kind.WEDGES, Means.Kind.MACHINE_LINE)) {
            assertThat(after(what, means)).isNotEmpty();
        }
    }

    /** What can happen depends on whether a tree is felled or taken down; somebody inside can happen anywhere. */
    @Test
    void whatCanHappenIsAskedByWhatIsDone() {
        assertThat(Surprise.in(true))
                .contains(Surprise.PIECE_HUNG, Surprise.PAID_OUT_STILL, Surprise.SOMEBODY_INSIDE)
                .doesNotContain(Surprise.STALLED, Surprise.SAT_BACK);
        assertThat(Surprise.in(false))
                .contains(Surprise.STALLED, Surprise.SOMEBODY_INSIDE)
                .doesNotContain(Surprise.PIECE_HUNG);
        assertThat(Surprise.in(true).size() + Surprise.in(false).size())
                .as("each somewhere")
                .isGreaterThanOrEqualTo(Surprise.values().length);
        assertThat(after(Surprise.PIECE_HUNG, Means.Kind.WEDGES))
                .extracting(AfterSurprise::at)
                .containsExactly(Stage.RUN, Stage.TANGLE);
    }

    @Test
    void aStalledStemIsOfferedItsLineAndWithoutOneThatASecondMeansIsMissing() {
        Message line = after(Surprise.STALLED, Means.Kind.MACHINE_LINE).get(0).says();
        assertThat(line.args()).containsKeys("planned", "most");
        AfterSurprise none = after(Surprise.STALLED, Means.Kind.WEDGES).get(0);
        assertThat(none.at()).isEqualTo(Stage.CUTS);
        assertThat(none.says().args()).containsKey("means");
        assertThat(after(Surprise.HUNG, Means.Kind.WEDGES).get(0).at()).isEqualTo(Stage.TANGLE);
    }
}
