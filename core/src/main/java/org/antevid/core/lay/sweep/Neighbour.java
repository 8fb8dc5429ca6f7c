package org.antevid.core.lay.sweep;

import org.antevid.core.quantity.Require;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * A standing tree near the one to be felled. Metres from its stump.
 *
 * @param heightM 1..120
 * @param crownRadiusM 0..25
 * @param dbhM 0.02..5
 */
public record Neighbour(String id, double eastM, double northM, double heightM, double crownRadiusM, double dbhM) {
    /** A drift toward it is counted up to this. */
    private static final double MOST_DRIFT_DEG = 30;
    /** Drift counted where the hinge does not govern the lay (judgement). */
    static final double UNCONTROLLED_DRIFT_DEG = 15;

    public Neighbour {
        Require.within(heightM, 1, 120, "height_m");
        Require.within(crownRadiusM, 0, 25, "crown_radius_m");
        Require.within(dbhM, 0.02, 5, "dbh_m");
    }

    /**
     * How badly the falling tree hangs up in this one when it goes along a lay: share of the crowns that meet after a
     * drift of one sigma toward it, by how stout it is and how early in the fall they touch (little energy then). Not a
     * probability proper. Source: judgement on an energy argument.
     *
     * @param swathHalfM half width of the falling crown
     * @param lengthM hinge to tip
     * @return 0..1
     */
    public double hangUp(double layDeg, double sigmaDeg, double swathHalfM, double lengthM, double ownDbhM) {
        double a = Math.toRadians(layDeg);
        double along = eastM * Math.sin(a) + northM * Math.cos(a);
        if (!(along > 0) || along - crownRadiusM > lengthM) {
            return 0;
        }
        double across = Math.max(
                0,
                Math.abs(eastM * Math.cos(a) - northM * Math.sin(a))
                        - along * Math.tan(Math.toRadians(Math.min(MOST_DRIFT_DEG, sigmaDeg))));
        double overlap = Math.min(swathHalfM, across + crownRadiusM) - Math.max(-swathHalfM, across - crownRadiusM);
        double narrower = 2 * Math.min(swathHalfM, crownRadiusM);
        if (!(overlap > 0) || !(narrower > 0)) {
            return 0;
        }
        return Math.min(1, overlap / narrower)
                * Math.min(1, dbhM / ownDbhM)
                * Math.cos(Math.atan(Math.min(along, lengthM) / heightM));
    }

    /** @return its trunk as what bars a way out */
    public EscapeRoutes.Obstacle trunk() {
        return new EscapeRoutes.Obstacle(id, Shape.disc(new Spot(eastM, northM), dbhM / 2));
    }

    /** @return whether the crowns touch while both stand */
    public boolean touchesStanding(double crownRadius) {
        return Math.hypot(eastM, northM) < crownRadiusM + crownRadius;
    }
}
