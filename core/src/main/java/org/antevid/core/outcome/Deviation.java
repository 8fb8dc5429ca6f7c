package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Azimuth;

/**
 * Where a tip landed against where it was most likely to land: a turn that was foreseen is no miss. Right of the
 * predicted direction is positive. Source: geometry.
 *
 * @param actualLayDeg azimuth stump to tip as found
 * @param predictedDeg the lay and the turn that was foreseen
 * @param missDeg turn from the predicted direction
 * @param sigmaDeg of the measurement, not of the fall
 * @param acrossM distance of the tip from the predicted line
 * @param alongM how much farther out the tip lies than was expected; empty where the length was not foreseen
 * @param alongDeg the same as an angle seen from the stump, to stand beside the miss
 * @param times the miss over the usual error that was foreseen (one sigma), with the measurement's own; empty where
 *     none was
 * @param foreseenDeg half width of the foreseen fan (95 %) on that side of the lay; empty where no fan was foreseen
 * @param withinFan whether it lies inside the foreseen fan; empty where no fan was foreseen
 */
public record Deviation(
        @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST) double actualLayDeg,
        @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST) double predictedDeg,

        @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
        double missDeg,

        @Shown(in = Dimension.ANGLE, to = Side.UP) double sigmaDeg,

        @Shown(in = Dimension.LENGTH, to = Side.NEAREST, unsigned = true)
        double acrossM,

        @Shown(in = Dimension.LENGTH, to = Side.NEAREST, unsigned = true)
        Optional<Double> alongM,

        Optional<Double> alongDeg,
        @Shown(in = Dimension.TIMES, to = Side.NEAREST) Optional<Double> times,
        @Shown(in = Dimension.ANGLE, to = Side.UP) Optional<Double> foreseenDeg,
        Optional<Boolean> withinFan) {

    public static Deviation of(Foreseen f, Fall fall) {
        double fromLay = Azimuth.turn(f.layDeg(), fall.bearingDeg());
        double miss = Azimuth.turn(f.predictedDeg(), fall.bearingDeg());
        Optional<Double> half = f.halfFanDeg(fromLay >= 0);
        Optional<Double> along = f.lengthM().map(length -> fall.distanceM() * Math.cos(Math.toRadians(miss)) - length);
        return new Deviation(
                fall.bearingDeg(),
                f.predictedDeg(),
                miss,
                fall.sigmaDeg(),
                fall.distanceM() * Math.sin(Math.toRadians(miss)),
                along,
                along.map(a -> Math.toDegrees(Math.atan2(a, fall.distanceM()))),
                f.sigmaDeg().map(s -> Math.abs(miss) / Math.hypot(s, fall.sigmaDeg())),
                half,
                half.map(h -> Math.abs(fromLay) <= h));
    }
}
