package org.antevid.core.crew;

/** Part a person plays in a step, the competence it needs, and the task said in one sentence. */
public enum Role {
    CUTTER(Competence.SAW),
    WINCH(Competence.WINCH),
    LOOKOUT(Competence.LOOKOUT),
    GROUND(Competence.GROUND);
    private final Competence needs;

    Role(Competence needs) {
        this.needs = needs;
    }

    public Competence needs() {
        return needs;
    }

    /** @return whether this person moves the tree, and so cannot give the second opinion on it */
    public boolean handlesTheTree() {
        return this == CUTTER || this == WINCH;
    }
}
