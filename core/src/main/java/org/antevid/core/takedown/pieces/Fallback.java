package org.antevid.core.takedown.pieces;

import java.util.Optional;

/** What is done instead when the climber says No; chosen before anybody goes up. */
public enum Fallback {
    SMALL_PIECES_ON_BED,
    PLATFORM,
    CRANE,
    /** What it does to the thing below was agreed with whom it belongs to. */
    AGREED_DAMAGE,
    WALK_AWAY;

    /** @return who may still be aloft when the way is planned anew with it; empty: as the records say */
    public Optional<Aloft.Allowed> allows() {
        return switch (this) {
            case SMALL_PIECES_ON_BED, AGREED_DAMAGE -> Optional.empty();
            case PLATFORM -> Optional.of(Aloft.Allowed.PLATFORM);
            case CRANE -> Optional.of(Aloft.Allowed.NOBODY);
            case WALK_AWAY -> Optional.of(Aloft.Allowed.LEAVE);
        };
    }

    /** @return whether pieces still come down on a line */
    public boolean roped() {
        return this != SMALL_PIECES_ON_BED && this != AGREED_DAMAGE;
    }

    /** @return whether a bed is laid for what comes down */
    public boolean onBed() {
        return this == SMALL_PIECES_ON_BED;
    }
}
