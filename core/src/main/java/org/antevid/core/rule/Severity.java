package org.antevid.core.rule;

/** Weight of a finding, worst first. */
public enum Severity {
    STOP,
    SECOND_OPINION,
    CAUTION,
    NOTE
}
