package org.antevid.core.site;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * From the eyes of one person to those of another, both standing. How high things are is not known: whatever one cannot
 * look through hides, also where a tall person might look over it.
 */
public record SightLine(Spot from, Spot to) {
    /** Of a person who stands (typical; lower than most, so that less is seen). */
    private static final double EYE_M = 1.5;

    private static final double STEP_M = 1;

    /** @return what hides one from the other, the nearest to {@code from} */
    public Optional<Feature> hiddenBy(Site site) {
        Shape line = Shape.line(List.of(from, to));
        return from.distanceTo(to) < STEP_M
                ? Optional.empty()
                : site.features().stream()
                        .filter(f -> f.kind().hidesPeople() && f.shape().distanceTo(line) <= 0)
                        .min(Comparator.comparingDouble(f -> f.shape().distanceTo(from)));
    }

    /** @return whether the ground as it was measured rises above the line; along one plane it never does */
    public boolean groundBetween(Site site) {
        double far = from.distanceTo(to);
        double ends = -site.fallM(from, to);
        for (double m = STEP_M; m < far; m += STEP_M) {
            double share = m / far;
            Spot at = new Spot(
                    from.eastM() + share * (to.eastM() - from.eastM()),
                    from.northM() + share * (to.northM() - from.northM()));
            if (-site.fallM(from, at) > EYE_M + share * ends) {
                return true;
            }
        }
        return false;
    }
}
