package org.antevid.core.judge;

import org.antevid.core.takedown.Finding;

/** Weight of a finding, worst first. */
public enum Severity {
    STOP,
    SECOND_OPINION,
    CAUTION,
    NOTE;

    /** @return how much a level of the mechanics weighs among the findings */
    public static Severity of(Finding level) {
        return switch (level) {
            case STOP -> STOP;
            case SECOND_OPINION -> SECOND_OPINION;
            case CAUTION -> CAUTION;
            case NOTE, NONE -> NOTE;
        };
    }
}
