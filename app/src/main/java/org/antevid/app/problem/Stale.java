package org.antevid.app.problem;

/** The record was changed since the caller read it; the sentence says by whom, when and what. */
public final class Stale extends RuntimeException {
    public Stale(String sentence) {
        super(sentence);
    }
}
