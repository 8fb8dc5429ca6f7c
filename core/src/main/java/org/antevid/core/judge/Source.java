package org.antevid.core.judge;

/** What a rule rests on. */
public enum Source {
    PRACTICE,
    HOUSE,
    LOCAL_CODE,
    JUDGEMENT,
    GEOMETRY,
    STATICS,
    MECHANICS,
    GEOMETRY_AND_MECHANICS,
    MECHANICS_AND_JUDGEMENT,
    MECHANICS_AND_PRACTICE,
    ENERGY_JUDGEMENT
}
