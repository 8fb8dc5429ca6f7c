package org.antevid.app.job;

/** What of a job was changed; screens ask only for that. */
public enum Change {
    JOB(true),
    PLACE(true),
    STEM(true),
    LAY(true),
    TANGLE(true),
    CREW(true),
    PLAN(true),
    BRIEF(false),
    /** Only which card of the briefing is shown. */
    SHOWN(false),
    RUN(false),
    HOLD(false),
    /** Only a receipt on a hold: nothing that is computed rests on it. */
    SEEN(false),
    REVIEW(false);
    private final boolean plan;

    Change(boolean plan) {
        this.plan = plan;
    }

    /** @return whether the plan and what is found of it can be another one now */
    public boolean touchesPlan() {
        return plan;
    }
}
