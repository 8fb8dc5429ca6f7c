package org.antevid.words;

/** Units a person reads in. */
public enum Units {
    METRIC,
    /** Feet and inches, pounds, miles an hour. */
    FEET
}
