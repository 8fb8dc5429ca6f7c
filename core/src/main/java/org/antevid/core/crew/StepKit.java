package org.antevid.core.crew;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;

/**
 * Something a step cannot be done without.
 *
 * @param atLeastN rated force or load it has to bear, N, 1 to 1,000,000; empty where none is asked or it is not known
 */
public record StepKit(Kind kind, Optional<Double> atLeastN) {
    /** Kinds of it. */
    public enum Kind implements Code {
        SAW,
        TRACTOR_WINCH,
        HAND_WINCH,
        MACHINE_WITH_CAB,
        LEVER,
        /** a machine, a crane, or chain to a sound tree */
        HOLD,
        PROPS,
        COVER
    }

    public StepKit {
        atLeastN.ifPresent(n -> Require.within(n, 1, 1e6, "atLeastN"));
    }

    public static StepKit of(Kind kind) {
        return new StepKit(kind, Optional.empty());
    }

    public static StepKit of(Kind kind, Optional<Double> atLeastN) {
        return new StepKit(kind, atLeastN.filter(n -> n >= 1));
    }

    /** @return as somebody on site says it */
    public Message message() {
        return Message.of(kind).with("force", atLeastN.map(n -> Arg.up(Dimension.FORCE, n)));
    }
}
