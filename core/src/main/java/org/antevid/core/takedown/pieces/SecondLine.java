package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.quantity.Require;
import org.antevid.core.takedown.spar.Point;

/**
 * A second line from another tree: it draws a piece across that hangs in the first.
 *
 * @param line off the house's list; empty: not chosen
 * @param deg azimuth from the stem to that tree
 * @param awayM how far off it stands, 2..60 m
 * @param heightM of the line on it, 0.3..40 m
 * @param toM how far the piece is drawn, 0.5 m..{@code awayM}
 * @param letDownM let down in the first line before it is drawn, 0..30 m: deeper is steeper, and lighter on both
 * @param sound whether somebody looked at that tree and found it sound; empty: nobody did
 */
public record SecondLine(
        Optional<Gear.Part> line,
        double deg,
        double awayM,
        double heightM,
        double toM,
        double letDownM,
        Optional<Boolean> sound) {
    public SecondLine {
        Require.within(deg, -360, 720, "second.deg");
        Require.within(awayM, 2, 60, "second.awayM");
        Require.within(heightM, 0.3, 40, "second.heightM");
        Require.within(toM, 0.5, awayM, "second.toM");
        Require.within(letDownM, 0, 30, "second.letDownM");
    }

    /** @return the same on this line */
    public SecondLine on(Optional<Gear.Part> other) {
        return new SecondLine(other, deg, awayM, heightM, toM, letDownM, sound);
    }

    /** @return where it is tied, foot of the stem at nought */
    public Point fromFoot() {
        double az = Math.toRadians(deg);
        return new Point(awayM * Math.sin(az), awayM * Math.cos(az), heightM);
    }
}
