package org.antevid.core.crew;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;

/**
 * What a step in a tangle does to its stem, beyond the kind of the step.
 *
 * @param on what the stem is tied to or propped on, or what is covered, as it is called when the step is made
 * @param atM where it is propped or cut, metres from the butt, 0 to 60
 */
public record Work(Kind kind, Optional<String> on, Optional<Double> atM) {
    /** Kinds of work, each with the kind of step it makes. */
    public enum Kind implements Code {
        SEVER_TIE(Step.Kind.PREPARE, Role.CUTTER),
        LET_GO(Step.Kind.PREPARE, Role.WINCH),
        /** the owner's own people do it; ours keep everybody off */
        LINE_OWNER(Step.Kind.PREPARE),
        FREE_LIMBS(Step.Kind.CROSSCUT, Role.CUTTER),
        PROP(Step.Kind.PREPARE, Role.GROUND),
        HOLD_PIECE(Step.Kind.PREPARE, Role.WINCH),
        HOLD_REST(Step.Kind.PREPARE, Role.WINCH),
        HOLD_PLATE(Step.Kind.PREPARE, Role.WINCH),
        /** the piece beyond a cut; the trunk where nothing says where */
        PIECE(Step.Kind.CROSSCUT, Role.CUTTER),
        CARRYING_LIMBS(Step.Kind.CROSSCUT, Role.CUTTER),
        COVER(Step.Kind.PREPARE, Role.GROUND);

        private final Step.Kind step;
        private final List<Role> roles;

        Kind(Step.Kind step, Role... hands) {
            this.step = step;
            this.roles =
                    Stream.concat(Stream.of(hands), Stream.of(Role.LOOKOUT)).toList();
        }

        public Step.Kind step() {
            return step;
        }

        /** @return who is needed for it; somebody only watches, always */
        public List<Role> roles() {
            return roles;
        }
    }

    public Work {
        atM.ifPresent(x -> Require.within(x, 0, 60, "atM"));
    }

    public static Work of(Kind kind) {
        return new Work(kind, Optional.empty(), Optional.empty());
    }

    public static Work on(Kind kind, String on) {
        return new Work(kind, Optional.of(on), Optional.empty());
    }

    /** @return as somebody on site says it */
    public Message message(Optional<String> stem) {
        return Message.of(kind)
                .with("stem", stem.map(Arg::name))
                .with("on", on.map(Arg::name))
                .with("at", atM.map(x -> Arg.of(Dimension.LENGTH, x)));
    }
}
