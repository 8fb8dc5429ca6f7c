package org.antevid.core.crew;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Protection;

/**
 * What a step does to its stem or to something near it, beyond the kind of the step.
 *
 * @param on what the stem is tied to or propped on, or what is covered, shut or cleared, as it is called when the step
 *     is made
 * @param atM where it is propped or cut, metres from the butt, 0 to 60
 * @param about id of the thing that is protected, or key of the side on which a way out is cleared; empty where the
 *     kind and the stem say it all
 */
public record Work(Kind kind, Optional<String> on, Optional<Double> atM, Optional<String> about) {
    /** Whether everybody gets ready for it and a go is given, or whoever does it ticks it off. */
    private enum Gate {
        GO,
        TICK
    }

    /** Kinds of work, each with the kind of step it makes. */
    public enum Kind implements Code {
        SEVER_TIE(Step.Kind.PREPARE, Gate.GO, Role.CUTTER, Role.LOOKOUT),
        LET_GO(Step.Kind.PREPARE, Gate.GO, Role.WINCH, Role.LOOKOUT),
        /** the owner's own people do it; ours keep everybody off */
        LINE_OWNER(Step.Kind.PREPARE, Gate.GO, Role.LOOKOUT),
        FREE_LIMBS(Step.Kind.CROSSCUT, Gate.GO, Role.CUTTER, Role.LOOKOUT),
        PROP(Step.Kind.PREPARE, Gate.GO, Role.GROUND, Role.LOOKOUT),
        HOLD_PIECE(Step.Kind.PREPARE, Gate.GO, Role.WINCH, Role.LOOKOUT),
        HOLD_REST(Step.Kind.PREPARE, Gate.GO, Role.WINCH, Role.LOOKOUT),
        HOLD_PLATE(Step.Kind.PREPARE, Gate.GO, Role.WINCH, Role.LOOKOUT),
        /** the piece beyond a cut; the trunk where nothing says where */
        PIECE(Step.Kind.CROSSCUT, Gate.GO, Role.CUTTER, Role.LOOKOUT),
        CARRYING_LIMBS(Step.Kind.CROSSCUT, Gate.GO, Role.CUTTER, Role.LOOKOUT),
        COVER(Step.Kind.PREPARE, Gate.GO, Role.GROUND, Role.LOOKOUT),
        /** a way and whoever guards it */
        SHUT(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        EMPTY(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        MOVE_AWAY(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        /** something near a tree that still stands */
        COVER_UP(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        CUSHION(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        /** its owner's own people do it and say so */
        SWITCH_OFF(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        TAKE_DOWN(Step.Kind.PREPARE, Gate.TICK, Role.GROUND),
        /** a way out is made as walkable as the plan counts on */
        CLEAR_WAY(Step.Kind.CLEAR, Gate.TICK, Role.GROUND),
        /** whoever pulls rigs the line and brings it to its pretension; their part is in the step that fells */
        RIG(Step.Kind.PREPARE, Gate.TICK),
        LIMB(Step.Kind.CROSSCUT, Gate.GO, Role.CUTTER),
        READ_STUMP(Step.Kind.CLEAR, Gate.TICK, Role.GROUND),
        MARK(Step.Kind.CLEAR, Gate.TICK, Role.GROUND),
        /** kit at the foot, the way up tried, the minutes known */
        RESCUE_READY(Step.Kind.PREPARE, Gate.TICK, Role.RESCUER),
        /** up and tied in, block and line hung */
        CLIMB_UP(Step.Kind.ALOFT, Gate.GO, Role.CLIMBER, Role.RESCUER),
        /** platform or basket stands, its legs and its reach tried; whoever cuts is clipped in */
        PLATFORM_UP(Step.Kind.ALOFT, Gate.GO, Role.CLIMBER, Role.RESCUER),
        /** all beyond a cut, on a line over a block */
        LOWER_PIECE(Step.Kind.ALOFT, Gate.GO, Role.CLIMBER, Role.BRAKE, Role.GROUND, Role.RESCUER),
        /** the same, held first by a line from another tree, then taken over by the one over the stem */
        LET_OVER_PIECE(
                Step.Kind.ALOFT, Gate.GO, Role.CLIMBER, Role.BRAKE, Role.SECOND_BRAKE, Role.GROUND, Role.RESCUER),
        /** all beyond a cut, with nothing that holds it; by hand in as many pieces as are planned */
        DROP_PIECE(Step.Kind.ALOFT, Gate.GO, Role.CLIMBER, Role.GROUND, Role.RESCUER),
        /** slung, held by the crane while it is cut from outside it, lifted off */
        PICK_PIECE(Step.Kind.ALOFT, Gate.GO, Role.OPERATOR, Role.SIGNALLER, Role.CLIMBER, Role.RESCUER),
        /** the same by a grab that cuts: nobody is up */
        GRAB_PIECE(Step.Kind.ALOFT, Gate.GO, Role.OPERATOR, Role.SIGNALLER),
        /** on the ground: untied or unhooked before the next one comes */
        LAND_PIECE(Step.Kind.CLEAR, Gate.TICK, Role.GROUND),
        /** what is left, from the ground */
        FELL_STUB(Step.Kind.ALOFT, Gate.GO, Role.CUTTER, Role.LOOKOUT);

        private final Step.Kind step;
        private final Gate gate;
        private final List<Role> roles;

        Kind(Step.Kind step, Gate gate, Role... roles) {
            this.step = step;
            this.gate = gate;
            this.roles = List.of(roles);
        }

        public Step.Kind step() {
            return step;
        }

        /** @return who is needed for it */
        public List<Role> roles() {
            return roles;
        }

        /** @return whether everybody gets ready for it and a go is given */
        public boolean gated() {
            return gate == Gate.GO;
        }

        /** @return the work that does a protection; empty where none is to be done */
        public static Optional<Kind> of(Protection p) {
            return switch (p) {
                case NONE -> Optional.empty();
                case MOVE -> Optional.of(MOVE_AWAY);
                case EMPTY -> Optional.of(EMPTY);
                case COVER -> Optional.of(COVER_UP);
                case CUSHION -> Optional.of(CUSHION);
                case CLOSE -> Optional.of(SHUT);
                case SWITCH_OFF -> Optional.of(SWITCH_OFF);
                case TAKE_DOWN -> Optional.of(TAKE_DOWN);
            };
        }

        /** @return whether it does a protection of something of the place */
        public boolean protects() {
            return List.of(Protection.values()).stream()
                    .anyMatch(p -> of(p).filter(this::equals).isPresent());
        }
    }

    public Work {
        atM.ifPresent(x -> Require.within(x, 0, 60, "atM"));
        // documents frozen before steps came from the plan do not have it
        about = about == null ? Optional.empty() : about;
    }

    /** Work on the stem of the step alone. */
    public Work(Kind kind, Optional<String> on, Optional<Double> atM) {
        this(kind, on, atM, Optional.empty());
    }

    public static Work of(Kind kind) {
        return new Work(kind, Optional.empty(), Optional.empty());
    }

    /**
     * @param about id of a thing of the place, or key of a side
     * @param called what the crew calls it
     */
    public static Work about(Kind kind, String about, String called) {
        return new Work(kind, Optional.of(called), Optional.empty(), Optional.of(about));
    }

    /** @return whether it is the protection of this thing of the place */
    public boolean protects(String featureId) {
        return kind.protects() && about.filter(featureId::equals).isPresent();
    }

    public static Work on(Kind kind, String on) {
        return new Work(kind, Optional.of(on), Optional.empty());
    }

    /**
     * @param limb id of the limb that is cut; empty: the stem
     * @param atM along the limb from the stem, or of the stem above ground
     */
    public static Work piece(Kind kind, Optional<String> limb, double atM) {
        return new Work(kind, limb, Optional.of(atM), limb);
    }

    /** A limb that is cut where it leaves the stem comes down whole: nobody says a height. */
    private boolean wholeLimb() {
        return kind.step() == Step.Kind.ALOFT
                && about.isPresent()
                && atM.filter(x -> x == 0).isPresent();
    }

    /** @return as somebody on site says it */
    public Message message(Optional<String> stem) {
        return Message.of(kind)
                .with("stem", stem.map(Arg::name))
                .with("on", on.map(Arg::name))
                .with("at", atM.filter(x -> !wholeLimb()).map(x -> Arg.of(Dimension.LENGTH, x)));
    }
}
