package org.antevid.core.message;

/** What people wrote, and what was said before it had a message. */
public enum Plain implements Code {
    /** As it stands in the argument {@code words}. */
    AS_SAID;

    public static Message said(String words) {
        return Message.of(AS_SAID).with("words", Arg.name(words));
    }
}
