package org.antevid.core.tangle.picture;

import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;

/**
 * Where a stem lies: its axis from the butt to the tip.
 *
 * @param sigmaM of either end
 */
public record Pose(End butt, End tip, double sigmaM) {
    /** An end of the axis and its height above the ground. */
    public record End(Spot at, double heightM) {
        public End {
            Require.within(heightM, 0, 60, "heightM");
        }
    }

    /** How it was taken. */
    public enum TakenHow {
        TAPS,
        TAPE,
        RANGEFINDER,
        EYE
    }

    private static final double SHORTEST_M = 0.5;
    private static final double LONGEST_M = 60;

    public Pose {
        Require.within(length(butt, tip), SHORTEST_M, LONGEST_M, "tip");
        Require.within(sigmaM, 0, 10, "sigmaM");
    }

    private static double length(End butt, End tip) {
        return Math.hypot(butt.at.distanceTo(tip.at), tip.heightM - butt.heightM);
    }

    public double lengthM() {
        return length(butt, tip);
    }

    /** @return above level, tip higher positive */
    public double angleDeg() {
        return Math.toDegrees(Math.asin((tip.heightM - butt.heightM) / lengthM()));
    }

    /** @return azimuth from butt to tip; north for a stem that stands upright */
    public double azDeg() {
        return butt.at.distanceTo(tip.at) > 0 ? butt.at.bearingTo(tip.at) : 0;
    }

    /** @param xM along the stem from the butt */
    public End at(double xM) {
        double share = xM / lengthM();
        return new End(
                new Spot(
                        butt.at.eastM() + share * (tip.at.eastM() - butt.at.eastM()),
                        butt.at.northM() + share * (tip.at.northM() - butt.at.northM())),
                Math.max(0, butt.heightM + share * (tip.heightM - butt.heightM)));
    }
}
