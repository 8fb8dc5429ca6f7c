package org.antevid.core.outcome;

import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.site.Spot;

/**
 * Where a tip lies that was tapped on the plan, to the nearest tenth: a tap is no surer (geometry).
 *
 * @param bearingDeg from the stump
 */
public record TappedTip(
        @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST) double bearingDeg,
        @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double distanceM) {
    public static TappedTip of(Spot stump, Spot tip) {
        return new TappedTip(tenth(stump.bearingTo(tip)) % 360, tenth(stump.distanceTo(tip)));
    }

    private static double tenth(double value) {
        return Math.rint(10 * value) / 10;
    }
}
