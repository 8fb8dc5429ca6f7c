package org.antevid.core.run;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/**
 * One thing that stands against a go.
 *
 * @param subject what it is about: a finding's key, a person, a feature
 * @param message what is said of it
 */
public record Against(Why why, String subject, Message message) {
    /** Why there is no go, or none any more. */
    public enum Why implements Code {
        NO_STEP,
        HOLD,
        SIGNAL,
        NO_BRIEFING,
        PLAN_CHANGED,
        STOP,
        SECOND_OPINION,
        /** read before a go; one that comes up while it goes ends nothing */
        CAUTION,
        NOT_SIGNED,
        NOT_READY,
        NOT_DONE,
        /** a step that needs no go comes first */
        FIRST,
        ASK_AGAIN,
        GUST,
        WIND_SILENT,
        /** an instrument reads beyond its limit, or says nothing */
        WATCH,
        /** a visitor was told something else than holds now */
        VISITOR,
        LOOK_AGAIN,
        CLOSED
    }

    public static Against of(Why why, String subject) {
        return new Against(why, subject, Message.of(why));
    }

    public Against with(String name, Arg arg) {
        return new Against(why, subject, message.with(name, arg));
    }

    public Against with(String name, Optional<Arg> arg) {
        return new Against(why, subject, message.with(name, arg));
    }
}
