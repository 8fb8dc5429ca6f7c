package org.antevid.core.crew;

import org.antevid.core.message.Code;

/** What can be wrong with who does what, with the code the open interface knows it by. */
public enum CrewFault implements Code {
    TWICE_IN_STEP("R01"),
    TWO_PLACES("R01"),
    NOT_COMPETENT("R02"),
    UNKNOWN_PERSON("R13");

    private final String code;

    CrewFault(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }
}
