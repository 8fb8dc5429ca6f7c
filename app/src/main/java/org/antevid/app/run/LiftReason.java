package org.antevid.app.run;

/** Why a hold is lifted; chosen with one tap. */
public enum LiftReason {
    CLEARED("what was seen is cleared"),
    LOOKED("looked at together, nothing found"),
    MISTAKE("pressed by mistake"),
    CHANGED("the plan was changed for it"),
    OTHER("another reason");
    private final String words;

    LiftReason(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
