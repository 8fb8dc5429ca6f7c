package org.antevid.core.quantity;

import java.util.Optional;

/**
 * Whether a plan rests on what the house has measured before. What makes it safer holds at once and is told; what makes
 * it laxer needs eight measurements and a person's yes (practice rule).
 *
 * @param used the plan rests on it
 * @param mayBeTaken a person may take it: always what is safer, from eight on what is laxer
 */
public record InUse(boolean used, boolean mayBeTaken) {
    /** Fewer make no plan laxer (practice rule). */
    public static final int LEAST_LAXER = 8;

    /** @param taken what a person decided for this job; empty while nobody has */
    public static InUse of(boolean safer, int measured, Optional<Boolean> taken) {
        boolean may = safer || measured >= LEAST_LAXER;
        return new InUse(may && taken.orElse(safer), may);
    }
}
