package org.antevid.core.run;

/**
 * One thing that stands against a go.
 *
 * @param subject what it is about: a finding's key, a person, a feature
 * @param words as it is said on site
 */
public record Against(Why why, String subject, String words) {
    /** Why there is no go, or none any more. */
    public enum Why {
        NO_STEP,
        HOLD,
        SIGNAL,
        NO_BRIEFING,
        PLAN_CHANGED,
        STOP,
        SECOND_OPINION,
        NOT_SIGNED,
        NOT_READY,
        NOT_DONE,
        ASK_AGAIN,
        GUST,
        WIND_SILENT,
        CLOSED
    }
}
