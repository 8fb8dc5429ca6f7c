package org.antevid.core.tangle;

import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/**
 * What has to be done before a removal.
 *
 * @param stem whose plate, rope or tie it is
 * @param to what it is tied to, of a tie only
 */
public record Preparation(Kind kind, String stem, Optional<String> to) {
    /** Kinds of preparation. */
    public enum Kind implements Code {
        SECURE_PLATE,
        KEEP_ROPE_TIGHT,
        SEVER_TIE,
        /** it is held, and stays so until it is let go */
        HOLD
    }

    static Preparation of(Kind kind, String stem) {
        return new Preparation(kind, stem, Optional.empty());
    }

    /**
     * @param called what a stem or a thing of the place is called, by label or id
     * @return as somebody on site says it
     */
    public Message message(UnaryOperator<String> called) {
        return Message.of(kind)
                .with("stem", Arg.name(stem))
                .with("to", to.map(called).map(Arg::name));
    }

    /** @return its label in the open interface */
    public String label() {
        return kind.name().toLowerCase(Locale.ROOT) + ":" + stem
                + to.map(t -> ":" + t).orElse("");
    }
}
