package org.antevid.core.message;

/** Which way a number is rounded when it is shown, so that it errs to the safe side. */
public enum Side {
    /** Needs, forces, zones, chances. */
    UP,
    /** Capacities, clearances, remaining time. */
    DOWN,
    /** A measure that somebody set, a place, a direction: neither side is safer. */
    NEAREST
}
