package org.antevid.core.run.watch;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/** What an instrument watches. */
public enum WatchKind implements Code {
    /** the pull in a line that brings a stem over or out, N */
    LINE(10),
    /** what hangs in a machine, a crane or a holding line, N */
    LOAD(10),
    /** where somebody is */
    BEACON(30);

    private final int oldestS;

    WatchKind(int oldestS) {
        this.oldestS = oldestS;
    }

    /** @return seconds after which a reading says nothing any more (judgement: a pull changes faster than a walk) */
    public int oldestS() {
        return oldestS;
    }

    /** @return what one is called: "beacon 12, Sefa Marsh" */
    public Message called(String number, Optional<String> bearer) {
        return Message.of(WatchWords.CALLED)
                .with("kind", Arg.term(this))
                .with("number", Arg.name(number))
                .with("person", bearer.map(Arg::name));
    }
}
