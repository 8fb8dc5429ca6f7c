package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.message.Code;
import org.antevid.core.quantity.Require;

/**
 * What went otherwise and nearly hurt somebody, or broke something. It says what happened and names nobody: who is
 * blamed tells the next one nothing.
 *
 * @param stem it happened at; empty of what belongs to none
 * @param couldBe what could have been of it
 * @param struck what was hit, as people call it; of damage alone
 * @param featureId which thing on the site plan that is; empty of what is not on it
 * @param words 1 to 500 characters
 */
public record Incident(
        Kind kind,
        Optional<String> stem,
        Harm couldBe,
        Optional<String> struck,
        Optional<String> featureId,
        String words) {
    private static final int LONGEST = 500;
    private static final int LONGEST_NAME = 80;

    /** What became of it. */
    public enum Kind implements Code {
        NEAR_MISS,
        DAMAGE
    }

    public Incident {
        words = Require.text(words, LONGEST, "words");
        struck = struck.filter(s -> kind == Kind.DAMAGE && !s.isBlank())
                .map(s -> Require.text(s, LONGEST_NAME, "struck"));
        featureId = struck.isEmpty() ? Optional.empty() : featureId;
        if (kind == Kind.DAMAGE && struck.isEmpty()) {
            Require.text("", LONGEST_NAME, "struck");
        }
    }
}
