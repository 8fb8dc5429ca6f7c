package org.antevid.app.problem;

/** Name and passphrase, or code and PIN, do not fit. */
public final class NotSignedIn extends RuntimeException {
    public NotSignedIn(String sentence) {
        super(sentence);
    }
}
