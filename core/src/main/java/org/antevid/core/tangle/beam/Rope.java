package org.antevid.core.tangle.beam;

/**
 * A line that holds the stem with a constant force.
 *
 * @param dirDeg 0 level toward the tip, 90 straight up
 */
public record Rope(double xM, double forceN, double dirDeg) {
    double alongN(double angleDeg) {
        return forceN * Math.cos(Math.toRadians(dirDeg - angleDeg));
    }

    double acrossN(double angleDeg) {
        return forceN * Math.sin(Math.toRadians(dirDeg - angleDeg));
    }
}
