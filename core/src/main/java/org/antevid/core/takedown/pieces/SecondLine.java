package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.quantity.Require;
import org.antevid.core.takedown.rope.Device;
import org.antevid.core.takedown.rope.Efficiency;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.spar.Point;

/**
 * A second line from another tree: it draws a piece across that hangs in the first, or holds it first until that one
 * takes it over.
 *
 * @param line off the house's list; empty: not chosen
 * @param deg azimuth from the stem to that tree
 * @param awayM how far off it stands, 2..60 m
 * @param heightM of the line on it, 0.3..40 m
 * @param toM how far from the stem the piece is let down, 0.5 m..{@code awayM}
 * @param letDownM let down in the line that holds it before it is drawn, 0..30 m: deeper is steeper, and lighter on
 *     both
 * @param sound whether somebody looked at that tree and found it sound; empty: nobody did
 * @param aloft what it holds the piece over first; empty: it is tied there, and the first line holds it
 */
public record SecondLine(
        Optional<Gear.Part> line,
        double deg,
        double awayM,
        double heightM,
        double toM,
        double letDownM,
        Optional<Boolean> sound,
        Optional<FrictionAloft> aloft) {
    public SecondLine {
        Require.within(deg, -360, 720, "second.deg");
        Require.within(awayM, 2, 60, "second.awayM");
        Require.within(heightM, 0.3, 40, "second.heightM");
        Require.within(toM, 0.5, awayM, "second.toM");
        Require.within(letDownM, 0, 30, "second.letDownM");
    }

    /** Tied on that tree: the line over the stem holds the piece. */
    public SecondLine(
            Optional<Gear.Part> line,
            double deg,
            double awayM,
            double heightM,
            double toM,
            double letDownM,
            Optional<Boolean> sound) {
        this(line, deg, awayM, heightM, toM, letDownM, sound, Optional.empty());
    }

    /** @return the same on this line */
    public SecondLine on(Optional<Gear.Part> other) {
        return new SecondLine(other, deg, awayM, heightM, toM, letDownM, sound, aloft);
    }

    /** @return the same over that friction */
    public SecondLine over(Optional<FrictionAloft> other) {
        return new SecondLine(line, deg, awayM, heightM, toM, letDownM, sound, other);
    }

    /** @return whether all of it is chosen */
    boolean whole() {
        return line.isPresent() && aloft.map(FrictionAloft::whole).orElse(true);
    }

    /**
     * @param asideM so far off its foot the brake stands, out of the swing
     * @return the line over the friction to its brake; empty while none is chosen
     */
    Optional<Line> overFriction(double asideM) {
        Optional<Double> said = aloft.flatMap(FrictionAloft::device).flatMap(Gear.Part::passes);
        Efficiency passes = Efficiency.of(
                Device.FRICTION_ALOFT,
                said.map(p -> Math.min(p, Device.FRICTION_ALOFT.low())),
                said.map(p -> Math.max(p, Device.FRICTION_ALOFT.high())));
        double leg = Math.hypot(asideM, heightM - Pull.BRAKE_HEIGHT_M);
        return line.map(l -> l.stretched(leg, passes));
    }

    /** @return where it is tied, foot of the stem at nought */
    public Point fromFoot() {
        double az = Math.toRadians(deg);
        return new Point(awayM * Math.sin(az), awayM * Math.cos(az), heightM);
    }
}
