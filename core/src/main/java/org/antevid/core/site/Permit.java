package org.antevid.core.site;

/** Leave, duty or protected thing that is asked about before cutting. "Yes" always means that it is in hand. */
public enum Permit {
    FELLING_CONSENT,
    PRESERVATION_ORDER,
    NESTING,
    WATERCOURSE,
    NEIGHBOUR,
    UTILITY_NOTICE;

    /** How the question was answered; not known is an open point. */
    public enum Answer {
        YES,
        NO,
        NOT_NEEDED,
        NOT_KNOWN
    }
}
