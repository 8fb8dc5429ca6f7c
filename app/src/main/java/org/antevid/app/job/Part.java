package org.antevid.app.job;

/** What a person is on one job. */
public enum Part {
    LEADER,
    CREW,
    REVIEWER
}
