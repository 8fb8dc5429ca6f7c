package org.antevid.core.learn;

import org.antevid.core.message.Code;

/** What is said of lessons where they are told. */
public enum LessonWords implements Code {
    /** The lesson itself: a sentence of the catalogue, or somebody's own. */
    LESSON,
    /** What it makes stricter in the house. */
    HOUSE_RULE,
    /** From which job it comes. */
    FROM_JOB,
    /** Missing before a review is signed. */
    NO_FALL_MEASURED,
    NO_STUMP_READ,
    NO_CAUSE_SAID,
    LESSON_OPEN,
    NEAR_MISS_OPEN
}
