package org.antevid.core.learn;

import org.antevid.core.message.Code;

/** What is said of the house's own measurements beside a plan. */
public enum CorrectionWords implements Code {
    /** What it rests on, each with how many. */
    FALLS_OF,
    FALLS_IN_WOOD,
    WEIGHTS_OF,
    /** What it makes of the table's value. */
    SPREAD_BECOMES,
    LOST_BECOMES,
    MASS_BECOMES,
    /** What that does to the ground kept clear. */
    RING_SAME,
    RING_MOVES,
    MASS_OF_TREE,
    /** Whether it is in use, and why. */
    SAFER_IN_USE,
    LAXER_IN_USE,
    SAFER_REFUSED,
    LAXER_OFFERED,
    TOO_FEW,
    /** Told, never applied. */
    PULLS_TO_ONE_SIDE
}
