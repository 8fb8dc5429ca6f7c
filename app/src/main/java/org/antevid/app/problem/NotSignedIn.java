package org.antevid.app.problem;

import org.antevid.core.message.Message;

/** Name and passphrase, or code and PIN, do not fit. */
public final class NotSignedIn extends RuntimeException {
    private final transient Message says;

    public NotSignedIn(Message says) {
        super(says.code().name());
        this.says = says;
    }

    Message says() {
        return says;
    }
}
