package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** What the wood of one sector of the stump looks like. */
public record SectorFound(Sector sector, Fibre fibre) {
    /** Where on the stump, seen from behind along the lay. */
    public enum Sector implements Code {
        HINGE_LEFT,
        HINGE_MIDDLE,
        HINGE_RIGHT,
        BACK_LEFT,
        BACK_RIGHT;

        /** @return whether it is a part of the hinge */
        public boolean hinge() {
            return this == HINGE_LEFT || this == HINGE_MIDDLE || this == HINGE_RIGHT;
        }
    }

    /** What it looks like. Practice rule: long fibres held to the end, short ones let go early. */
    public enum Fibre implements Code {
        LONG,
        SHORT,
        PRESSED_FLAT,
        /** Broken across, like a carrot. */
        BRASH,
        /** Torn out of the butt of the felled piece. */
        PULLED,
        DECAYED,
        UNCUT;

        /** @return whether fibres that look so let go before the face closed */
        public boolean letsGoEarly() {
            return this == SHORT || this == BRASH || this == PULLED;
        }
    }
}
