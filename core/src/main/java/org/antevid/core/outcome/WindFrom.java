package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** Where the gust came from as it fell, as seen along the lay from behind. */
public enum WindFrom implements Code {
    LEFT,
    RIGHT,
    BEHIND,
    AHEAD;

    /** Mean of the sine over the quarter that such a word leaves open (geometry). */
    private static final double ACROSS = 0.9;
    /** Root mean square of the sine over the quarter ahead or behind (geometry). */
    private static final double ALONG_SIGMA = 0.43;
    /** The same over the whole circle. */
    static final double UNKNOWN_SIGMA = 0.71;

    /** @return the share of the gust that pushes to the right */
    double toTheRight() {
        return switch (this) {
            case LEFT -> ACROSS;
            case RIGHT -> -ACROSS;
            case BEHIND, AHEAD -> 0;
        };
    }

    /** @return one sigma of that share */
    double sigma() {
        return this == LEFT || this == RIGHT ? 1 - ACROSS : ALONG_SIGMA;
    }
}
