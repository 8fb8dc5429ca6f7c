package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Situation;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Drift;
import org.antevid.core.takedown.pieces.KeepClear;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.step.PiecePart;

/**
 * The steps of a tree that is taken down in pieces: rescue ready, up and tied in, one for each piece in its turn. What
 * follows one another by hand from one limb is one step. A tree that is felled or left gets none.
 */
public final class PieceSteps {
    private final Situation s;
    private final Situation.TakenDown t;
    /** What people did last, by their id: they go on with it. */
    private final Map<String, Role> last = new HashMap<>();

    private PieceSteps(Situation s, Situation.TakenDown t) {
        this.s = s;
        this.t = t;
        s.steps().forEach(st -> st.posts().forEach(p -> last.put(p.personId(), p.role())));
        t.climber().ifPresent(c -> last.put(c, Role.CLIMBER));
    }

    /** Pieces that come down in one step. */
    public record Group(Work work, List<Piece> pieces) {
        /** @return whether this work takes them off, or lands them */
        public boolean takes(Work other) {
            return work.equals(other) || landed().filter(other::equals).isPresent();
        }

        /** @return what is done on the ground before the next pick; empty of what no crane holds */
        Optional<Work> landed() {
            return Optional.of(work)
                    .filter(w -> w.kind() == Work.Kind.PICK_PIECE || w.kind() == Work.Kind.GRAB_PIECE)
                    .map(w -> new Work(Work.Kind.LAND_PIECE, w.on(), w.atM(), w.about()));
        }

        /** @return where nobody stands but whoever cuts */
        List<Shape> keepClear(Spot foot, Ground ground) {
            return pieces.stream()
                    .flatMap(p -> KeepClear.whileCut(foot, p, ground).stream())
                    .map(Shape::polygon)
                    .toList();
        }
    }

    /** @return what no step is there for yet, tree by tree */
    public static List<ProposedStep> of(Situation s) {
        return s.place().takenDown().stream()
                .filter(t -> inPieces(s, t))
                .flatMap(t -> new PieceSteps(s, t).all())
                .filter(p -> s.steps().stream().noneMatch(p::is))
                .toList();
    }

    /** @return whether that is what is done with it: nothing else was chosen and no lay is fixed */
    private static boolean inPieces(Situation s, Situation.TakenDown t) {
        Verdict chosen = s.place().chosen().get(t.label());
        boolean laid = s.stem(t.label()).filter(Situation.StemFacts::fixed).isPresent();
        return chosen == Verdict.DISMANTLE || chosen == Verdict.CRANE || chosen == null && !laid;
    }

    /** @return the pieces of a plan by the steps they come down in */
    public static List<Group> groups(TakeDown plan) {
        List<List<Piece>> runs = new ArrayList<>();
        for (Piece p : plan.pieces()) {
            List<Piece> before = runs.isEmpty() ? List.of() : runs.get(runs.size() - 1);
            if (!before.isEmpty() && together(before.get(0), p)) {
                before.add(p);
            } else {
                runs.add(new ArrayList<>(List.of(p)));
            }
        }
        return runs.stream()
                .map(r -> new Group(work(r.get(r.size() - 1)), List.copyOf(r)))
                .toList();
    }

    /** @return how many pieces from the first have come down, by the work that is done */
    public static int down(TakeDown plan, Collection<Work> done) {
        int down = 0;
        int of = 0;
        for (Group g : groups(plan)) {
            of += g.pieces().size();
            if (done.contains(g.work())) {
                down = of;
            }
        }
        return down;
    }

    private static boolean together(Piece a, Piece b) {
        return a.cut().way() == Way.BY_HAND
                && b.cut().way() == Way.BY_HAND
                && a.cut().limb().equals(b.cut().limb());
    }

    private static Work work(Piece p) {
        Work.Kind kind =
                switch (p.cut().way()) {
                    case FELLED -> Work.Kind.FELL_STUB;
                    case TIED_ABOVE, TIED_BELOW, LET_RUN -> Work.Kind.LOWER_PIECE;
                    case DRIFTED ->
                        p.drift().flatMap(Drift::held).isPresent() ? Work.Kind.LET_OVER_PIECE : Work.Kind.LOWER_PIECE;
                    case BY_HAND, SNAPPED, TOPPED -> Work.Kind.DROP_PIECE;
                    case PICKED -> Work.Kind.PICK_PIECE;
                    case GRABBED -> Work.Kind.GRAB_PIECE;
                };
        return Work.piece(kind, p.cut().limb(), p.cut().atM());
    }

    /** @return the pieces a step takes; empty where it takes none, or they are planned no more */
    public static Optional<Group> of(Situation s, Step st) {
        return st.work().flatMap(w -> s.place().takenDown().stream()
                .filter(t -> st.stem().filter(t.label()::equals).isPresent())
                .flatMap(t -> groups(t.plan()).stream())
                .filter(g -> g.takes(w))
                .findFirst());
    }

    /** @return the pieces of a step as they are frozen into the briefing */
    public static Optional<PiecePart> briefed(Situation s, Step st) {
        return of(s, st).flatMap(g -> st.stem().flatMap(s::stem).flatMap(f -> s.place().takenDown().stream()
                .filter(t -> t.label().equals(f.label()))
                .findFirst()
                .map(t -> PiecePart.of(
                        t.plan(),
                        g.pieces(),
                        f.reading().at(),
                        s.site().terrain().groundAt(f.reading().at()),
                        picked(t, g)))));
    }

    private static Optional<PiecePart.Picked> picked(Situation.TakenDown t, Group g) {
        return t.crane().stream()
                .flatMap(c -> c.picks().stream())
                .filter(p -> p.number() == g.pieces().get(0).number())
                .findFirst()
                .flatMap(PiecePart.Picked::of);
    }

    private Stream<ProposedStep> all() {
        List<Group> groups = groups(t.plan());
        List<ProposedStep> all = new ArrayList<>();
        if (groups.stream().anyMatch(g -> g.work().kind().roles().contains(Role.RESCUER))) {
            all.add(step(Work.of(Work.Kind.RESCUE_READY), List.of(), role -> true));
        }
        boolean climbed = t.plan().aloft().allowed().compareTo(Aloft.Allowed.NOBODY) < 0
                && t.plan().pieces().stream().anyMatch(p -> p.cut().way().aloft());
        if (climbed) {
            boolean basket = t.plan().aloft().allowed() == Aloft.Allowed.PLATFORM;
            all.add(step(Work.of(basket ? Work.Kind.PLATFORM_UP : Work.Kind.CLIMB_UP), List.of(), role -> true));
        }
        groups.forEach(g -> {
            all.add(step(g));
            g.landed().ifPresent(w -> all.add(step(w, List.of(), at -> true)));
        });
        return all.stream();
    }

    private ProposedStep step(Group g) {
        List<Shape> clear = s.stem(t.label())
                .map(f -> f.reading().at())
                .map(foot -> g.keepClear(foot, s.site().terrain().groundAt(foot)))
                .orElse(List.of());
        return step(g.work(), List.of(StepKit.of(StepKit.Kind.SAW)), at -> clear.stream()
                .allMatch(z -> z.distanceTo(at) > 0));
    }

    private ProposedStep step(Work work, List<StepKit> kit, Predicate<Spot> outside) {
        List<Step.Post> posts =
                ProposedPosts.assigned(s, work.kind().roles(), last, Optional.of(s.planner()), role -> switch (role) {
                    case CLIMBER, CUTTER -> Optional.empty();
                    default -> ProposedPosts.besides(s, t.label(), role, outside);
                });
        posts.forEach(p -> last.put(p.personId(), p.role()));
        return new ProposedStep(
                work.kind().step(), Optional.of(t.label()), Optional.of(work), posts, kit, ProposedStep.When.IN_TURN);
    }
}
