package org.antevid.core.crew;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * The day the steps are done on.
 *
 * @param date days since 1970-01-01
 * @param lightUntilMin minute from the start of work at which it is dark; empty is not known
 * @param kit the house's kit with its inspections; two items of one name are looked at as one, the worse counts
 * @param radioChannel on which the crew speaks; empty where none was agreed
 */
public record WorkDay(long date, OptionalInt lightUntilMin, List<Inspected> kit, Optional<String> radioChannel) {
    /**
     * A piece of kit.
     *
     * @param dueDay last day of its inspection, days since 1970-01-01; empty is not known
     */
    public record Inspected(String name, OptionalLong dueDay, boolean withdrawn) {}

    public WorkDay {
        kit = List.copyOf(kit);
    }

    /** A day without radios. */
    public WorkDay(long date, OptionalInt lightUntilMin, List<Inspected> kit) {
        this(date, lightUntilMin, kit, Optional.empty());
    }

    /** A day for which nothing is known of any kit. */
    public WorkDay(long date, OptionalInt lightUntilMin) {
        this(date, lightUntilMin, List.of());
    }
}
