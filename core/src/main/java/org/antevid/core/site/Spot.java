package org.antevid.core.site;

import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Require;

/** A point of the local frame: metres east and north of the site's origin, horizontal. */
public record Spot(double eastM, double northM) {
    public Spot {
        Require.within(eastM, -1e5, 1e5, "eastM");
        Require.within(northM, -1e5, 1e5, "northM");
    }

    /** Tape and bearing from a known point: horizontal {@code distanceM} metres on azimuth {@code bearingDeg}. */
    public Spot at(double bearingDeg, double distanceM) {
        double a = Math.toRadians(bearingDeg);
        return new Spot(eastM + distanceM * Math.sin(a), northM + distanceM * Math.cos(a));
    }

    public double distanceTo(Spot other) {
        return Math.hypot(other.eastM - eastM, other.northM - northM);
    }

    /** @return azimuth from here to {@code other} in [0, 360) */
    public double bearingTo(Spot other) {
        return Azimuth.of(other.eastM - eastM, other.northM - northM);
    }
}
