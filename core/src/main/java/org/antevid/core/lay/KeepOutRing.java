package org.antevid.core.lay;

import java.util.Optional;

/**
 * The ring round the stump nobody but the named people may be in: the worse of tree lengths by practice and of reach,
 * throw and slide by mechanics. Metres.
 *
 * @param mechanicsM empty: without end downhill
 */
public record KeepOutRing(double practiceM, Optional<Double> mechanicsM) {
    /** Which of them is the worse. */
    public enum Decides {
        PRACTICE,
        MECHANICS
    }

    static KeepOutRing of(FallZone zone, double treeLengths) {
        return new KeepOutRing(
                treeLengths * zone.lengthM(), zone.slideM().map(slide -> zone.lengthM() + zone.throwM() + slide));
    }

    public Decides decides() {
        return mechanicsM.filter(m -> m <= practiceM).isPresent() ? Decides.PRACTICE : Decides.MECHANICS;
    }
}
