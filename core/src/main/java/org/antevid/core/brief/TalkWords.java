package org.antevid.core.brief;

import org.antevid.core.message.Code;

/** What is said when a briefing is held; what the plan itself says is said in its own words. */
public enum TalkWords implements Code {
    STEM,
    TODAY,
    RING,
    HANGS,
    LINE_OVERHEAD,
    UNDER_TENSION,
    PLACE,
    STEP,
    WITH,
    LAY,
    BY_MEANS,
    REACHES,
    SPREAD,
    SPREAD_NOT_KNOWN,
    WAY_OUT,
    NO_LAY,
    CUT_WAY,
    MEASURE,
    STAND,
    BY_THE_CARD,
    WHO,
    AT_THE_STUMP,
    AWAY,
    NOT_SET,
    ENTRY
}
