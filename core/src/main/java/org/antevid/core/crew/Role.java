package org.antevid.core.crew;

/** Part a person plays in a step, the competence it needs, and the task said in one sentence. */
public enum Role {
    CUTTER(Competence.SAW),
    WINCH(Competence.WINCH),
    LOOKOUT(Competence.LOOKOUT),
    GROUND(Competence.GROUND),
    /** works aloft, in the tree or from a platform, with the saw */
    CLIMBER(Competence.CLIMB),
    BRAKE(Competence.RIGGING),
    /** on the line from another tree that holds a piece first */
    SECOND_BRAKE(Competence.RIGGING),
    /** stands by on the ground and does nothing else while somebody is aloft */
    RESCUER(Competence.RESCUE),
    OPERATOR(Competence.CRANE_OPERATOR),
    SLINGER(Competence.CRANE),
    SIGNALLER(Competence.CRANE);
    private final Competence needs;

    Role(Competence needs) {
        this.needs = needs;
    }

    public Competence needs() {
        return needs;
    }

    /** @return whether this person moves the tree, and so cannot give the second opinion on it */
    public boolean handlesTheTree() {
        return switch (this) {
            case CUTTER, WINCH, CLIMBER, BRAKE, SECOND_BRAKE, OPERATOR, SLINGER -> true;
            case LOOKOUT, GROUND, RESCUER, SIGNALLER -> false;
        };
    }

    /**
     * @return whether this person can say that all is stopped: who holds the saw, sees it, or runs what pulls or holds
     */
    public boolean saysStopped() {
        return switch (this) {
            case CUTTER, LOOKOUT, WINCH, CLIMBER, BRAKE, SECOND_BRAKE, OPERATOR, SIGNALLER -> true;
            case GROUND, RESCUER, SLINGER -> false;
        };
    }

    /** @return whether this person has the saw */
    public boolean cuts() {
        return this == CUTTER || this == CLIMBER;
    }
}
