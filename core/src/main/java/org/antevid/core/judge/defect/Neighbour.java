package org.antevid.core.judge.defect;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.stem.StemReading;

/** The stem next to this one. */
final class Neighbour {
    private Neighbour() {}

    /** @return label and distance of the nearest other stem, in words */
    static Optional<String> of(Case c) {
        return c.situation().stems().stream()
                .map(f -> f.reading())
                .filter(r -> !r.label().equals(c.stem().label()))
                .min(Comparator.comparingDouble(
                        (StemReading r) -> r.at().distanceTo(c.stem().at())))
                .map(r -> String.format(
                        Locale.ROOT,
                        "%s, %.1f m away",
                        r.label(),
                        Math.floor(10 * r.at().distanceTo(c.stem().at())) / 10));
    }
}
