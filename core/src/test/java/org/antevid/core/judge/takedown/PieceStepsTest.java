package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.takedown.InPieces.CLIMBER;
import static org.antevid.core.judge.takedown.InPieces.OAK;
import static org.antevid.core.judge.takedown.InPieces.RESCUER;
import static org.antevid.core.judge.takedown.InPieces.cut;
import static org.antevid.core.judge.takedown.InPieces.planned;
import static org.antevid.core.judge.takedown.InPieces.situation;
import static org.antevid.core.judge.takedown.InPieces.stem;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.brief.PieceCard;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.crew.roster.Remedy;
import org.antevid.core.crew.roster.RosterRule;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.Mend;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.judge.crew.ProposedStep;
import org.antevid.core.judge.crew.Staffing;
import org.antevid.core.message.Message;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.step.PiecePart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** From the pieces of a tree to what each of the crew does. */
class PieceStepsTest {
    private static final Person BRAKE = new Person("sefa", "Sefa Marsh", Set.of(Competence.RIGGING));
    private static final Person GROUND = new Person("oren", "Oren Vale", Set.of(Competence.GROUND, Competence.LOOKOUT));
    private static final Person SAW =
            new Person("nell", "Nell Pike", Set.of(Competence.SAW, Competence.LOOKOUT, Competence.GROUND));
    private static final List<Person> CREW = List.of(CLIMBER, RESCUER, BRAKE, GROUND, SAW);

    private static Situation.TakenDown whole() {
        return planned(
                OAK,
                cut("L2", 0.6, Way.BY_HAND),
                cut("L2", Way.BY_HAND),
                cut("L1", Way.TIED_ABOVE),
                stem(12, Way.SNAPPED),
                stem(0.3, Way.FELLED));
    }

    /** What is done counts by its group: limb L2 by hand is one step of two pieces. */
    @Test
    void whatHasComeDownIsCountedByTheStepsThatAreDone() {
        List<Work> all = PieceSteps.groups(whole().plan()).stream()
                .map(PieceSteps.Group::work)
                .toList();
        assertThat(PieceSteps.down(whole().plan(), List.of())).isZero();
        assertThat(PieceSteps.down(whole().plan(), all.subList(0, 1))).isEqualTo(2);
        assertThat(PieceSteps.down(whole().plan(), all.subList(0, 2))).isEqualTo(3);
        assertThat(PieceSteps.down(whole().plan(), all)).isEqualTo(5);
        assertThat(PieceSteps.down(whole().plan(), List.of(Work.of(Work.Kind.CLIMB_UP))))
                .isZero();
    }

    @Test
    void fromAPlatformNobodyTiesInToTheTree() {
        Situation.TakenDown up = whole();
        Situation.TakenDown basket = new Situation.TakenDown(
                "S1",
                InPieces.plan(OAK, up.reckoned().said(Aloft.Allowed.PLATFORM), cut("L2", Way.BY_HAND)),
                up.reckoned(),
                up.climber(),
                Optional.empty());
        assertThat(PieceSteps.of(with(List.of(), basket)))
                .extracting(p -> p.work().orElseThrow().kind())
                .contains(Work.Kind.PLATFORM_UP)
                .doesNotContain(Work.Kind.CLIMB_UP);
    }

    private static Situation with(List<Step> steps, Situation.TakenDown... down) {
        return situation(OAK, CREW, List.of(down), Verdict.DISMANTLE, steps);
    }

    private static List<Step> steps(Situation s) {
        List<Step> all = new ArrayList<>();
        for (ProposedStep p : PieceSteps.of(s)) {
            int n = all.size();
            all.add(new Step(
                    "st" + n, n + 1, p.kind(), p.stem(), 20 * n, 20 * n + 20, false, p.posts(), p.work(), p.kit()));
        }
        return all;
    }

    private static Step posted(Step st, Role role, String who, Optional<Spot> at) {
        List<Step.Post> posts = new ArrayList<>(
                st.posts().stream().filter(p -> p.role() != role).toList());
        posts.add(new Step.Post(role, who, at));
        return st.with(st.startMin(), posts);
    }

    private static List<Step> changed(List<Step> steps, Step other) {
        return steps.stream().map(s -> s.id().equals(other.id()) ? other : s).toList();
    }

    /** Who leads has the whole site to look after: they stand by to rescue only where nobody else can. */
    @Test
    void theLeaderStandsByToRescueOnlyWhereNobodyElseCan() {
        Person leads = new Person("imre", "Imre Halloway", Set.of(Competence.RESCUE));
        assertThat(rescuers(List.of(leads, CLIMBER, RESCUER, BRAKE, GROUND, SAW)))
                .containsOnly("lorne");
        assertThat(rescuers(List.of(leads, CLIMBER, BRAKE, GROUND, SAW))).containsOnly("imre");
    }

    private static List<String> rescuers(List<Person> people) {
        Situation s = situation(OAK, people, List.of(whole()), Verdict.DISMANTLE, List.of());
        return PieceSteps.of(s).stream()
                .flatMap(p -> p.posts().stream())
                .filter(p -> p.role() == Role.RESCUER)
                .map(Step.Post::personId)
                .toList();
    }

    @Test
    void rescueFirstThenUpThenEachPieceInItsTurn() {
        List<ProposedStep> all = PieceSteps.of(with(List.of(), whole()));
        assertThat(all)
                .extracting(p -> p.work().orElseThrow().kind())
                .containsExactly(
                        Work.Kind.RESCUE_READY,
                        Work.Kind.CLIMB_UP,
                        Work.Kind.DROP_PIECE,
                        Work.Kind.LOWER_PIECE,
                        Work.Kind.DROP_PIECE,
                        Work.Kind.FELL_STUB);
        assertThat(PieceSteps.groups(whole().plan()).get(0).pieces())
                .as("two by hand off one limb are one step")
                .hasSize(2);
        ProposedStep lowered = all.get(3);
        assertThat(lowered.posts())
                .extracting(Step.Post::role)
                .containsExactlyInAnyOrder(Role.CLIMBER, Role.BRAKE, Role.GROUND, Role.RESCUER);
        assertThat(lowered.posts()).extracting(Step.Post::personId).doesNotHaveDuplicates();
    }

    @Test
    void whoeverClimbsByThePlanIsNamed() {
        assertThat(PieceSteps.of(with(List.of(), whole())).get(1).posts())
                .filteredOn(p -> p.role() == Role.CLIMBER)
                .extracting(Step.Post::personId)
                .containsExactly("edda");
    }

    @Test
    void whatIsThereIsNotAskedForAgainAndAnotherVerdictAsksForNothing() {
        Situation first = with(List.of(), whole());
        assertThat(PieceSteps.of(with(steps(first), whole()))).isEmpty();
        assertThat(PieceSteps.of(situation(OAK, CREW, List.of(whole()), Verdict.FELL_FROM_GROUND)))
                .isEmpty();
        assertThat(PieceSteps.of(with(List.of()))).isEmpty();
    }

    /** As proposed nothing stands against it: no false stop on a plan that is in order. */
    @Test
    void asProposedNobodyStandsUnderAPieceAndEveryPlaceIsFilled() {
        Situation s = with(steps(with(List.of(), whole())), whole());
        for (Rule rule : List.of(new UnderAPiece(), new RescuerNotFree(), new StepOfNoPiece(), new NobodyToRescue())) {
            assertThat(rule.check(s)).as(rule.getClass().getSimpleName()).isEmpty();
        }
        assertThat(new Staffing().check(s))
                .filteredOn(f -> f.severity() == Severity.STOP)
                .isEmpty();
    }

    @Test
    void whoStandsUnderItIsNamedAndWhoCutsIsNot() {
        List<Step> steps = steps(with(List.of(), whole()));
        Step lowered = steps.get(3);
        Situation under =
                with(changed(steps, posted(lowered, Role.BRAKE, "sefa", Optional.of(new Spot(0, 1.5)))), whole());
        Finding f = new UnderAPiece().check(under).findFirst().orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(f.detail()).containsExactly("sefa");
        Situation climber =
                with(changed(steps, posted(lowered, Role.CLIMBER, "edda", Optional.of(new Spot(0, 0.5)))), whole());
        assertThat(new UnderAPiece().check(climber)).isEmpty();
    }

    /** Whoever works beside it at the same time keeps off as far as the piece goes should the line go. */
    @Test
    void whoWorksBesideItKeepsOffFartherThanWhoHasAPart() {
        List<Step> steps = new ArrayList<>(steps(with(List.of(), whole())));
        Step lowered = steps.get(3);
        PiecePart piece = PieceSteps.briefed(with(steps, whole()), lowered).orElseThrow();
        double ring = piece.keepOffM().orElseThrow();
        for (double away : new double[] {ring - 0.5, ring + 0.5}) {
            Step beside = new Step(
                    "beside",
                    99,
                    Step.Kind.CLEAR,
                    Optional.empty(),
                    lowered.startMin(),
                    lowered.endMin(),
                    false,
                    List.of(new Step.Post(Role.GROUND, "nell", Optional.of(new Spot(-away, 0)))));
            List<Step> all = new ArrayList<>(steps);
            all.add(beside);
            assertThat(new UnderAPiece().check(with(all, whole())))
                    .as("%.1f m of %.1f", away, ring)
                    .hasSize(away < ring ? 1 : 0);
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Role.class,
            names = {"BRAKE", "GROUND"})
    void theRescuerDoesNothingElse(Role other) {
        List<Step> steps = steps(with(List.of(), whole()));
        Step both = posted(steps.get(3), other, "lorne", Optional.empty());
        assertThat(new RescuerNotFree().check(with(changed(steps, both), whole())))
                .extracting(Finding::rule, Finding::severity)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(RuleId.RESCUER_NOT_FREE, Severity.STOP));
    }

    @Test
    void aRescuerWhoCannotIsNoneAndNoneIsAnEmptyPlace() {
        List<Step> steps = steps(with(List.of(), whole()));
        Step cannot = posted(steps.get(3), Role.RESCUER, "nell", Optional.empty());
        assertThat(new RescuerNotFree().check(with(changed(steps, cannot), whole())))
                .hasSize(1);
        Step none = steps.get(3)
                .with(
                        60,
                        steps.get(3).posts().stream()
                                .filter(p -> p.role() != Role.RESCUER)
                                .toList());
        assertThat(new Staffing().check(with(changed(steps, none), whole())))
                .extracting(Finding::rule)
                .contains(RuleId.POST_EMPTY);
    }

    /** The plan cuts elsewhere now: the step that was briefed is not done as it stands. */
    @Test
    void aStepOfACutThatIsPlannedNoMoreIsAStop() {
        List<Step> steps = steps(with(List.of(), whole()));
        Situation.TakenDown other = planned(OAK, cut("L2", Way.BY_HAND), cut("L1", Way.TIED_ABOVE));
        assertThat(new StepOfNoPiece().check(with(steps, other)))
                .extracting(f -> f.subject().id())
                .containsExactly("st4", "st5");
        assertThat(new StepOfNoPiece()
                        .check(with(steps.stream().map(s -> s.done(true)).toList(), other)))
                .as("what is done is done")
                .isEmpty();
    }

    @Test
    void eachRoleIsToldWhatItNeeds() {
        List<Step> steps = steps(with(List.of(), whole()));
        Optional<PiecePart> lowered = PieceSteps.briefed(with(steps, whole()), steps.get(3));
        assertThat(codes(lowered, Role.CLIMBER)).contains(PieceCard.Words.CUT_AT, PieceCard.Words.WEIGHS);
        assertThat(codes(lowered, Role.BRAKE)).contains(PieceCard.Words.WEIGHS, PieceCard.Words.HELD);
        assertThat(codes(lowered, Role.GROUND)).contains(PieceCard.Words.KEEP_OFF);
        assertThat(codes(lowered, Role.RESCUER)).contains(PieceCard.Words.UP_THERE);
        assertThat(PieceCard.of(Optional.empty(), Role.BRAKE)).isEmpty();
        assertThat(lowered.orElseThrow().numbers()).containsExactly(3);
        assertThat(lowered.orElseThrow().of()).isEqualTo(5);
    }

    /** What was weighed since changes no plan; whoever holds the hook is told the new numbers, and only then. */
    @Test
    void readingsSinceTheBriefingReachWhoeverHoldsTheHook() {
        PiecePart briefed = hanging(400, 300);
        assertThat(PieceCard.weighedSince(Optional.of(briefed), Optional.of(hanging(400, 300))))
                .isEmpty();
        PiecePart now = hanging(460, 345);
        assertThat(now.same(briefed)).as("a reading is no new plan").isTrue();
        assertThat(PieceCard.weighedSince(Optional.of(briefed), Optional.of(now)))
                .extracting(Message::code)
                .<Object>containsExactly(
                        PieceCard.Words.WEIGHED_SINCE, PieceCard.Words.ON_THE_HOOK, PieceCard.Words.SHOWS);
        List<Step> steps = steps(with(List.of(), whole()));
        Optional<PiecePart> lowered = PieceSteps.briefed(with(steps, whole()), steps.get(3));
        assertThat(PieceCard.weighedSince(lowered, lowered)).isEmpty();
        assertThat(PieceCard.weighedSince(Optional.empty(), Optional.of(now))).isEmpty();
    }

    /**
     * Who cuts and who stands below read where a top goes, and onto what a piece is let down; what hangs goes on none.
     */
    @Test
    void whereItGoesStandsOnTheCardsOfThoseItConcerns() {
        TakeDown p = InPieces.plan(
                OAK,
                Aloft.of(OAK),
                cut("L1", Way.TIED_ABOVE),
                cut("L2", Way.SNAPPED),
                new Cut(
                        Optional.empty(),
                        15,
                        Way.TOPPED,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(84.0)));
        Below bed = new Below(
                p.below().surface(),
                p.below().slopeDeg(),
                p.below().gustMs(),
                p.below().stopMs(),
                Optional.of(new DropBed("the mat", Optional.of(500.0), Optional.of("edda"))));
        TakeDown t = TakeDown.of(
                p.figure(), p.aloft(), p.pieces().stream().map(Piece::cut).toList(), p.gear(), bed);
        List<Optional<PiecePart>> parts = t.pieces().stream()
                .map(x -> Optional.of(
                        PiecePart.of(t, List.of(x), OAK.at(), Ground.LEVEL, Optional.<PiecePart.Picked>empty())))
                .toList();
        for (Role role : List.of(Role.CLIMBER, Role.GROUND, Role.LOOKOUT)) {
            assertThat(codes(parts.get(0), role)).doesNotContain(PieceCard.Words.TOWARD, PieceCard.Words.ONTO_BED);
            assertThat(codes(parts.get(1), role))
                    .contains(PieceCard.Words.ONTO_BED)
                    .doesNotContain(PieceCard.Words.TOWARD);
            assertThat(codes(parts.get(2), role)).contains(PieceCard.Words.ONTO_BED, PieceCard.Words.TOWARD);
        }
        TakeDown turned = TakeDown.of(
                p.figure(),
                p.aloft(),
                List.of(t.pieces().get(0).cut(), t.pieces().get(1).cut(), stem(15, Way.TOPPED)),
                p.gear(),
                bed);
        PiecePart unsaid = PiecePart.of(
                turned, List.of(turned.pieces().get(2)), OAK.at(), Ground.LEVEL, Optional.<PiecePart.Picked>empty());
        assertThat(unsaid.same(parts.get(2).orElseThrow())).as("briefed anew").isFalse();
    }

    private static PiecePart hanging(double massKg, double showFromKg) {
        return new PiecePart(
                List.of(1),
                3,
                Way.PICKED,
                9,
                3,
                400,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.of(new PiecePart.Picked(
                        6,
                        500,
                        0.7,
                        Optional.of(showFromKg),
                        Optional.of(showFromKg + 60),
                        Optional.of(570.0),
                        Optional.of(massKg))),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static List<Object> codes(Optional<PiecePart> part, Role role) {
        return PieceCard.of(part, role).stream().<Object>map(Message::code).toList();
    }

    /**
     * Long aloft without a break: giving the ground to somebody else changes nothing of it, so that it is not offered.
     */
    @Test
    void whatLeavesTheClimberUpThereMendsNothing() {
        List<Step> slow = new ArrayList<>();
        for (Step st : steps(with(List.of(), whole()))) {
            int n = slow.size();
            slow.add(new Step(
                    st.id(), n + 1, st.kind(), st.stem(), 60 * n, 60 * n + 60, false, st.posts(), st.work(), st.kit()));
        }
        Situation s = with(slow, whole());
        List<String> aloft = new Staffing()
                .check(s)
                .filter(f -> f.says() == RosterRule.R29_LONG_ALOFT)
                .map(Finding::key)
                .toList();
        assertThat(aloft).isNotEmpty();
        assertThat(Mend.of(s, List.of()))
                .filteredOn(m -> m.findings().stream().anyMatch(aloft::contains))
                .noneMatch(m -> m.change() instanceof Remedy.Give);
    }

    /** Each pick is landed before the next; whoever unhooks it may stand where the tree is, the load is elsewhere. */
    @Test
    void picksAreLandedBeforeTheNextAndWhoUnhooksIsNotUnderTheTree() {
        Situation.TakenDown picks = planned(OAK, stem(14, Way.PICKED), stem(10, Way.GRABBED));
        List<Person> crew = new ArrayList<>(CREW);
        crew.add(new Person("tove", "Tove Arkwright", Set.of(Competence.CRANE_OPERATOR)));
        crew.add(new Person("sil", "Sil Marsh", Set.of(Competence.CRANE)));
        Situation first = situation(OAK, crew, List.of(picks), Verdict.CRANE);
        List<Step> steps = steps(first);
        assertThat(steps)
                .extracting(st -> st.work().orElseThrow().kind())
                .containsExactly(
                        Work.Kind.RESCUE_READY,
                        Work.Kind.PICK_PIECE,
                        Work.Kind.LAND_PIECE,
                        Work.Kind.GRAB_PIECE,
                        Work.Kind.LAND_PIECE);
        assertThat(steps.get(3).posts())
                .extracting(Step.Post::role)
                .as("nobody is up while a grab holds it")
                .containsExactlyInAnyOrder(Role.OPERATOR, Role.SIGNALLER);
        Step unhooks = posted(steps.get(2), Role.GROUND, "oren", Optional.of(new Spot(1, 1)));
        Situation s = situation(OAK, crew, List.of(picks), Verdict.CRANE, changed(steps, unhooks));
        assertThat(new UnderAPiece().check(s)).isEmpty();
        assertThat(new StepOfNoPiece().check(s)).isEmpty();
        Step under = posted(steps.get(1), Role.SIGNALLER, "sil", Optional.of(new Spot(1, 1)));
        assertThat(new UnderAPiece().check(situation(OAK, crew, List.of(picks), Verdict.CRANE, changed(steps, under))))
                .hasSize(1);
    }
}
