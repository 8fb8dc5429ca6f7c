package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What weights of earlier stems of the same species say, used or not.
 *
 * @param stem of its logs; empty where none was weighed
 * @param crown of its branches
 */
public record WeighedBefore(Optional<MassRecord.Learned> stem, Optional<MassRecord.Learned> crown) {
    public static final WeighedBefore NOTHING = new WeighedBefore(Optional.empty(), Optional.empty());

    /** @return what the reckoned mass of the stem is taken times */
    double stemFactor() {
        return factor(stem);
    }

    double crownFactor() {
        return factor(crown);
    }

    /** @return whether they make any part heavier than it is reckoned */
    boolean heavier() {
        return stemFactor() > 1 || crownFactor() > 1;
    }

    private static double factor(Optional<MassRecord.Learned> l) {
        return l.filter(MassRecord.Learned::used)
                .map(MassRecord.Learned::factor)
                .orElse(1.0);
    }

    /** @return the same with the other decision about one part */
    public WeighedBefore otherwise(MassPart part) {
        return new WeighedBefore(
                part == MassPart.STEM ? stem.map(l -> l.used(!l.used())) : stem,
                part == MassPart.CROWN ? crown.map(l -> l.used(!l.used())) : crown);
    }

    /** @return both, where there are weights */
    public List<MassRecord.Learned> all() {
        return Stream.of(stem, crown).flatMap(Optional::stream).toList();
    }
}
