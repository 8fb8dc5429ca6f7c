package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What is done in a step of the cut. */
enum StepWords implements Code {
    SAW,
    WAYS,
    RING,
    LOOK_UP,
    SLOPING_CUT_FIRST,
    SLOPING_CUT_SECOND,
    LEVEL_CUT_FIRST,
    LEVEL_CUT_SECOND,
    FACE_MEETS,
    AIM,
    READ_THE_FACE,
    PRETENSION,
    TO_THE_STRAP,
    RUN_OUT,
    TO_THE_HINGE,
    SET_WEDGES,
    KEEP_KERF_OPEN,
    HINGE_MEASURED,
    CALL_LAST_CUT,
    CALL_LAST_CENTIMETRES,
    PART_THE_STRAP,
    AWAY_THEN_SIGNAL,
    KERF_OPENS_SIGNAL,
    PULL,
    DRIVE_WEDGES,
    LEAVE
}
