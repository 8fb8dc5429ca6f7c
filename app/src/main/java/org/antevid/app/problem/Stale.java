package org.antevid.app.problem;

import org.antevid.core.message.Message;

/** The record was changed since the caller read it; what it says is by whom, when and what. */
public final class Stale extends RuntimeException {
    private final transient Message says;

    public Stale(Message says) {
        super(says.toString());
        this.says = says;
    }

    public Message says() {
        return says;
    }
}
