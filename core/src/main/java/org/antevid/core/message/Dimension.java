package org.antevid.core.message;

/** What a number measures; its SI unit is the one of the value. How it is shown is decided where it is shown. */
public enum Dimension {
    /** Metres: distances, heights on the stem, lengths of lines. */
    LENGTH(0.1),
    /** Metres, said whole: rings, how far somebody stays away. */
    DISTANCE(1),
    /** Metres, of how thick a stem is. */
    DIAMETER(0.001),
    /** Metres, of the height of a cut or a tie. */
    HEIGHT(0.01),
    /** Metres, as somebody wrote it down: all its digits. */
    WRITTEN(0.001),
    /** Metres, shown small: hinge, strap, lift, wall. */
    SHORT(0.001),
    /** Metres, of a cut in wet wood: whole steps of a tape, 5 mm or a quarter of an inch. */
    SAWN(0.005),
    /** Metres, of a guide bar or how far a weight stands behind a hinge. */
    REACH(0.01),
    /** Degrees of lean, of turn. */
    ANGLE(0.1),
    /** Degrees clockwise from north. */
    AZIMUTH(1),
    /** Degrees, of an opening that is cut. */
    OPENING(1),
    /** Degrees, whole: how wide a part of the circle is. */
    SECTOR(1),
    /** Metres a second. */
    SPEED(0.1),
    /** Newton, of a pull on a rope. */
    PULL(50),
    /** Newton, of a piece of kit. */
    FORCE(100),
    /** Newton metres, of what bends a stem. */
    MOMENT(100),
    /** Kilograms. */
    MASS(5),
    /** A share shown in percent. */
    SHARE(0.01),
    /** A chance, shown in percent to one digit. */
    CHANCE(0.001),
    /** So many times. */
    TIMES(0.1),
    /** Seconds. */
    TIME(0.1),
    /** Minutes, whole. */
    MINUTES(1);

    private final double rounding;

    Dimension(double rounding) {
        this.rounding = rounding;
    }

    /** @return the least difference that is seen when it is shown, in the unit of the value */
    public double rounding() {
        return rounding;
    }
}
