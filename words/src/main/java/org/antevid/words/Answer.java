package org.antevid.words;

import org.antevid.core.message.Code;

/**
 * What the server answers besides what the core says: who may do what, secrets that do not fit, files that cannot be
 * read.
 */
public enum Answer implements Code {
    LEADER_OPENS_JOB,
    NO_LOCAL_ADDRESS,
    LEADER_ONLY,
    REVIEWER_ONLY,
    NOT_YOUR_PART,
    JOB_CLOSED,
    CODE_NAME_PIN,
    NO_JOB_WITH_CODE,
    OWN_PIN,
    NO_PIN_YET,
    PIN,
    NEWER_BRIEFING,
    READ_AGAIN,
    NOTHING_LEFT,
    BRIEFING_NOT_INTACT,
    WHO_CONFIRMS_STOPPED,
    WHO_TICKS,
    WORD_NEEDED,
    WORD,
    PASSPHRASE,
    WHO_SEES_PEOPLE,
    OWNER_CHANGES_PEOPLE,
    COMMON_PASSPHRASE,
    PIN_DIGITS,
    COMMON_PIN,
    SHORT_PASSPHRASE,
    NAME_PASSPHRASE,
    NEITHER,
    OLD_PASSPHRASE,
    SIGN_IN,
    OWNER_CHANGES_RULES,
    OWNER_CHANGES_KIT,
    LEADER_WRITES_OPINION,
    OPINION_OWN_PASSPHRASE,
    ACCEPTED_ALREADY,
    SET_ASIDE_ALREADY,
    NO_TREE_THERE,
    STEM_FELLED,
    NO_PICTURE,
    TOO_MANY_PIXELS,
    NOT_THE_JSON,
    NOTHING_HERE,
    CHANGED_AT_ONCE,
    SENT_OTHERWISE,
    SIGN_AGAIN,
    TOO_MANY_TRIES,
    FILE_TOO_LARGE,
    OUR_FAULT,
    NO_FORM_WITH_FILE
}
