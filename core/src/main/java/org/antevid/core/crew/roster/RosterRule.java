package org.antevid.core.crew.roster;

import org.antevid.core.message.Code;

/**
 * What must not be in a day's plan, with the names of the open interface. R01 to R14 hold for every plan; from R20 they
 * are the rules of the field (practice rules; local codes may ask for more).
 */
public enum RosterRule implements Code {
    R01_PERSON_DOUBLE,
    R02_COMPETENCE,
    R03_ROLE_COUNT,
    R04_PRECEDENCE,
    R05_EQUIPMENT,
    R06_ZONE,
    R07_SAW_CLEAR,
    R08_NO_RESCUER,
    R09_AVAILABILITY,
    R10_LOOKOUT,
    R11_NOT_SCHEDULED,
    R13_UNKNOWN_PERSON,
    R14_TOO_FEW_PERSONS,
    R20_COMPETENCE_EXPIRED,
    R21_KIT_EXPIRED,
    R22_DIAMETER_LIMIT,
    R23_TRAINEE_UNSUPERVISED,
    R24_FIRST_AIDER_CUTTING,
    R25_LOOKOUT_NOT_FREE,
    R26_WORKING_ALONE,
    R27_NOBODY_LEFT_TO_HELP,
    R28_RESCUE_KIT_BOUND,
    R29_LONG_ALOFT,
    R30_AFTER_LIGHT;

    /** How much it weighs. */
    public enum Weight {
        STOP,
        SECOND_OPINION,
        CAUTION
    }
}
