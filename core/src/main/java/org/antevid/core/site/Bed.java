package org.antevid.core.site;

/** What a stem lands on. */
public enum Bed {
    LOG,
    HUMP,
    DITCH,
    HARD,
    SOFT;
}
