package org.antevid.core.tangle;

import java.util.Locale;
import java.util.function.UnaryOperator;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/** What a removal does to another stem or to what stays. */
public record Effect(Kind kind, String on) {
    /** Kinds of effect. */
    public enum Kind implements Code {
        /** a load goes: it may rise, spring or roll */
        UNLOADS,
        /** a load goes off a kept tree or a thing of the place: it may spring back */
        UNLOADS_WHAT_STAYS,
        /** nothing hangs over its work spot from here any more */
        CLEARS_SPOT,
        /** the rope to it is free */
        ROPE_FREE,
        /** its turn has come */
        OPENS,
        /** its tie is severed: whether it still counts as bound is asked again */
        ASK_BOUND_AGAIN,
        /** nothing holds it any more: it is looked at again before anybody goes near */
        LET_GO
    }

    /**
     * @param called what a stem or a thing of the place is called, by label or id
     * @return as somebody on site says it
     */
    public Message message(UnaryOperator<String> called) {
        return Message.of(kind).with("stem", Arg.name(called.apply(on)));
    }

    /** @return its label in the open interface */
    public String label() {
        Kind known = kind == Kind.UNLOADS_WHAT_STAYS ? Kind.UNLOADS : kind;
        return known.name().toLowerCase(Locale.ROOT) + ":" + on;
    }
}
