package org.antevid.core.takedown.crane;

import java.util.List;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.WindLoad;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Wind on a hanging load: light loads blow farther. Mechanics; the share of the maker's limit is a practice rule and a
 * stand-in.
 */
public record WindOnLoad(
        double windForceN, double sideDeg, double sideM, double windAllowedMs, List<Remarks.Told> remarks) {
    private static final double NEAR = 0.8;
    private static final double M2_PER_TONNE = 1.2;

    /** @param areaM2 as the wind sees it */
    public record Load(double massLowKg, double areaM2, double drag) {
        double forceN(double gustMs) {
            return 0.5 * WindLoad.AIR_KGM3 * drag * areaM2 * gustMs * gustMs;
        }

        double sideRad(double gustMs) {
            return Math.atan(forceN(gustMs) / (massLowKg * StemMass.G));
        }
    }

    /** @param limitMs the maker's, of this configuration */
    public static WindOnLoad of(Load l, double gustMs, double limitMs, double hookLineM) {
        double allowed = limitMs * Math.min(1, Math.sqrt(M2_PER_TONNE * l.massLowKg / 1000 / (l.drag * l.areaM2)));
        double side = l.sideRad(gustMs);
        return new WindOnLoad(
                l.forceN(gustMs),
                Math.toDegrees(side),
                hookLineM * Math.sin(side),
                allowed,
                new Remarks()
                        .when(gustMs > allowed, Remark.WIND_OVER_LIMIT)
                        .when(gustMs > NEAR * allowed && gustMs <= allowed, Remark.WIND_NEAR_LIMIT)
                        .told());
    }
}
