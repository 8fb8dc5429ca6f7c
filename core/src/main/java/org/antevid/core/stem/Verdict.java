package org.antevid.core.stem;

/** What can be done with a stem, from the easiest to walking away. Walking away is a result like any other. */
public enum Verdict {
    FELL_FROM_GROUND,
    FELL_WITH_PULL,
    SECTION,
    DISMANTLE,
    CRANE,
    MACHINE_ONLY,
    LEAVE_AND_CLOSE,
    WALK_AWAY;

    /** @return whether a person cuts through the standing stem's foot */
    public boolean felled() {
        return this == FELL_FROM_GROUND || this == FELL_WITH_PULL;
    }

    /** @return whether nobody touches it */
    public boolean left() {
        return this == LEAVE_AND_CLOSE || this == WALK_AWAY;
    }
}
