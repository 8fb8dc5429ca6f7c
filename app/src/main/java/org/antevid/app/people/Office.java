package org.antevid.app.people;

/** What a person is in the company. */
public enum Office {
    LEADER,
    CREW,
    REVIEWER,
    OWNER
}
