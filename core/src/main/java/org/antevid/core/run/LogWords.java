package org.antevid.core.run;

import org.antevid.core.message.Code;

/** What a line of the log says. */
public enum LogWords implements Code {
    IMPORTED_FEATURES,
    IMPORTED_STEMS,
    IMPORTED_SIGHTINGS,
    IMPORTED_DEFECTS,
    TAKEN_OFF,
    SIGNED_OUT,
    PIN_RESET,
    READ_BACK_WRONG,
    STEP_REMOVED,
    SURPRISE,
    SIGHTING_ACCEPTED,
    SIGHTING_SET_ASIDE,
    DEFECT_SET_ASIDE,
    OUTCOME_MEASURED,
    OUTCOME_CORRECTED,
    LESSON,
    BRIEFING_ISSUED,
    BRIEFING_SIGNED,
    FACE_OPENED,
    CARD_ANEW,
    HOLD_PRESSED,
    STOPPED,
    HOLD_LIFTED,
    LIFTED_BECAUSE,
    SIGNAL_TRIED,
    READY,
    NOT_READY,
    PROTECTION,
    GO,
    DONE,
    STAND_FAST,
    RESTED_ON_GONE,
    /** a stem that a step was to bring down is still up */
    STILL_UP,
    NOT_READY_ANY_MORE,
    TICKED,
    UNTICKED,
    TREE_USED,
    AS_LAST_TIME,
    AT_FIRST_SIGHT,
    TAKEN_WHILE
}
