package org.antevid.core.judge.crew;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Situation;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Preparation;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.Ways;
import org.antevid.core.tangle.picture.DragLine;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.TakenOff;

/**
 * The steps a crew needs for what the tangle's order says, in its turns: ties severed, stems brought down or cut, held
 * ones let go; and for a stem on a building what is held, propped, cut and covered. Who does it and where they stand is
 * proposed as for a tree that is felled. A stem that is felled by its lay gets its step there; one that is left, none.
 */
public final class ProposedSteps {
    private final Situation s;
    private final UnaryOperator<String> called;
    /** What people did last, by their id: they go on with it. */
    private final Map<String, Role> last = new HashMap<>();

    private ProposedSteps(Situation s, UnaryOperator<String> called) {
        this.s = s;
        this.called = called;
        s.steps().forEach(st -> st.posts().forEach(p -> last.put(p.personId(), p.role())));
    }

    /**
     * @param called what a thing of the place is called, by its id
     * @return what no step is there for yet, in the turns of the order; nothing while there is no order
     */
    public static List<ProposedStep> ofOrder(Situation s, UnaryOperator<String> called) {
        return new ProposedSteps(s, called).inOrder();
    }

    private List<ProposedStep> inOrder() {
        Optional<Picture> picture = s.place().tangle();
        return picture.flatMap(Picture::release).stream()
                .flatMap(r -> r.steps().stream())
                .flatMap(step -> step.kind().removes()
                        ? step.stems().stream().flatMap(id -> removed(picture.orElseThrow(), step, id).stream())
                        : step.stems().stream().map(id -> prepared(step, id)))
                // what was done and is in the order all the same has to be done once more
                .filter(p -> s.steps().stream().noneMatch(st -> !st.done() && p.is(st)))
                .toList();
    }

    /** @return the turns of a stem that is taken off something, up to where it has to be looked at again */
    public static List<ProposedStep> ofPieces(Situation s, String label, TakenOff off, UnaryOperator<String> called) {
        return new ProposedSteps(s, called).pieces(label, off);
    }

    private List<ProposedStep> pieces(String label, TakenOff off) {
        return off.turns().stream()
                .takeWhile(t -> t.kind() != TakenOff.Kind.LOOK_AGAIN)
                .map(t -> proposed(work(t).kind().step(), label, Optional.of(work(t)), ring(label), kit(t)))
                .filter(p -> s.steps().stream().noneMatch(p::is))
                .toList();
    }

    private Optional<ProposedStep> removed(Picture p, Release.Step step, String id) {
        Optional<Ways> ways = Optional.ofNullable(step.method().get(id));
        Optional<Ways.Way> best =
                ways.flatMap(w -> w.ladder().stream().findFirst()).filter(w -> w != Ways.Way.LEAVE_CORDON_MARK);
        boolean laid =
                p.member(id).filter(m -> m.reading().notFelled().isEmpty()).isPresent();
        return best.filter(w -> !laid)
                .map(w -> proposed(
                        w == Ways.Way.CROSSCUT_WITH_BIND_PLAN ? Step.Kind.CROSSCUT : Step.Kind.RELEASE,
                        id,
                        Optional.empty(),
                        ring(step, id),
                        Stream.concat(kit(w, ways.orElseThrow()), held(step)).toList()));
    }

    private static Stream<StepKit> kit(Ways.Way way, Ways ways) {
        Optional<Double> rated = ways.pullN().map(n -> Ways.WINCH_RESERVE * n);
        return switch (way) {
            case CROSSCUT_WITH_BIND_PLAN, SEVER_BY_HAND_FROM_OUTSIDE -> Stream.of(StepKit.of(StepKit.Kind.SAW));
            case TRACTOR_WINCH_FROM_BEHIND -> Stream.of(StepKit.of(StepKit.Kind.TRACTOR_WINCH, rated));
            case HAND_WINCH_AWAY_FROM_LAY -> Stream.of(StepKit.of(StepKit.Kind.HAND_WINCH, rated));
            case MACHINE_WITH_CAB -> Stream.of(StepKit.of(StepKit.Kind.MACHINE_WITH_CAB));
            case ROTATE_WITH_LEVER -> Stream.of(StepKit.of(StepKit.Kind.LEVER));
            case LEAVE_CORDON_MARK -> Stream.of();
        };
    }

    /** How hard a plate or a held stem pulls is not said by the order: it is asked where it is held. */
    private static Stream<StepKit> held(Release.Step step) {
        boolean holds = step.before().stream()
                .anyMatch(b -> b.kind() == Preparation.Kind.SECURE_PLATE || b.kind() == Preparation.Kind.HOLD);
        return holds ? Stream.of(StepKit.of(StepKit.Kind.HOLD)) : Stream.of();
    }

    private static List<StepKit> kit(TakenOff.Turn t) {
        Optional<Double> pieceN = t.piece().map(p -> p.massHighKg() * StemMass.G);
        return switch (t.kind()) {
            case LINE_OWNER, LOOK_AGAIN -> List.of();
            case PROP ->
                List.of(StepKit.of(
                        StepKit.Kind.PROPS,
                        t.loads().stream()
                                .findFirst()
                                .flatMap(TakenOff.Load::afterKg)
                                .map(kg -> kg * StemMass.G)));
            case HOLD_PIECE -> List.of(StepKit.of(StepKit.Kind.HOLD, pieceN));
            case HOLD_REST, HOLD_PLATE -> List.of(StepKit.of(StepKit.Kind.HOLD));
            case FREE_LIMBS, CARRYING_LIMBS, FLOATS, PRESSES, LIES, TRUNK -> List.of(StepKit.of(StepKit.Kind.SAW));
            case COVER -> List.of(StepKit.of(StepKit.Kind.COVER));
        };
    }

    private ProposedStep prepared(Release.Step step, String id) {
        Work work = step.tie()
                .map(t -> Work.on(Work.Kind.SEVER_TIE, called.apply(t.b())))
                .orElseGet(() -> Work.of(Work.Kind.LET_GO));
        List<StepKit> kit = work.kind() == Work.Kind.SEVER_TIE ? List.of(StepKit.of(StepKit.Kind.SAW)) : List.of();
        return proposed(work.kind().step(), id, Optional.of(work), ring(step, id), kit);
    }

    private Work work(TakenOff.Turn t) {
        Optional<Double> cut = t.piece().map(TakenOff.Piece::fromM);
        return switch (t.kind()) {
            case LINE_OWNER -> new Work(Work.Kind.LINE_OWNER, t.thing().map(called), Optional.empty());
            case COVER -> new Work(Work.Kind.COVER, t.thing().map(called), Optional.empty());
            case FREE_LIMBS -> Work.of(Work.Kind.FREE_LIMBS);
            case CARRYING_LIMBS -> Work.of(Work.Kind.CARRYING_LIMBS);
            case PROP ->
                t.loads().stream()
                        .findFirst()
                        .map(l -> new Work(Work.Kind.PROP, Optional.of(called.apply(l.on())), Optional.of(l.xM())))
                        .orElseThrow();
            case HOLD_PIECE -> new Work(Work.Kind.HOLD_PIECE, Optional.empty(), cut);
            case HOLD_REST -> Work.of(Work.Kind.HOLD_REST);
            case HOLD_PLATE -> Work.of(Work.Kind.HOLD_PLATE);
            case TRUNK -> Work.of(Work.Kind.PIECE);
            case FLOATS, PRESSES, LIES -> new Work(Work.Kind.PIECE, Optional.empty(), cut);
            case LOOK_AGAIN -> throw new IllegalArgumentException("nothing is done while it is looked at");
        };
    }

    private ProposedStep proposed(
            Step.Kind kind, String stem, Optional<Work> work, Optional<GuardRing> ring, List<StepKit> kit) {
        List<Role> roles = work.map(t -> t.kind().roles())
                .orElse(List.of(kind == Step.Kind.CROSSCUT ? Role.CUTTER : Role.WINCH, Role.LOOKOUT));
        Optional<Spot> winch = s.place()
                .tangle()
                .flatMap(p -> p.member(stem))
                .flatMap(Member::dragLine)
                .map(DragLine::winch);
        List<Step.Post> posts = ProposedPosts.assigned(s, roles, last, role -> switch (role) {
            case LOOKOUT -> ring.flatMap(r -> ProposedPosts.outside(s, stem, r));
            case WINCH -> winch;
            default -> Optional.empty();
        });
        posts.forEach(p -> last.put(p.personId(), p.role()));
        return new ProposedStep(kind, Optional.of(stem), work, posts, kit, ProposedStep.When.IN_TURN);
    }

    private static Optional<GuardRing> ring(Release.Step step, String id) {
        return Optional.ofNullable(step.zone().get(id));
    }

    private Optional<GuardRing> ring(String label) {
        return s.place().tangle().flatMap(Picture::release).stream()
                .flatMap(r -> r.steps().stream())
                .flatMap(step -> ring(step, label).stream())
                .findFirst();
    }
}
