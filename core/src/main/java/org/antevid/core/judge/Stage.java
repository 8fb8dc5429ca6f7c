package org.antevid.core.judge;

/** The stages of a job, in the order they are gone through. */
public enum Stage {
    PLACE,
    STEMS,
    LAY,
    CUTS,
    TANGLE,
    CREW,
    BRIEF,
    RUN,
    REVIEW
}
