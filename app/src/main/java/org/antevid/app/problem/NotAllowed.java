package org.antevid.app.problem;

/** The person sees the job but may not do this on it. */
public final class NotAllowed extends RuntimeException {
    public NotAllowed(String sentence) {
        super(sentence);
    }
}
