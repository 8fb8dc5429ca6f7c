package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.takedown.InPieces.CLIMBER;
import static org.antevid.core.judge.takedown.InPieces.OAK;
import static org.antevid.core.judge.takedown.InPieces.RESCUER;
import static org.antevid.core.judge.takedown.InPieces.cut;
import static org.antevid.core.judge.takedown.InPieces.situation;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.brief.PieceCard;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.judge.crew.ProposedStep;
import org.antevid.core.judge.crew.SmallestCrew;
import org.antevid.core.judge.crew.Staffing;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.FrictionAloft;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.SecondLine;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.step.PiecePart;
import org.junit.jupiter.api.Test;

/** A piece that a line from another tree holds first: who handles which line. */
class TwoBrakesTest {
    private static final Person SEFA = new Person("sefa", "Sefa Marsh", Set.of(Competence.RIGGING));
    private static final Person OREN = new Person("oren", "Oren Vale", Set.of(Competence.RIGGING));
    private static final Person NELL = new Person("nell", "Nell Pike", Set.of(Competence.GROUND));
    private static final Optional<Gear.Part> ROPE = Optional.of(new Gear.Part("line", 60_000, true, Optional.empty()));

    private static Optional<Gear.Part> part(String name) {
        return Optional.of(new Gear.Part(name, 40_000, true, Optional.empty()));
    }

    private static Situation.TakenDown letOver(boolean holdsFirst) {
        SecondLine second = new SecondLine(
                ROPE,
                0,
                6,
                16,
                3,
                1,
                Optional.of(true),
                Optional.of(new FrictionAloft(part("friction"), part("sling 2")))
                        .filter(x -> holdsFirst));
        Gear gear = new Gear(
                ROPE, part("block"), part("sling"), part("brake"), Optional.empty(), 8, 200, 0.3, Optional.of(second));
        TakeDown plan = TakeDown.of(
                CutFigure.of(OAK, InPieces.LIMBS),
                Aloft.of(OAK),
                List.of(cut("L1", Way.DRIFTED)),
                gear,
                new Below(FreeDrop.Surface.TURF, 0, 8, 10));
        return new Situation.TakenDown("S1", plan, Aloft.of(OAK), Optional.of("edda"), Optional.empty());
    }

    private static List<Step.Post> posts(Situation.TakenDown t, Work.Kind kind, Person... crew) {
        Situation s = situation(OAK, List.of(crew), List.of(t), Verdict.DISMANTLE);
        return PieceSteps.of(s).stream()
                .filter(p -> p.work().orElseThrow().kind() == kind)
                .findFirst()
                .map(ProposedStep::posts)
                .orElseThrow();
    }

    @Test
    void eachLineHasItsOwnHand() {
        assertThat(posts(letOver(true), Work.Kind.LET_OVER_PIECE, CLIMBER, RESCUER, SEFA, OREN, NELL))
                .extracting(Step.Post::role)
                .containsExactlyInAnyOrder(Role.CLIMBER, Role.BRAKE, Role.SECOND_BRAKE, Role.GROUND, Role.RESCUER);
        assertThat(posts(letOver(true), Work.Kind.LET_OVER_PIECE, CLIMBER, RESCUER, SEFA, NELL))
                .as("nobody holds both")
                .extracting(Step.Post::role)
                .doesNotContain(Role.SECOND_BRAKE);
        assertThat(posts(letOver(false), Work.Kind.LOWER_PIECE, CLIMBER, RESCUER, SEFA, OREN, NELL))
                .extracting(Step.Post::role)
                .doesNotContain(Role.SECOND_BRAKE);
    }

    /** "Name one" helps nobody where everybody who can already holds the other line. */
    @Test
    void whoCanAndIsBusyIsNamed() {
        assertThat(emptyPlaces(CLIMBER, RESCUER, SEFA, NELL))
                .containsExactly(Optional.of(Arg.names(List.of(SEFA.name()))));
        assertThat(emptyPlaces(CLIMBER, RESCUER, NELL, SEFA, OREN)).isEmpty();
    }

    private static List<Optional<Arg>> emptyPlaces(Person... crew) {
        Situation.TakenDown t = letOver(true);
        Step st = new Step(
                "st1",
                1,
                Step.Kind.ALOFT,
                Optional.of("S1"),
                0,
                20,
                false,
                posts(t, Work.Kind.LET_OVER_PIECE, crew),
                Optional.of(Work.piece(Work.Kind.LET_OVER_PIECE, Optional.of("L1"), 0)),
                List.of());
        Situation s = situation(OAK, List.of(crew), List.of(t), Verdict.DISMANTLE, List.of(st));
        return new Staffing()
                .check(s)
                .filter(f -> f.rule() == RuleId.POST_EMPTY)
                .map(f -> Optional.ofNullable(f.args().get("busy")))
                .toList();
    }

    @Test
    void theSmallestCrewIsOneMore() {
        int tied = SmallestCrew.of(letOver(false).plan()).orElseThrow().roles().size();
        assertThat(SmallestCrew.of(letOver(true).plan()).orElseThrow().roles()).hasSize(tied + 1);
    }

    @Test
    void eachIsToldTheirOwnLine() {
        TakeDown plan = letOver(true).plan();
        Optional<PiecePart> part =
                Optional.of(PiecePart.of(plan, plan.pieces(), new Spot(0, 0), Ground.LEVEL, Optional.empty()));
        PiecePart.Across x = part.flatMap(PiecePart::across).orElseThrow();
        assertThat(x.lineN())
                .isGreaterThanOrEqualTo(
                        plan.pieces().get(0).loading().second().orElseThrow().peakN());
        assertThat(x.holdsFirst().orElseThrow().wraps())
                .isGreaterThanOrEqualTo(x.holdsFirst().orElseThrow().wrapsLeast());
        assertThat(codes(part, Role.BRAKE))
                .contains(PieceCard.Words.HELD_FIRST)
                .doesNotContain(PieceCard.Words.HOLD_FIRST, PieceCard.Words.ACROSS, PieceCard.Words.HELD);
        assertThat(codes(part, Role.SECOND_BRAKE))
                .contains(PieceCard.Words.HOLD_FIRST, PieceCard.Words.ON_THE_LINE, PieceCard.Words.WRAPS)
                .doesNotContain(PieceCard.Words.HELD_FIRST);
        assertThat(codes(part, Role.GROUND)).contains(PieceCard.Words.HELD_FIRST);
    }

    private static List<Code> codes(Optional<PiecePart> part, Role role) {
        return PieceCard.of(part, role).stream().map(Message::code).toList();
    }
}
