package org.antevid.core.judge;

import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/** Small things that are said inside others. */
public enum Phrase implements Code {
    /** A step, by its kind and the stem it is about. */
    STEP,
    /** A crown and how likely it catches. */
    CROWN,
    /** A target and how far it is clear. */
    CLEAR_BY,
    /** A change and what it makes of the splitting. */
    CHANGE;

    /** @return a step as it is called: its kind and the stem it is about */
    public static Message step(Step.Kind kind, Optional<String> stem) {
        return Message.of(STEP).with("kind", Arg.term(kind)).with("stem", stem.map(Arg::name));
    }
}
