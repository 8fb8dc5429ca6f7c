package org.antevid.core.takedown.pieces;

/** What is done instead when the climber says No; chosen before anybody goes up. */
public enum Fallback {
    SMALL_PIECES_ON_BED,
    PLATFORM,
    CRANE,
    /** What it does to the thing below was agreed with whom it belongs to. */
    AGREED_DAMAGE,
    WALK_AWAY
}
