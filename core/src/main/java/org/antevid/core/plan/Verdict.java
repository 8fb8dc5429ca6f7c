package org.antevid.core.plan;

/** What can be done with a stem, from the easiest to walking away. */
public enum Verdict {
    FELL_FROM_GROUND("fell from the ground"), FELL_WITH_PULL("fell with a pull"), MACHINE_ONLY("machine only, from outside its reach"),
    NO_OPEN_LAY("no open lay: section it, get a machine, or leave and close off");
    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
