package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.stem.StemMass;

/**
 * Ways to bring one stem down or to sever its tie, best first, and why the others are out. Leaving, closing off and
 * marking is always on the list and is a valid result. Drag force F = m g (mu cos s + sin s), the whole weight dragged:
 * an upper bound. Practice rules; forces from statics.
 *
 * @param ladder best first
 * @param whyNot the first reason that holds, for every way that is out
 * @param pullN upper bound of the force to drag it, N; empty when its mass is not known
 * @param leverN handle force to roll it with a 1.3 m lever, N; empty when mass or butt is not known
 */
public record Ways(List<Way> ladder, Map<Way, Reason> whyNot, Optional<Double> pullN, Optional<Double> leverN) {
    /** Rated pull of a winch over the force it has to bring (practice rule). */
    public static final double WINCH_RESERVE = 1.5;

    static final double ROLLING_FRICTION = 0.4;
    static final double LEVER_M = 1.3;
    static final double LEVER_MOST_N = 400;
    static final double LEVER_MOST_D_M = 0.25;
    static final double LEVER_MOST_KG = 400;

    /** One way, with its key in the open interface. */
    public enum Way {
        MACHINE_WITH_CAB,
        CROSSCUT_WITH_BIND_PLAN,
        TRACTOR_WINCH_FROM_BEHIND,
        HAND_WINCH_AWAY_FROM_LAY,
        ROTATE_WITH_LEVER,
        SEVER_BY_HAND_FROM_OUTSIDE,
        LEAVE_CORDON_MARK;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @return whether a rope pulls */
        public boolean pulls() {
            return this == TRACTOR_WINCH_FROM_BEHIND || this == HAND_WINCH_AWAY_FROM_LAY;
        }

        /** @return whether somebody stands at the stem for it */
        public boolean byHand() {
            return switch (this) {
                case CROSSCUT_WITH_BIND_PLAN, HAND_WINCH_AWAY_FROM_LAY, ROTATE_WITH_LEVER, SEVER_BY_HAND_FROM_OUTSIDE ->
                    true;
                case MACHINE_WITH_CAB, TRACTOR_WINCH_FROM_BEHIND, LEAVE_CORDON_MARK -> false;
            };
        }
    }

    /** Why a way is out. */
    public enum Reason {
        NO_MACHINE,
        RING_OF_STEMS,
        BOUND_TO_STANDING_TREE,
        BOUND_GROUP,
        LIES_ON_A_HUNG_STEM,
        BENEATH_A_HELD_STEM,
        ROOT_PLATE,
        SPRING_LOADED,
        HUNG,
        HELD_BY_ROPE,
        NO_TRACTOR_WINCH,
        NO_HAND_WINCH,
        PULL_DIRECTION,
        NOT_KNOWN,
        TOO_WEAK,
        NOT_HUNG,
        LOCKED_IN_FORK,
        TOO_THICK,
        TOO_HEAVY,
        HANDLE_TOO_HEAVY,
        TIE_CARRIES_LOAD,
        TIE_INSIDE_THE_RING;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * How a stem stands in its pile.
     *
     * @param tied it or a stem of its group is tied to what stays
     * @param onHung it, or one that moves with it, rests on a hung stem, directly or through others
     * @param beneathHeld a stem that only a hold keeps bears on it
     */
    record Setting(
            boolean ring,
            boolean tied,
            boolean group,
            boolean onHung,
            boolean beneathHeld,
            boolean heldByRope,
            boolean machine) {
        /** @return why all but machine and leaving are out */
        Optional<Reason> machineOnly() {
            return ring
                    ? Optional.of(Reason.RING_OF_STEMS)
                    : tied
                            ? Optional.of(Reason.BOUND_TO_STANDING_TREE)
                            : group ? Optional.of(Reason.BOUND_GROUP) : Optional.empty();
        }

        /** @return why nobody works on it by hand */
        Optional<Reason> noHands(Pile.Stem s) {
            return machineOnly()
                    .or(() -> onHung
                            ? Optional.of(Reason.LIES_ON_A_HUNG_STEM)
                            : beneathHeld
                                    ? Optional.of(Reason.BENEATH_A_HELD_STEM)
                                    : s.rootPlate()
                                            ? Optional.of(Reason.ROOT_PLATE)
                                            : s.springLoaded() ? Optional.of(Reason.SPRING_LOADED) : Optional.empty());
        }
    }

    static Ways of(Pile.Stem s, Setting in) {
        Optional<Double> pull = s.massKg().map(m -> {
            double slope = Math.toRadians(s.dragSlopeDeg());
            return Math.max(0, m * StemMass.G * (s.mu() * Math.cos(slope) + Math.sin(slope)));
        });
        Optional<Double> lever = lever(s.massKg(), s.buttDM(), s.forkDM());
        Rungs rungs = new Rungs();
        rungs.put(Way.MACHINE_WITH_CAB, in.machine ? Optional.empty() : Optional.of(Reason.NO_MACHINE));
        rungs.put(
                Way.CROSSCUT_WITH_BIND_PLAN,
                in.noHands(s)
                        .or(() -> s.hung()
                                ? Optional.of(Reason.HUNG)
                                : in.heldByRope ? Optional.of(Reason.HELD_BY_ROPE) : Optional.empty()));
        rungs.put(
                Way.TRACTOR_WINCH_FROM_BEHIND,
                in.machineOnly().or(() -> winch(s.tractorWinchN(), Reason.NO_TRACTOR_WINCH, pull, Reason.NOT_KNOWN)));
        rungs.put(
                Way.HAND_WINCH_AWAY_FROM_LAY,
                in.noHands(s).or(() -> winch(s.handWinchN(), Reason.NO_HAND_WINCH, pull, Reason.NOT_KNOWN)));
        rungs.put(
                Way.ROTATE_WITH_LEVER,
                in.noHands(s)
                        .or(() -> s.hung() ? Optional.empty() : Optional.of(Reason.NOT_HUNG))
                        .or(() -> rotate(s.lockedInFork(), s.massKg(), s.buttDM(), lever)));
        return rungs.ways(pull, lever);
    }

    /** Severing a tie: the machine, or by hand from outside where it carries nothing for certain. */
    static Ways ofTie(Pile.Relation tie, List<Pile.Stem> group, boolean ring, boolean onHung, boolean machine) {
        Optional<Reason> byHand = ring
                ? Optional.of(Reason.RING_OF_STEMS)
                : onHung
                        ? Optional.of(Reason.LIES_ON_A_HUNG_STEM)
                        : group.stream().anyMatch(Pile.Stem::rootPlate)
                                ? Optional.of(Reason.ROOT_PLATE)
                                : group.stream().anyMatch(Pile.Stem::springLoaded)
                                        ? Optional.of(Reason.SPRING_LOADED)
                                        : severed(tie);
        Rungs rungs = new Rungs();
        rungs.put(Way.MACHINE_WITH_CAB, machine ? Optional.empty() : Optional.of(Reason.NO_MACHINE));
        rungs.put(Way.SEVER_BY_HAND_FROM_OUTSIDE, byHand);
        return rungs.ways(Optional.empty(), Optional.empty());
    }

    private static Optional<Reason> severed(Pile.Relation tie) {
        if (tie.carries() == Pile.Carries.NOT_KNOWN || tie.severFrom() == Pile.SeverFrom.NOT_KNOWN) {
            return Optional.of(Reason.NOT_KNOWN);
        }
        return tie.carries() != Pile.Carries.NOTHING
                ? Optional.of(Reason.TIE_CARRIES_LOAD)
                : tie.severFrom() == Pile.SeverFrom.INSIDE ? Optional.of(Reason.TIE_INSIDE_THE_RING) : Optional.empty();
    }

    /** @return force on the handle of a lever that rolls it out of a fork, N */
    static Optional<Double> lever(Optional<Double> massKg, Optional<Double> buttDM, double forkDM) {
        return massKg.flatMap(
                m -> buttDM.map(d -> 0.5 * m * StemMass.G * ROLLING_FRICTION * (d + forkDM) / 2 / LEVER_M));
    }

    /** @param unknown why it is out when nobody knows the force */
    static Optional<Reason> winch(Optional<Double> ratedN, Reason none, Optional<Double> forceN, Reason unknown) {
        if (ratedN.isEmpty()) {
            return Optional.of(none);
        }
        if (forceN.isEmpty()) {
            return Optional.of(unknown);
        }
        double rated = ratedN.get();
        return rated > 0 && rated >= WINCH_RESERVE * forceN.get() ? Optional.empty() : Optional.of(Reason.TOO_WEAK);
    }

    static Optional<Reason> rotate(
            boolean locked, Optional<Double> massKg, Optional<Double> buttDM, Optional<Double> leverN) {
        if (locked) {
            return Optional.of(Reason.LOCKED_IN_FORK);
        }
        if (leverN.isEmpty()) {
            return Optional.of(Reason.NOT_KNOWN);
        }
        return buttDM.orElseThrow() > LEVER_MOST_D_M
                ? Optional.of(Reason.TOO_THICK)
                : massKg.orElseThrow() > LEVER_MOST_KG
                        ? Optional.of(Reason.TOO_HEAVY)
                        : leverN.get() > LEVER_MOST_N ? Optional.of(Reason.HANDLE_TOO_HEAVY) : Optional.empty();
    }

    /** The ladder as it is put together, best first. */
    static final class Rungs {
        private final List<Way> ladder = new ArrayList<>();
        private final Map<Way, Reason> whyNot = new EnumMap<>(Way.class);

        void put(Way way, Optional<Reason> out) {
            out.ifPresentOrElse(r -> whyNot.put(way, r), () -> ladder.add(way));
        }

        Ways ways(Optional<Double> pullN, Optional<Double> leverN) {
            ladder.add(Way.LEAVE_CORDON_MARK);
            return new Ways(List.copyOf(ladder), Map.copyOf(whyNot), pullN, leverN);
        }
    }
}
