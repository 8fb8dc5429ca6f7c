package org.antevid.core.lay.sweep;

/**
 * Strike chance of one target.
 *
 * @param limit chance from which it blocks, by its worth (judgement; the house sets it)
 */
public record StruckTarget(String id, int worth, boolean mitigable, double limit, Strike strike) {
    static StruckTarget of(CoveredTarget target, Strike strike) {
        return new StruckTarget(target.id(), target.worth(), target.mitigable(), target.limit(), strike);
    }

    /** @return what hitting it costs */
    double value() {
        return CoveredTarget.value(worth, mitigable);
    }

    public boolean blocks() {
        return !mitigable && strike.controlled() > limit;
    }

    /** @return whether only losing control altogether brings it over the limit */
    public boolean onlyWhenLost() {
        return strike.controlled() <= limit && strike.decision() > limit;
    }
}
