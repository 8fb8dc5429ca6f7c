package org.antevid.core.lay.sweep;

/** The side moment a guy takes on a lay, N m. */
@FunctionalInterface
public interface GuyPull {
    GuyPull NONE = (lay, side) -> 0;

    /** @param sideNm right of the lay positive */
    double nm(double layDeg, double sideNm);
}
