package org.antevid.core.lay.dial;

/** What takes points off a lay. */
public enum CostPart {
    TARGETS,
    HANG_UP,
    SIDE_LEAN,
    LEANS_BACK,
    SLOPE,
    WAYS_OUT
}
