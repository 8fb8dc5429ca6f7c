package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.Samples;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKey;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Mulberry;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;

/** What is decided of a tree asks for steps, each with its reason, each where it belongs. */
class LayStepsTest {
    private static final LayChoice OWN_LEAN = Samples.toward(0, Means.of(Means.Kind.NOTHING));

    private static Situation.StemFacts laid(String label, double eastM, LayChoice choice, Site site) {
        StemReading oak = Samples.oak(label, new Spot(eastM, 0), List.of());
        return new Situation.StemFacts(
                oak, Optional.of(LayPlan.of(oak, choice, site, LayPlan.Limits.USUAL)), true, Optional.empty());
    }

    private static Situation day(Site site, List<Situation.StemFacts> stems, Step... steps) {
        return Samples.situation(site, stems, List.of(), List.of(steps));
    }

    private static Situation one(LayChoice choice, Site site, Step... steps) {
        return day(site, List.of(laid("S1", 0, choice, site)), steps);
    }

    private static Feature towpath(Protection protection, boolean done) {
        return new Feature(
                "f1",
                "Towpath",
                FeatureKind.PATH,
                Shape.disc(new Spot(30, 0), 2),
                2,
                false,
                protection,
                "Sefa Marsh",
                done);
    }

    private static Step fell(String label, int turn, int from) {
        return new Step("fell" + label, turn, Step.Kind.FELL, Optional.of(label), from, from + 30, false, List.of());
    }

    private static List<Work.Kind> works(List<ProposedStep> all) {
        return all.stream().flatMap(p -> p.work().stream()).map(Work::kind).toList();
    }

    @Test
    void aTreeThatFallsByItsLeanNeedsItsFallAndWhatFollows() {
        List<ProposedStep> all = LaySteps.of(one(OWN_LEAN, Samples.site()));
        assertThat(all)
                .extracting(ProposedStep::kind)
                .containsExactly(Step.Kind.CLEAR, Step.Kind.FELL, Step.Kind.CLEAR, Step.Kind.CROSSCUT);
        assertThat(works(all)).containsExactly(Work.Kind.CLEAR_WAY, Work.Kind.READ_STUMP, Work.Kind.LIMB);
        assertThat(LaySteps.of(one(OWN_LEAN, Samples.site(), fell("S1", 1, 0))))
                .as("its fall is there already")
                .hasSize(3);
    }

    @Test
    void whatIsPulledIsRiggedByWhoeverPulls() {
        ProposedStep rig = LaySteps.of(one(Samples.toward(0, Samples.WINCH), Samples.site()))
                .get(0);
        assertThat(rig.work()).contains(Work.of(Work.Kind.RIG));
        assertThat(rig.posts()).extracting(Step.Post::role).containsExactly(Role.WINCH);
        assertThat(rig.when()).isEqualTo(ProposedStep.When.BEFORE_THE_FALL);
    }

    @Test
    void aWayOutThatIsTooSlowIsClearedWhereThatHelps() {
        Situation s = one(leaving(Set.of()), Samples.site());
        LayPlan plan = s.laysAhead().findFirst().orElseThrow();
        ProposedStep clear = LaySteps.of(s).stream()
                .filter(p -> works(List.of(p)).contains(Work.Kind.CLEAR_WAY))
                .findFirst()
                .orElseThrow();
        assertThat(clear.work().orElseThrow().on())
                .contains(plan.worthClearing().orElseThrow().wayName());
        assertThat(StepReason.of(s, clear.key()).map(Message::code)).contains(Because.WAY_TOO_SLOW);
        Situation cleared = one(leaving(Set.of(plan.worthClearing().orElseThrow())), Samples.site());
        assertThat(works(LaySteps.of(cleared))).doesNotContain(Work.Kind.CLEAR_WAY);
    }

    private static LayChoice leaving(Set<EscapeRoutes.Side> cleared) {
        return new LayChoice(
                0,
                0.3,
                OWN_LEAN.school(),
                0.45,
                OWN_LEAN.means(),
                OWN_LEAN.skill(),
                new Leaving(cleared, Optional.empty(), Leaving.Clock.AT_MOVEMENT),
                OWN_LEAN.cuts(),
                OWN_LEAN.support());
    }

    @Test
    void aThingWithinTwoRingsIsProtectedOnceBeforeTheFirstFall() {
        Site site = Samples.site(towpath(Protection.CLOSE, false));
        List<Situation.StemFacts> stems = List.of(laid("S1", 0, OWN_LEAN, site), laid("S2", 12, OWN_LEAN, site));
        List<ProposedStep> all = LaySteps.of(day(site, stems, fell("S2", 1, 0), fell("S1", 2, 30)));
        assertThat(works(all)).containsOnlyOnce(Work.Kind.SHUT);
        ProposedStep shut = all.get(0);
        assertThat(shut.stem()).contains("S2");
        assertThat(shut.posts()).extracting(Step.Post::personId).containsExactly("sefa");
    }

    @Test
    void whatIsDoneOrFarOffOrNotPlannedIsNotAskedFor() {
        for (Feature f : List.of(
                towpath(Protection.CLOSE, true),
                towpath(Protection.NONE, false),
                new Feature(
                        "far",
                        "Lane",
                        FeatureKind.ROAD,
                        Shape.disc(new Spot(0, 300), 2),
                        2,
                        false,
                        Protection.CLOSE,
                        "",
                        false))) {
            assertThat(works(LaySteps.of(one(OWN_LEAN, Samples.site(f)))))
                    .as(f.name())
                    .containsExactly(Work.Kind.CLEAR_WAY, Work.Kind.READ_STUMP, Work.Kind.LIMB);
        }
    }

    @Test
    void eachStepOfThePlanHasAReasonAndOneAddedByHandHasNone() {
        Site site = Samples.site(towpath(Protection.CLOSE, false));
        Situation s = one(Samples.toward(0, Samples.WINCH), site);
        assertThat(LaySteps.of(s)).isNotEmpty().allSatisfy(p -> assertThat(StepReason.of(s, p.key()))
                .isPresent());
        StepKey added = new StepKey(Step.Kind.CLEAR, Optional.of("S1"), Optional.empty());
        assertThat(StepReason.of(s, added)).isEmpty();
    }

    @Test
    void stepsComeWhereTheyBelongAndNothingStartsEarlier() {
        Site site = Samples.site(towpath(Protection.CLOSE, false));
        Mulberry random = new Mulberry(15);
        for (int round = 0; round < 200; round++) {
            List<Step> now = new ArrayList<>();
            int at = (int) (random.next() * 30);
            for (int i = 1; i <= 3; i++) {
                now.add(fell("S" + i, i, at));
                at += 30 + (int) (random.next() * 20);
            }
            List<Situation.StemFacts> stems = Stream.of(1, 2, 3)
                    .map(i -> laid("S" + i, 8 * i, Samples.toward(0, Samples.WINCH), site))
                    .toList();
            Situation s = day(site, stems, now.toArray(Step[]::new));
            List<PlacedSteps.Placed> all = PlacedSteps.of(
                    now, LaySteps.of(s), p -> new UsualMinutes(10, 10, Optional.empty(), 0, Optional.empty()));
            assertThat(all).hasSize(3 + 1 + 3 * 3);
            for (int i = 1; i < all.size(); i++) {
                assertThat(all.get(i).startMin())
                        .isGreaterThanOrEqualTo(all.get(i - 1).endMin());
            }
            all.forEach(p -> p.there().ifPresent(st -> assertThat(p.startMin()).isGreaterThanOrEqualTo(st.startMin())));
            for (String label : List.of("S1", "S2", "S3")) {
                List<String> turns = all.stream()
                        .filter(p -> p.there().isPresent()
                                ? p.there().get().stem().equals(Optional.of(label))
                                : p.added().orElseThrow().stem().equals(Optional.of(label)))
                        .map(p -> p.added()
                                .flatMap(ProposedStep::work)
                                .map(w -> w.kind().name())
                                .orElse("FALL"))
                        .filter(k -> !k.equals("SHUT"))
                        .toList();
                assertThat(turns).containsExactly("RIG", "FALL", "READ_STUMP", "LIMB");
            }
        }
    }
}
