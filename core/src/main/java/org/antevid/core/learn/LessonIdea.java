package org.antevid.core.learn;

import org.antevid.core.message.Code;

/** A lesson as a sentence to pick, so that it is read in the language of whoever is told it. Practice rules. */
public enum LessonIdea implements Code {
    SIGHT_THE_NOTCH(CauseKind.NOTCH_LINE),
    OPEN_THE_CUTS_TO_MEET(CauseKind.NOTCH_LINE),
    LOOK_AT_BOTH_ENDS(CauseKind.HINGE_UNEVEN),
    LENGTH_OF_THE_BAR(CauseKind.HINGE_UNEVEN),
    PLUMB_FROM_TWO_SIDES(CauseKind.SIDE_LEAN),
    GUY_THE_SIDE(CauseKind.SIDE_LEAN),
    WAIT_FOR_THE_LULL(CauseKind.WIND),
    STOP_AT_THE_HINGE(CauseKind.HINGE_GONE_EARLY),
    PROBE_THE_CORNERS(CauseKind.HINGE_GONE_EARLY),
    LOOK_UP_AGAIN(CauseKind.CROWN_CAUGHT),
    LANE_FOR_THE_CROWN(CauseKind.CROWN_CAUGHT),
    WEDGES_IN_REACH(CauseKind.TOO_LITTLE_MEANS),
    LINE_BEFORE_THE_FACE(CauseKind.TOO_LITTLE_MEANS),
    MEASURE_THE_HEIGHT(CauseKind.LENGTH_MISJUDGED),
    PROBE_BEFORE_THE_FACE(CauseKind.WOOD_WEAKER),
    SAY_IT_BACK(CauseKind.MISUNDERSTOOD);

    private final CauseKind cause;

    LessonIdea(CauseKind cause) {
        this.cause = cause;
    }

    public CauseKind cause() {
        return cause;
    }
}
