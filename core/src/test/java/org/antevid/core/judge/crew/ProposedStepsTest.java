package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.antevid.core.Samples;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.DragLine;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Members;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.Struck;
import org.antevid.core.tangle.picture.TakenOff;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The turns of an order become steps with people and stands, each once, and the rules have nothing against them. */
class ProposedStepsTest {
    private static final Spot WINCH = new Spot(0, -45);

    private static Members stem(String label, StemState state, double east) {
        return Members.of(Samples.stem(label, new Spot(east, 0), state, Optional.empty(), Condition.SOUND, List.of()))
                .lies(east, 0, 0.3, east, 15, state == StemState.HUNG ? 9 : 1);
    }

    private static Situation tangle(List<Member> members, List<Step> steps, Pile.Relation... relations) {
        return tangle(true, members, steps, relations);
    }

    private static Situation tangle(
            boolean machine, List<Member> members, List<Step> steps, Pile.Relation... relations) {
        return Samples.tangled(
                new Picture(
                        members,
                        Set.of("T", "roof"),
                        List.of(),
                        List.of(relations),
                        new Picture.AtHand(machine, Optional.of(60000.0), Optional.empty(), List.of()),
                        Ground.LEVEL,
                        List.of(new Struck("roof", "boathouse", FeatureKind.BUILDING, Set.of()))),
                List.of(),
                Samples.PEOPLE,
                steps);
    }

    private static List<ProposedStep> order(Situation s) {
        return ProposedSteps.ofOrder(s, id -> "the " + id);
    }

    private static Step step(int turn, ProposedStep p) {
        return new Step(
                "x" + turn, turn, p.kind(), p.stem(), turn * 30, turn * 30 + 30, false, p.posts(), p.work(), p.kit());
    }

    @Test
    void aTieIsSeveredInAStepOfItsOwnBeforeTheStemComesDown() {
        Situation s = tangle(
                List.of(stem("S1", StemState.LYING, 0).seen()),
                List.of(),
                new Pile.Relation("S1", Pile.Type.BOUND, "T"));
        List<ProposedStep> all = order(s);
        assertThat(all).extracting(p -> p.stem().orElseThrow()).containsOnly("S1");
        assertThat(all.get(0).kind()).isEqualTo(Step.Kind.PREPARE);
        assertThat(all.get(0).work()).contains(Work.on(Work.Kind.SEVER_TIE, "the T"));
        assertThat(all.get(1).work()).isEmpty();
        assertThat(all.get(1).kind()).isEqualTo(Step.Kind.RELEASE);
    }

    @Test
    void whoWatchesStandsOutsideTheRingAndTheWinchWhereItWasDrawn() {
        Member hung = stem("S1", StemState.HUNG, 0)
                .draggedBy(new DragLine(WINCH, Optional.empty()))
                .seen();
        Situation s = tangle(false, List.of(hung), List.of(), new Pile.Relation("S1", Pile.Type.RESTS_ON, "T"));
        ProposedStep down = order(s).get(0);
        assertThat(down.kind()).isEqualTo(Step.Kind.RELEASE);
        assertThat(down.posts()).extracting(Step.Post::role).containsExactly(Role.WINCH, Role.LOOKOUT);
        assertThat(down.posts().get(0).stand()).contains(WINCH);
        assertThat(down.kit()).singleElement().satisfies(k -> {
            assertThat(k.kind()).isEqualTo(StepKit.Kind.TRACTOR_WINCH);
            assertThat(k.atLeastN().orElseThrow()).isGreaterThan(1000);
        });
        Spot watch = down.posts().get(1).stand().orElseThrow();
        double keepOutM = s.hangs().get(0).keepOutM();
        assertThat(watch.distanceTo(hung.reading().at())).isGreaterThanOrEqualTo(keepOutM);
        Step asStep = step(1, down);
        assertThat(Findings.of(tangle(
                        false, List.of(hung), List.of(asStep), new Pile.Relation("S1", Pile.Type.RESTS_ON, "T"))))
                .extracting(f -> f.rule())
                .doesNotContain(RuleId.POST_EMPTY, RuleId.STANDS_IN_RING, RuleId.STANDS_BENEATH, RuleId.CREW);
    }

    /**
     * Whoever only watches stays outside as long as it is tied, whatever the step does; one that only lies is no case.
     */
    @ParameterizedTest
    @EnumSource(names = {"PREPARE", "CROSSCUT", "RELEASE"})
    void whoWatchesInsideTheRingOfATiedOrHungStemIsAStop(Step.Kind kind) {
        Optional<Work> work =
                kind == Step.Kind.PREPARE ? Optional.of(Work.on(Work.Kind.SEVER_TIE, "the T")) : Optional.empty();
        Pile.Relation tie = new Pile.Relation("S1", Pile.Type.BOUND, "T");
        Pile.Relation lies = new Pile.Relation("S1", Pile.Type.OVERHANGS, "T");
        Members down = stem("S1", StemState.LYING, 0);
        assertThat(stopsAt(new Spot(10, 8), down, kind, work, tie)).isTrue();
        assertThat(stopsAt(new Spot(200, 8), down, kind, work, tie)).isFalse();
        assertThat(stopsAt(new Spot(10, 8), down, kind, work, lies)).isFalse();
        assertThat(stopsAt(new Spot(10, 8), stem("S1", StemState.HUNG, 0), kind, work, tie))
                .isTrue();
    }

    private static boolean stopsAt(Spot stand, Members m, Step.Kind kind, Optional<Work> work, Pile.Relation r) {
        Step.Post watch = new Step.Post(Role.LOOKOUT, "sefa", Optional.of(stand));
        Step step = new Step("w", 1, kind, Optional.of("S1"), 0, 30, false, List.of(watch), work, List.of());
        return Findings.of(tangle(List.of(m.seen()), List.of(step), r)).stream()
                .anyMatch(f -> f.rule() == RuleId.STANDS_IN_RING);
    }

    @Test
    void whatIsAStepAlreadyIsNotAddedAgain() {
        List<Member> members = List.of(
                stem("S1", StemState.LYING, 0).seen(),
                stem("S2", StemState.LYING, 3).seen());
        Pile.Relation[] relations = {
            new Pile.Relation("S1", Pile.Type.RESTS_ON, "S2"), new Pile.Relation("S2", Pile.Type.BOUND, "T")
        };
        List<ProposedStep> all = order(tangle(members, List.of(), relations));
        assertThat(all).extracting(p -> p.stem().orElseThrow()).containsSubsequence("S1", "S2", "S2");
        assertThat(order(tangle(members, List.of(step(1, all.get(0))), relations)))
                .isEqualTo(all.subList(1, all.size()));
        List<Step> whole = IntStream.range(0, all.size())
                .mapToObj(i -> step(i + 1, all.get(i)))
                .toList();
        assertThat(order(tangle(members, whole, relations))).isEmpty();
    }

    @Test
    void whoCutBeforeCutsAgain() {
        Step fell = new Step(
                "f",
                1,
                Step.Kind.FELL,
                Optional.of("S9"),
                0,
                30,
                false,
                List.of(new Step.Post(Role.CUTTER, "nadia", Optional.empty())));
        Situation s = tangle(
                false,
                List.of(stem("S1", StemState.LYING, 0).seen()),
                List.of(fell),
                new Pile.Relation("S1", Pile.Type.OVERHANGS, "T"));
        assertThat(order(s)).singleElement().satisfies(p -> {
            assertThat(p.kind()).isEqualTo(Step.Kind.CROSSCUT);
            assertThat(p.posts())
                    .filteredOn(x -> x.role() == Role.CUTTER)
                    .extracting(Step.Post::personId)
                    .containsExactly("nadia");
        });
    }

    /** Knowing less is no place to stand: without a length there is no ring, and nobody is sent anywhere. */
    @Test
    void whereTheRingIsNotKnownNobodyIsSentAnywhere() {
        Member unmeasured = Members.of(new StemReading(
                        "S1",
                        Species.ALNUS,
                        StemState.HUNG,
                        new Spot(0, 0),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Condition.SOUND,
                        StemMass.Shape.FOREST,
                        StemMass.Crown.FOREST_BROADLEAF,
                        List.of(),
                        false))
                .seen();
        Situation s = tangle(List.of(unmeasured), List.of(), new Pile.Relation("S1", Pile.Type.RESTS_ON, "T"));
        assertThat(order(s)).isNotEmpty().allSatisfy(p -> assertThat(p.posts())
                .allSatisfy(x -> assertThat(x.stand()).isEmpty()));
    }

    @Test
    void aStemOnARoofIsHeldProppedCutAndCoveredByTheSteps() {
        Member alder = stem("S1", StemState.LYING, 0).seen();
        List<Rest> rests = List.of(rest(1), rest(4), rest(9));
        Picture p = new Picture(
                List.of(alder),
                Set.of("roof"),
                rests,
                List.of(),
                new Picture.AtHand(true, Optional.empty(), Optional.empty(), List.of()),
                Ground.LEVEL,
                List.of(new Struck("roof", "boathouse", FeatureKind.BUILDING, Set.of())));
        Situation s = Samples.tangled(p, List.of(), Samples.PEOPLE, List.of());
        TakenOff off = TakenOff.of(p, "S1", List.of(8.7), List.of());
        List<ProposedStep> all = ProposedSteps.ofPieces(s, "S1", off, id -> "the " + id);
        assertThat(all)
                .extracting(x -> x.work().orElseThrow().kind())
                .containsSubsequence(Work.Kind.PROP, Work.Kind.PIECE, Work.Kind.PIECE, Work.Kind.COVER);
        assertThat(all).allSatisfy(x -> {
            assertThat(x.kind()).isEqualTo(x.work().orElseThrow().kind().step());
            assertThat(x.posts()).extracting(Step.Post::role).contains(Role.LOOKOUT);
        });
        assertThat(all)
                .filteredOn(x -> x.work().orElseThrow().kind() == Work.Kind.PROP)
                .first()
                .extracting(x -> x.work().orElseThrow().on())
                .isEqualTo(Optional.of("the roof"));
        assertThat(all.stream()
                        .filter(x -> x.work().orElseThrow().kind() == Work.Kind.PIECE)
                        .toList())
                .extracting(x -> x.work().orElseThrow().atM())
                .containsExactly(Optional.of(8.7), Optional.empty());
    }

    private static Rest rest(double xM) {
        return new Rest(
                "r" + xM,
                "S1",
                xM,
                Rest.On.FEATURE,
                Optional.of("roof"),
                Support.Side.BELOW,
                0,
                Optional.empty(),
                Rest.Certainty.SEEN);
    }
}
