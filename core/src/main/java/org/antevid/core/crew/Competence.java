package org.antevid.core.crew;

/** What a person has been found competent for. Local rules say who may find so. */
public enum Competence {
    SAW,
    WINCH,
    LOOKOUT,
    GROUND,
    HUNG_UP,
    FIRST_AID,
    CLIMB,
    RESCUE,
    CRANE,
    MACHINE,
    NEAR_LINES,
    SPECIAL_CUTS;
}
