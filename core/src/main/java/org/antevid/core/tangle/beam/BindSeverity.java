package org.antevid.core.tangle.beam;

import java.util.Locale;
import java.util.Optional;

/** How hard a cut binds: the worst of stress, depth at which it splits and energy it frees (practice limits). */
public enum BindSeverity {
    NEUTRAL,
    LOW,
    MODERATE,
    HIGH,
    EXTREME;

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * @param r stress over the strength reckoned with
     * @param splitDepth share of the diameter at which it splits when cut from the stretched side, empty for never
     */
    static BindSeverity of(double r, Optional<Double> splitDepth, double elasticJ) {
        BindSeverity byStress =
                r < Section.NEUTRAL_R ? NEUTRAL : r < 0.02 ? LOW : r < 0.06 ? MODERATE : r < 0.15 ? HIGH : EXTREME;
        BindSeverity bySplit = splitDepth
                .map(a -> a <= Section.SPLIT_EXTREME ? EXTREME : a <= 0.50 ? HIGH : a <= 0.70 ? MODERATE : NEUTRAL)
                .orElse(NEUTRAL);
        BindSeverity byEnergy =
                elasticJ >= 1000 ? EXTREME : elasticJ >= 300 ? HIGH : elasticJ >= 60 ? MODERATE : NEUTRAL;
        return worst(byStress, worst(bySplit, byEnergy));
    }

    private static BindSeverity worst(BindSeverity a, BindSeverity b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    boolean hard() {
        return compareTo(HIGH) >= 0;
    }
}
