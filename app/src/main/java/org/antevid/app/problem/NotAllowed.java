package org.antevid.app.problem;

import org.antevid.core.message.Message;

/** The person sees the job but may not do this on it. */
public final class NotAllowed extends RuntimeException {
    private final transient Message says;

    public NotAllowed(Message says) {
        super(says.code().name());
        this.says = says;
    }

    Message says() {
        return says;
    }
}
