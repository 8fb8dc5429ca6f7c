package org.antevid.core.takedown.picks;

import java.util.Optional;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.crane.PadPressure;

/**
 * A pad under a leg, as the leader set it.
 *
 * @param soil empty: nobody looked
 * @param sideM of the square pad, 0.05..5 m
 * @param footM of the leg's foot, 0.05..3 m, not larger
 * @param thickM 0.005..1 m; empty: it is taken as stiff
 * @param edgeM from its edge to a bank, wall or pit that is not on the plan
 * @param edgeDepthM how deep that, or the nearest on the plan, is
 * @param hollow a cover, pipe or cellar beneath or beside; empty: nobody asked
 */
public record Pad(
        Spot at,
        Optional<PadPressure.Soil> soil,
        double sideM,
        double footM,
        Optional<Double> thickM,
        Optional<Double> edgeM,
        Optional<Double> edgeDepthM,
        Optional<Boolean> hollow) {
    public Pad {
        Require.within(sideM, 0.05, 5, "sideM");
        Require.within(footM, 0.05, 3, "footM");
        thickM.ifPresent(t -> Require.within(t, 0.005, 1, "thickM"));
        edgeM.ifPresent(m -> Require.within(m, 0, 100, "edgeM"));
        edgeDepthM.ifPresent(m -> Require.within(m, 0, 20, "edgeDepthM"));
    }
}
