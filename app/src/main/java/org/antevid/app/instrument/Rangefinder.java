package org.antevid.app.instrument;

import java.util.Optional;
import org.antevid.core.site.Spot;

/** A laser rangefinder with inclinometer and compass. A real device would take this over. */
public interface Rangefinder {
    /**
     * One shot.
     *
     * @param bearingDeg compass azimuth, clockwise from north
     * @param slopeM distance along the sight
     * @param inclinationDeg up positive
     * @param sigmaM of the distance
     */
    record Shot(double bearingDeg, double slopeM, double inclinationDeg, double sigmaM, boolean simulated) {
        public double horizontalM() {
            return slopeM * Math.cos(Math.toRadians(inclinationDeg));
        }
    }

    /**
     * What the instrument sees of a standing tree.
     *
     * @param base to the stump
     * @param top to the top
     * @param topRightM how far the top stands right of the stump, from this side
     */
    record TreeShots(Shot base, Shot top, double topRightM) {}

    /** @param upM height of the point aimed at above the one aimed from */
    Shot shoot(Spot from, Spot aimedAt, double upM);

    /** @return empty when no tree stands where it is aimed */
    Optional<TreeShots> tree(Spot from, Spot stump);
}
