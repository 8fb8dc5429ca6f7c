package org.antevid.core.judge;

/** Weight of a finding, worst first. */
public enum Severity {
    STOP,
    SECOND_OPINION,
    CAUTION,
    NOTE
}
