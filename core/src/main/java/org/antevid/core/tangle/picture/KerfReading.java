package org.antevid.core.tangle.picture;

import org.antevid.core.tangle.beam.Squeeze;

/**
 * What the kerf of a first cut from above did: the measurement, where what was reckoned is only a hypothesis.
 *
 * @param xM along the stem from the butt
 */
public record KerfReading(double xM, Did did) {
    /** Cuts nearer than this to the reading are told by it, metres. */
    private static final double NEAR_M = 0.3;

    /** What it did. */
    public enum Did {
        /** the top is squeezed */
        CLOSES,
        /** the top is stretched */
        OPENS,
        /** neither */
        STAYS;

        /** @return which side is squeezed by this reading */
        public Squeeze squeeze() {
            return switch (this) {
                case CLOSES -> Squeeze.TOP_BIND;
                case OPENS -> Squeeze.BOTTOM_BIND;
                case STAYS -> Squeeze.NEUTRAL;
            };
        }

        /** @return whether it is another side than the one that was reckoned */
        boolean contradicts(Squeeze reckoned) {
            return switch (reckoned) {
                case TOP_BIND, BOTTOM_BIND, NEUTRAL -> squeeze() != reckoned;
                case UNCERTAIN -> false;
                // pressed from end to end every kerf closes, pulled every kerf opens
                case END_BIND -> this == OPENS;
                case END_PULL -> this == CLOSES;
            };
        }
    }

    /** @return whether it tells of a cut at this place */
    public boolean tellsOf(double cutM) {
        return Math.abs(cutM - xM) <= NEAR_M;
    }
}
