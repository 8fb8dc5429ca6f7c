package org.antevid.core.judge.verdict;

import org.antevid.core.message.Code;

/** What excludes a way of dealing with a stem, what must be measured first, what it needs. */
public enum Exclusion implements Code {
    NO_FREE_LAY,
    NO_FREE_LAY_PULLED,
    HANGS,
    LIES,
    BROKEN_AT_BASE,
    NO_HINGE,
    WOOD_UNRELIABLE,
    GROUND_MOVED,
    PLATE_LIFTED,
    NO_WINCH_GETS_IN,
    NOT_ON_THE_GROUND,
    NOT_CLIMBED,
    HUNG_NOT_CLIMBED,
    WOOD_HOLDS_NO_CLIMBER,
    GROUND_MOVED_NOT_CLIMBED,
    PLATE_LIFTED_NOT_CLIMBED,
    NOBODY_COMPETENT,
    NO_SUCH_MACHINE,
    NO_MACHINE_GETS_IN
}
