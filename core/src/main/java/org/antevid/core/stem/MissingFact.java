package org.antevid.core.stem;

/** What has to be measured or looked at before a reach of a stem can be computed. */
public enum MissingFact {
    DIAMETER,
    HEIGHT,
    CROWN,
    /** How sound it is. */
    WOOD
}
