package org.antevid.core.outcome;

import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;

/**
 * Where the tip landed against where it was to land. Source: geometry.
 *
 * @param actualLayDeg azimuth stump to tip as found
 * @param deviationDeg turn from the planned lay, right positive
 * @param atTipM distance of the tip from the planned line, right positive
 * @param foreseenDeg half width of the foreseen fan (95 %) on that side, never negative
 * @param withinFan whether it lies inside the foreseen fan
 */
public record Deviation(
        @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST) double actualLayDeg,

        @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
        double deviationDeg,

        @Shown(in = Dimension.HEIGHT, to = Side.NEAREST, unsigned = true)
        double atTipM,

        @Shown(in = Dimension.ANGLE, to = Side.UP) double foreseenDeg,
        boolean withinFan) {
    private static final double LEAST_M = 0.5;

    /**
     * @param biasDeg foreseen bias, right positive
     * @param sigmaDeg foreseen sigma
     * @throws RefusedInput when the tip lies on the stump
     */
    public static Deviation of(Spot stump, Spot tip, double plannedLayDeg, double biasDeg, double sigmaDeg) {
        Require.within(sigmaDeg, 0, 180, "sigmaDeg");
        double length = stump.distanceTo(tip);
        if (!(length > LEAST_M)) {
            throw new RefusedInput(
                    Message.of(Refusal.TIP_AT_STUMP).with("least", Arg.of(Dimension.LENGTH, LEAST_M)), "tip");
        }
        double actual = stump.bearingTo(tip);
        double dev = Azimuth.turn(plannedLayDeg, actual);
        double right = Math.max(0, biasDeg) + 1.96 * sigmaDeg;
        double left = Math.max(0, -biasDeg) + 1.96 * sigmaDeg;
        double foreseen = dev >= 0 ? right : left;
        return new Deviation(actual, dev, length * Math.sin(Math.toRadians(dev)), foreseen, Math.abs(dev) <= foreseen);
    }
}
