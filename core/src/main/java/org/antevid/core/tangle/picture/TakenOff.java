package org.antevid.core.tangle.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.message.Code;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.BindCut;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Severed;
import org.antevid.core.tangle.limb.SeenLimb;
import org.antevid.core.tangle.plate.FallenPlate;

/**
 * A stem on a building, a vehicle, a fence or a line taken off piece by piece, from its free end inward. Practice rule:
 * the line's owner first, then what floats, then what presses, the trunk last with its plate watched; what would load
 * the thing more than now is propped before, what would move is held before, and what came through is covered after.
 * After each cut the stem is looked at again: a turn is what is expected until then.
 */
public record TakenOff(List<Turn> turns) {
    /** What a turn is about. */
    public enum Kind implements Code {
        /** a line: its owner makes it dead and takes limbs off it */
        LINE_OWNER,
        FREE_LIMBS,
        /** a place that would carry more after the next cut */
        PROP,
        /** the piece would move when it is cut */
        HOLD_PIECE,
        /** what stays would move */
        HOLD_REST,
        HOLD_PLATE,
        /** nothing beneath the piece */
        FLOATS,
        /** the piece presses on the thing */
        PRESSES,
        /** the piece lies on the ground or on other stems */
        LIES,
        TRUNK,
        /** limbs the trunk lies on */
        CARRYING_LIMBS,
        /** what stays moves: nothing further can be said from here */
        LOOK_AGAIN,
        COVER;

        /** @return whether a piece goes with it */
        public boolean removes() {
            return this == FLOATS || this == PRESSES || this == LIES || this == TRUNK;
        }
    }

    /** What is said within a turn. */
    public enum Said implements Code {
        LOAD_ON
    }

    /** A stretch of the stem, metres from the butt; kg at the high side. */
    public record Piece(double fromM, double toM, double massHighKg) {}

    /**
     * What a place carries.
     *
     * @param on label of the stem or id of the thing
     * @param beforeKg before the next cut, high side
     * @param afterKg after it; empty of what goes with the piece
     */
    public record Load(String on, double xM, double beforeKg, Optional<Double> afterKg) {}

    /**
     * One turn.
     *
     * @param thing id of what it is about, of lines and covers
     * @param piece that goes, or is held
     * @param loads what the piece presses, or what is propped
     * @param act what would move how
     * @param plate how the plate stands after the next piece; of the trunk: before it goes
     * @param limbs how many
     */
    public record Turn(
            Kind kind,
            Optional<String> thing,
            Optional<Piece> piece,
            List<Load> loads,
            Optional<Severed.Act> act,
            Optional<FallenPlate.State> plate,
            int limbs) {
        private static Turn of(Kind kind) {
            return new Turn(kind, Optional.empty(), Optional.empty(), List.of(), Optional.empty(), Optional.empty(), 0);
        }

        private Turn about(String id) {
            return new Turn(kind, Optional.of(id), piece, loads, act, plate, limbs);
        }

        private Turn of(Piece p, List<Load> pressed) {
            return new Turn(kind, thing, Optional.of(p), pressed, act, plate, limbs);
        }

        private Turn moving(Severed.Act how) {
            return new Turn(kind, thing, piece, loads, Optional.of(how), plate, limbs);
        }

        private Turn standing(FallenPlate.State state) {
            return new Turn(kind, thing, piece, loads, act, Optional.of(state), limbs);
        }

        private Turn counted(int n) {
            return new Turn(kind, thing, piece, loads, act, plate, n);
        }
    }

    /** A place that carries a tenth and 100 N more than before is propped (the same as a support that overloads). */
    private static final double MORE_REL = 0.1;

    private static final double MORE_N = 100;

    /** @return the things that are asked about and that this stem lies on */
    public static List<Struck> things(Picture p, String label) {
        return p.struck().stream()
                .filter(s -> p.allRelations().stream().anyMatch(r -> r.a().equals(label) && r.b().equals(s.id())))
                .toList();
    }

    /**
     * @param cutsM where it is cut, from the butt, in any order
     * @param limbs that are still on it
     * @throws RefusedInput for a stem that lies on nothing that is asked about, for one of which not enough is known,
     *     and for a cut at an end
     */
    public static TakenOff of(Picture p, String label, List<Double> cutsM, List<SeenLimb> limbs) {
        List<Struck> things = things(p, label);
        if (things.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "stem");
        }
        Member m = p.member(label).orElseThrow();
        LyingStem whole = p.beam(label).orElseThrow(() -> new RefusedInput(Refusal.NEEDED, "stem"));
        List<Turn> turns = new ArrayList<>();
        things.stream()
                .filter(t -> t.kind() == FeatureKind.OVERHEAD_LINE)
                .forEach(t -> turns.add(Turn.of(Kind.LINE_OWNER).about(t.id())));
        int carrying = (int) limbs.stream().filter(SeenLimb::carries).count();
        if (limbs.size() > carrying) {
            turns.add(Turn.of(Kind.FREE_LIMBS).counted(limbs.size() - carrying));
        }
        turns.addAll(new Walk(p, m, things, whole).pieces(cutsM, carrying));
        things.stream()
                .filter(t -> Struck.asked(t.kind()).contains(Struck.Question.WHAT_CAME_THROUGH))
                .forEach(t -> turns.add(Turn.of(Kind.COVER).about(t.id())));
        return new TakenOff(List.copyOf(turns));
    }

    /** Goes along the stem from its free end. */
    private record Walk(Picture p, Member m, List<Struck> things, LyingStem whole) {
        List<Turn> pieces(List<Double> cutsM, int carrying) {
            if (cutsM.stream().anyMatch(x -> !(x > Bind.END_M && x < whole.lengthM() - Bind.END_M))) {
                throw new RefusedInput(Refusal.CUT_AT_AN_END, "cutsM");
            }
            List<Double> marks =
                    cutsM.stream().distinct().sorted(Comparator.reverseOrder()).toList();
            Optional<PlatePlan> plate =
                    PlatePlan.known(m) ? Optional.of(PlatePlan.of(m, marks, Optional.empty())) : Optional.empty();
            List<Turn> turns = new ArrayList<>();
            notMeasured().ifPresent(s -> turns.add(Turn.of(Kind.HOLD_PLATE).standing(s)));
            LyingStem stem = whole;
            for (int i = 0; i < marks.size(); i++) {
                Optional<Bind> held = resting(stem, List.of(marks.get(i)));
                if (held.isEmpty()) {
                    turns.add(Turn.of(Kind.LOOK_AGAIN));
                    return turns;
                }
                int removed = i + 1;
                turns.addAll(cut(
                        stem,
                        held.get(),
                        plate.map(x -> x.plate().rows().get(removed).state())));
                if (!stem.heldBefore(marks.get(i))) {
                    turns.add(Turn.of(Kind.LOOK_AGAIN));
                    return turns;
                }
                stem = stem.shortenedTo(marks.get(i));
            }
            Optional<Bind> trunk = resting(stem, List.of());
            if (trunk.isEmpty()) {
                turns.add(Turn.of(Kind.LOOK_AGAIN));
                return turns;
            }
            if (carrying > 0) {
                turns.add(Turn.of(Kind.CARRYING_LIMBS).counted(carrying));
            }
            Turn last = Turn.of(Kind.TRUNK).of(piece(0, stem.lengthM()), pressed(trunk.get(), 0));
            turns.add(plate.map(x -> x.plate().rows().get(marks.size()).state())
                    .or(this::notMeasured)
                    .map(last::standing)
                    .orElse(last));
            return turns;
        }

        /** @return how a plate stands that is up and that nobody measured */
        private Optional<FallenPlate.State> notMeasured() {
            return m.rootPlate() && !PlatePlan.known(m) ? Optional.of(FallenPlate.State.UNCERTAIN) : Optional.empty();
        }

        private static Optional<Bind> resting(LyingStem stem, List<Double> cut) {
            try {
                return Optional.of(Bind.of(stem, cut));
            } catch (RefusedInput nothingHoldsIt) {
                return Optional.empty();
            }
        }

        private List<Turn> cut(LyingStem stem, Bind before, Optional<FallenPlate.State> plateAfter) {
            BindCut c = before.cuts().get(0);
            Piece piece = piece(c.xM(), stem.lengthM());
            List<Load> pressed = pressed(before, c.xM());
            List<Turn> turns = new ArrayList<>();
            more(before, c).forEach(l -> turns.add(Turn.of(Kind.PROP).of(piece, List.of(l))));
            plateAfter
                    .filter(s -> s != FallenPlate.State.STAYS)
                    .ifPresent(s -> turns.add(Turn.of(Kind.HOLD_PLATE).standing(s)));
            if (!c.buttPart().act().rests()) {
                turns.add(Turn.of(Kind.HOLD_REST).moving(c.buttPart().act()));
            }
            if (!c.tipPart().act().rests()) {
                turns.add(Turn.of(Kind.HOLD_PIECE)
                        .of(piece, List.of())
                        .moving(c.tipPart().act()));
            }
            boolean onThing = pressed.stream().anyMatch(l -> things.stream().anyMatch(t -> t.id().equals(l.on())));
            boolean free = stem.supports().stream().allMatch(s -> s.xM() < c.xM());
            turns.add(Turn.of(onThing ? Kind.PRESSES : free ? Kind.FLOATS : Kind.LIES)
                    .of(piece, pressed));
            return turns;
        }

        private Piece piece(double fromM, double toM) {
            return new Piece(fromM, toM, PlatePlan.mass(m, fromM, toM).massHighKg());
        }

        /** @return what the stem presses beyond a place, on what is named */
        private List<Load> pressed(Bind held, double beyondM) {
            return named(held, beyondM)
                    .mapToObj(i -> load(held, i, Optional.empty()))
                    .toList();
        }

        private IntStream named(Bind held, double beyondM) {
            List<Rest> rests = p.restsOf(m.label());
            return IntStream.range(0, held.reactionsN().size())
                    .filter(i ->
                            rests.get(i).other().isPresent() && rests.get(i).xM() >= beyondM);
        }

        private Load load(Bind held, int i, Optional<Double> afterN) {
            Rest rest = p.restsOf(m.label()).get(i);
            return new Load(
                    rest.other().orElseThrow(),
                    rest.xM(),
                    Math.abs(held.reactionsN().get(i)) / StemMass.G,
                    afterN.map(n -> Math.abs(n) / StemMass.G));
        }

        /** @return places of the thing that carry more once the piece is gone */
        private List<Load> more(Bind held, BindCut c) {
            return c.buttPart().reactionAfterN().entrySet().stream()
                    .filter(e -> p.restsOf(m.label())
                            .get(e.getKey())
                            .other()
                            .filter(o -> things.stream().anyMatch(t -> t.id().equals(o)))
                            .isPresent())
                    .filter(e -> Math.abs(e.getValue())
                            > Math.abs(held.reactionsN().get(e.getKey())) * (1 + MORE_REL) + MORE_N)
                    .map(e -> load(held, e.getKey(), Optional.of(e.getValue())))
                    .toList();
        }
    }
}
