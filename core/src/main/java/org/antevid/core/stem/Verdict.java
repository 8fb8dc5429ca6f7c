package org.antevid.core.stem;

/** What can be done with a stem, from the easiest to walking away. Walking away is a result like any other. */
public enum Verdict {
    FELL_FROM_GROUND("fell from the ground"),
    FELL_WITH_PULL("fell with a pull"),
    SECTION("section it on the ground"),
    DISMANTLE("dismantle it from the top"),
    CRANE("take it out with a crane"),
    MACHINE_ONLY("machine only, from outside its reach"),
    LEAVE_AND_CLOSE("leave it and close off"),
    WALK_AWAY("walk away");
    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** @return whether a person cuts through the standing stem's foot */
    public boolean felled() {
        return this == FELL_FROM_GROUND || this == FELL_WITH_PULL;
    }

    /** @return whether nobody touches it */
    public boolean left() {
        return this == LEAVE_AND_CLOSE || this == WALK_AWAY;
    }
}
