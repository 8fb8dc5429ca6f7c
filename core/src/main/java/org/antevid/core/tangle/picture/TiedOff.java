package org.antevid.core.tangle.picture;

import java.util.Comparator;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.ControlLine;

/**
 * The line a stem is tied off with, so that its butt cannot swing far.
 *
 * @param anchor what it is tied to
 * @param lineM paid out between anchor and tie, 0.5..200 m
 * @param tieFromButtM tied point along the stem, 0..30 m from the butt
 */
public record TiedOff(Spot anchor, double lineM, double tieFromButtM) {
    /** @throws RefusedInput naming what lies outside its range */
    public TiedOff {
        Require.within(lineM, 0.5, 200, "lineM");
        Require.within(tieFromButtM, 0, 30, "tieFromButtM");
    }

    /** @throws RefusedInput while nobody said how the stem lies, or for a line that does not reach it */
    public void require(Member m) {
        Pose pose = m.pose().orElseThrow(() -> new RefusedInput(Refusal.NEEDED, "stem"));
        if (tieFromButtM > pose.lengthM()) {
            throw new RefusedInput(Refusal.SUPPORT_OUTSIDE_STEM, "tieFromButtM");
        }
        if (shortM(pose) > ControlLine.SHORTER_M) {
            throw new RefusedInput(Refusal.LINE_SHORTER_THAN_DISTANCE, "lineM");
        }
    }

    private double shortM(Pose pose) {
        Pose.End tie = pose.at(tieFromButtM);
        return Math.hypot(anchor.distanceTo(tie.at()), tie.heightM() - ControlLine.Line.ANCHOR_H_M) - lineM;
    }

    /** @return how far it lets the butt go; empty while nobody knows how the stem lies, or it lies elsewhere now */
    public Optional<ControlLine> line(Picture p, Member m) {
        return m.pose()
                .filter(pose -> tieFromButtM <= pose.lengthM() && shortM(pose) <= ControlLine.SHORTER_M)
                .map(pose -> ControlLine.of(as(p, m, pose)));
    }

    private ControlLine.Line as(Picture p, Member m, Pose pose) {
        Pose.End tie = pose.at(tieFromButtM);
        return new ControlLine.Line(
                anchor,
                ControlLine.Line.ANCHOR_H_M,
                tie.at(),
                tie.heightM(),
                lineM,
                ControlLine.Line.STRETCH,
                ControlLine.Line.GIVE_M,
                tieFromButtM,
                hangs(p, m, pose),
                Optional.empty(),
                // it slides back along its own axis, as far as anybody can say
                Optional.of(Azimuth.normal(pose.azDeg() + 180)),
                Optional.empty(),
                ControlLine.Line.GAMMA,
                Optional.empty());
    }

    private static Optional<ControlLine.Rest> hangs(Picture p, Member m, Pose pose) {
        return p.restsOf(m.label()).stream()
                .filter(r -> r.on() == Rest.On.FORK || r.on() == Rest.On.STEM)
                .max(Comparator.comparingDouble(Rest::xM))
                .map(r -> new ControlLine.Rest(
                        pose.at(r.xM()).at(), pose.at(r.xM()).heightM(), r.xM()))
                .filter(r -> r.fromButtM() >= r.heightM());
    }

    /** @return the ground the butt can swing over: nobody stands in it */
    public Optional<Shape> swing(Picture p, Member m) {
        return line(p, m).map(l -> Shape.disc(anchor, l.buttDiscM()));
    }
}
