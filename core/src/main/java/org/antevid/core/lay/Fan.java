package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * Ground a falling stem may touch: spread and bias to both sides, crown width, and what is thrown beyond the tip. Where
 * control of the lay is not proven it is the whole circle. Errs wide: the crown's width is added along the whole stem.
 * Source: geometry; 1.96 sigma to either side.
 *
 * @param fromDeg left edge of the fan's directions, clockwise to {@code toDeg}
 * @param radiusM reach plus throw
 */
public record Fan(Shape area, boolean wholeCircle, double fromDeg, double toDeg, double radiusM) {

    static Fan of(Spot stump, double layDeg, LayControl control, FallZone zone) {
        double radius = zone.designReachM() + zone.throwM();
        if (!control.proven()) {
            return new Fan(Shape.disc(stump, radius), true, 0, 360, radius);
        }
        double bias = control.biasDeg().orElseThrow();
        double wide = 1.96 * control.sigmaDeg().orElseThrow();
        double from = layDeg + Math.min(0, bias) - wide;
        double to = layDeg + Math.max(0, bias) + wide;
        double swath = Math.max(0.3, zone.swathHalfM());
        List<Spot> corners = new ArrayList<>(List.of(stump));
        int steps = (int) Math.max(2, Math.ceil((to - from) / 4));
        for (int i = 0; i <= steps; i++) {
            corners.add(stump.at(from + (to - from) * i / steps, Math.max(1, radius - swath)));
        }
        return new Fan(Shape.polygon(corners).grown(swath), false, from, to, radius);
    }
}
