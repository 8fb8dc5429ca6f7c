package org.antevid.core.drill;

import org.antevid.core.message.Code;

/** What the exercises say. */
public enum DrillWords implements Code {
    NOT_KNOWN,
    BIND_SAID,
    ASK_SQUEEZED,
    ASK_FIRST_CUT,
    ASK_TIP_PART,
    ASK_STAND,
    STRETCHED,
    SQUEEZED,
    BIND_NUMBER,
    RULE_SPAN,
    RULE_HANGS,
    RULE_FIRST,
    RULE_UPHILL,
    BIND_THEN,
    CUT_ELSEWHERE,
    SPLITS,
    ROLLS_ONTO_YOU,
    IN_LINE,
    LEAN_SAID,
    ASK_LEAN_TO,
    ASK_LEAN_DEG,
    FROM_SOUTH,
    FROM_EAST,
    BAND,
    BAND_FROM,
    LEAN_NUMBER,
    LEAN_RULE,
    LEAN_ONE_SIDE,
    PEOPLE_SAID,
    PERSON_AT,
    ASK_PEOPLE,
    PERSON,
    NOBODY,
    PEOPLE_NUMBER,
    PEOPLE_RULE,
    PEOPLE_FURTHER,
    STRUCK
}
