package org.antevid.core.stem;

/** What has to be measured or looked at before a reach of a stem can be computed. */
public enum MissingFact {
    DIAMETER,
    HEIGHT,
    CROWN,
    /** Where it leans to and how far; for a tree taken down in pieces. */
    LEAN,
    /** How sound it is. */
    WOOD
}
