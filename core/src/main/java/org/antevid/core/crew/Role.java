package org.antevid.core.crew;

/** Part a person plays in a step, the competence it needs, and the task said in one sentence. */
public enum Role {
    CUTTER("cutter", Competence.SAW, "Cut as the cut card says. Look up, look round, call before the last cut."),
    WINCH("winch", Competence.WINCH, "Keep the line as the leader calls. Stand clear of the line and its bight."),
    LOOKOUT("lookout", Competence.LOOKOUT, "Eyes on the cutter and the ring, both ways. Nothing else."),
    GROUND("ground", Competence.GROUND, "Keep the way shut and people out. Say so when it is shut.");
    private final String words;
    private final Competence needs;
    private final String task;

    Role(String words, Competence needs, String task) {
        this.words = words;
        this.needs = needs;
        this.task = task;
    }

    public String words() {
        return words;
    }

    public Competence needs() {
        return needs;
    }

    public String task() {
        return task;
    }

    /** @return whether this person moves the tree, and so cannot give the second opinion on it */
    public boolean handlesTheTree() {
        return this == CUTTER || this == WINCH;
    }
}
