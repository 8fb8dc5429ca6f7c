package org.antevid.core.judge;

import java.util.Optional;

/**
 * What a rule says about the plan as it stands.
 *
 * @param key same finding, same key, so that an opinion or an acknowledgement stays with it
 * @param stage 1..9, where it is cleared
 * @param subject stem label or feature id it is about, empty for the whole job
 * @param words what was found, with the numbers computed
 * @param why the rule, in a sentence
 * @param source practice rule, mechanics, geometry or local code
 * @param clears what would clear it
 * @param cleared who or what cleared it; a stop is never cleared but by the plan
 * @param lasts how long an acknowledgement of it holds
 */
public record Finding(
        String key,
        Severity severity,
        int stage,
        String subject,
        String words,
        String why,
        String source,
        String clears,
        Optional<String> cleared,
        Lasts lasts) {
    /** An acknowledgement holds as long as the words do, or for the day and all its trees. */
    public enum Lasts {
        WORDS,
        DAY
    }

    /** A finding that nobody has cleared. */
    public static Finding of(
            String key,
            Severity severity,
            int stage,
            String subject,
            String words,
            String why,
            String source,
            String clears) {
        return new Finding(key, severity, stage, subject, words, why, source, clears, Optional.empty(), Lasts.WORDS);
    }

    public Finding clearedBy(String whoOrWhat) {
        if (severity == Severity.STOP) {
            throw new IllegalStateException("a stop is cleared by changing the plan only");
        }
        return new Finding(key, severity, stage, subject, words, why, source, clears, Optional.of(whoOrWhat), lasts);
    }

    /** @return the same, acknowledged once a day for all trees */
    public Finding forTheDay() {
        return new Finding(key, severity, stage, subject, words, why, source, clears, cleared, Lasts.DAY);
    }

    public boolean open() {
        return cleared.isEmpty();
    }
}
