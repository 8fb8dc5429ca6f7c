package org.antevid.core.judge;

import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
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

    /** @return a step as it is called: what it does to its stem, or its kind and the stem it is about */
    public static Message step(Step.Kind kind, Optional<String> stem, Optional<Work> work) {
        return work.map(t -> t.message(stem)).orElseGet(() -> plain(kind, stem));
    }

    private static Message plain(Step.Kind kind, Optional<String> stem) {
        return Message.of(STEP).with("kind", Arg.term(kind)).with("stem", stem.map(Arg::name));
    }
}
