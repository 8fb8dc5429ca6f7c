package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What is to be met in a step of the cut. */
enum StepMeasure implements Code {
    AT_MOST,
    LAY,
    ANGLE,
    DEPTH,
    ABOVE_FLOOR,
    BELOW_FLOOR,
    LEVEL_WITH_FLOOR,
    LEAVE_THE_HINGE,
    LONG,
    LEAVE_STRAP,
    HINGE_FINISHED,
    LEAVE_HINGE,
    HINGE_LEFT,
    HINGE_RIGHT,
    STRAP,
    PULL,
    PULL_NOT_KNOWN,
    LIFT
}
