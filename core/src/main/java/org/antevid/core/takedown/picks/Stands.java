package org.antevid.core.takedown.picks;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * How a crane got there and stands. What is empty nobody looked at.
 *
 * @param machine name of a machine of the job
 * @param outOfLevelDeg as its level reads once the pads carry, 0..20 degrees
 * @param ice whether a pad stands on ice, snow or frozen ground that may thaw
 */
public record Stands(Optional<String> machine, Optional<Double> outOfLevelDeg, Optional<Boolean> ice) {
    public static final Stands NOT_SAID = new Stands(Optional.empty(), Optional.empty(), Optional.empty());

    /** More out of level no chart holds (practice; the maker's figure goes before it). */
    public static final double LEVEL_WITHIN_DEG = 1;

    public Stands {
        outOfLevelDeg.ifPresent(d -> Require.within(d, 0, 20, "stands.outOfLevelDeg"));
    }

    boolean level() {
        return outOfLevelDeg.filter(d -> d > LEVEL_WITHIN_DEG).isEmpty();
    }

    boolean looked() {
        return outOfLevelDeg.isPresent() && ice.isPresent();
    }
}
