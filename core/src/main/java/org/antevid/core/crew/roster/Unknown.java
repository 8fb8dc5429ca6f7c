package org.antevid.core.crew.roster;

import java.util.Comparator;
import java.util.Optional;

/**
 * A rule of the field that could not be looked at because something is not known: never fine.
 *
 * @param of person, item of kit or duty it is about; empty for the whole day
 * @param competence whose proof is not known
 */
public record Unknown(RosterRule rule, Optional<String> of, Optional<String> competence) {
    static final Comparator<Unknown> ORDER = Comparator.comparing(Unknown::rule)
            .thenComparing(u -> u.of.orElse(""))
            .thenComparing(u -> u.competence.orElse(""));

    static Unknown of(RosterRule rule) {
        return new Unknown(rule, Optional.empty(), Optional.empty());
    }

    static Unknown of(RosterRule rule, String of) {
        return new Unknown(rule, Optional.of(of), Optional.empty());
    }

    static Unknown proof(String hand, String competence) {
        return new Unknown(RosterRule.R20_COMPETENCE_EXPIRED, Optional.of(hand), Optional.of(competence));
    }
}
