package org.antevid.core.lay;

import java.util.List;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;

/** The ground a stem is meant to come down on, as it is proposed to the leader. */
public final class DropZone {
    /** From behind the stump, metres. */
    private static final double BEHIND_M = 1;

    private static final double BEYOND_M = 1;
    private static final double LEAST_HALF_M = 2;

    private DropZone() {}

    /**
     * @return swath of the stem on its lay with its throw, a box wide enough for 95 in 100 falls; the whole circle
     *     where control is not proven
     */
    public static List<Spot> of(LayPlan p) {
        if (p.fan().wholeCircle()) {
            return p.fanOutline();
        }
        double half = Math.max(LEAST_HALF_M, p.zone().swathHalf95M());
        double to = Rounding.up(p.zone().designReachM(), 0) + BEYOND_M;
        double lay = p.choice().layDeg();
        Spot s = p.stem().at();
        return List.of(
                s.at(lay, -BEHIND_M).at(lay - 90, half),
                s.at(lay, to).at(lay - 90, half),
                s.at(lay, to).at(lay + 90, half),
                s.at(lay, -BEHIND_M).at(lay + 90, half));
    }
}
