package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * A back guy as it is rigged: it holds a tree whose plate has turned against its lean.
 *
 * @param line off the house's list; empty: not chosen
 * @param heightM on the stem, 0.5..60 m
 * @param deg azimuth from the stem to its anchor
 * @param awayM level distance to it, 1..200 m
 * @param anchorHeightM of it above the foot of the stem, -20..40 m
 * @param pretensionN 0..1e6 N
 * @param turnedDeg how far the plate has turned, 0..40 degrees; empty: nobody said it, and all of the lean counts
 * @param proven whether it was pulled to its load before anybody cut
 * @param sound whether somebody looked at its anchor and found it sound; empty: nobody did
 */
public record Guy(
        Optional<Gear.Part> line,
        double heightM,
        double deg,
        double awayM,
        double anchorHeightM,
        double pretensionN,
        Optional<Double> turnedDeg,
        boolean proven,
        Optional<Boolean> sound) {
    public Guy {
        Require.within(heightM, 0.5, 60, "guy.heightM");
        Require.within(deg, -360, 720, "guy.deg");
        Require.within(awayM, 1, 200, "guy.awayM");
        Require.within(anchorHeightM, -20, 40, "guy.anchorHeightM");
        Require.within(pretensionN, 0, 1e6, "guy.pretensionN");
        turnedDeg.ifPresent(t -> Require.within(t, 0, 40, "guy.turnedDeg"));
    }

    /** @return the same on this line */
    public Guy on(Optional<Gear.Part> other) {
        return new Guy(other, heightM, deg, awayM, anchorHeightM, pretensionN, turnedDeg, proven, sound);
    }
}
