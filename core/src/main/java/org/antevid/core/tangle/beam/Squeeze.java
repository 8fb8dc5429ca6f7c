package org.antevid.core.tangle.beam;

import java.util.Locale;

/** Which side of a section is squeezed: where the bar would be pinched. */
public enum Squeeze {
    NEUTRAL,
    TOP_BIND,
    BOTTOM_BIND,
    /** pressed from end to end */
    END_BIND,
    /** pulled from end to end */
    END_PULL,
    /** which side is squeezed cannot be known */
    UNCERTAIN;

    /** A side of a lying stem as seen from beside it. */
    public enum Face {
        TOP,
        BOTTOM;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Where the bar would be pinched. */
    public enum Pinch {
        TOP,
        BOTTOM,
        WHOLE_SECTION,
        EITHER,
        NONE;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Pinch pinch() {
        return switch (this) {
            case TOP_BIND -> Pinch.TOP;
            case BOTTOM_BIND -> Pinch.BOTTOM;
            case END_BIND -> Pinch.WHOLE_SECTION;
            case UNCERTAIN -> Pinch.EITHER;
            case NEUTRAL, END_PULL -> Pinch.NONE;
        };
    }

    /** @return whether the section bends to a side that is known */
    boolean bends() {
        return this == TOP_BIND || this == BOTTOM_BIND;
    }

    /** @return the squeezed side of a section that bends */
    Face squeezed() {
        return this == TOP_BIND ? Face.TOP : Face.BOTTOM;
    }

    Face stretched() {
        return this == TOP_BIND ? Face.BOTTOM : Face.TOP;
    }
}
