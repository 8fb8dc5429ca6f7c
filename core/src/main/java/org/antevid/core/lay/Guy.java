package org.antevid.core.lay;

import java.util.Optional;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.SideGuy;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;

/**
 * A guy against the side lean. It only pulls toward its anchor.
 *
 * @param heightM tie above the cut, 0.5..80
 * @param rope empty while none was chosen: nothing is then counted on it
 */
public record Guy(double heightM, Spot anchor, Optional<Kit.Rope> rope) {
    public Guy {
        Require.within(heightM, 0.5, 80, "guyHeightM");
    }

    /**
     * @param toRight the guy holds against a fall to the right of the lay: its anchor is to count to the left
     * @return where tie and anchor lie for a lay; empty when the anchor does not lie on that side
     */
    public Optional<SideGuy.Geometry> on(
            Spot stump, double layDeg, boolean toRight, double treeHeightM, double cutHeightM, Site site) {
        double turn = Math.toRadians(Azimuth.turn(layDeg, stump.bearingTo(anchor)));
        double out = stump.distanceTo(anchor);
        double side = out * Math.sin(turn) * (toRight ? -1 : 1);
        try {
            return side < 1
                    ? Optional.empty()
                    : Optional.of(new SideGuy.Geometry(
                            heightM,
                            side,
                            out * Math.cos(turn),
                            Math.max(-60, Math.min(60, site.fallM(stump, anchor) + cutHeightM)),
                            0,
                            treeHeightM));
        } catch (RefusedInput e) {
            return Optional.empty();
        }
    }

    /** @return side moment it may be counted on for this lay, N m; 0 without a rope, an arm, or on the wrong side */
    public double capacityNm(
            Spot stump, double layDeg, double sideNm, double treeHeightM, double cutHeightM, Site site) {
        return rope.flatMap(r -> on(stump, layDeg, sideNm >= 0, treeHeightM, cutHeightM, site)
                        .map(g -> SideGuy.capacityNm(g, r.mbsN())))
                .orElse(0.0);
    }
}
