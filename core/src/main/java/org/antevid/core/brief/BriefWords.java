package org.antevid.core.brief;

import org.antevid.core.message.Code;

/** What everybody is told and asked at the briefing. */
public enum BriefWords implements Code {
    ASK_WHO_SIGNS,
    ASK_WHO_ANSWERS,
    ASK_WHOM_I_ANSWER,
    WHO_SEES_FIRST,
    NOBODY_NEEDED,
    ASK_STALL,
    HOLD_AND_STAY,
    PULL_HARDER,
    BACK_TO_THE_STUMP,
    SLACKEN,
    ASK_RING,
    ASK_WAY_OUT,
    ASK_LAY,
    ASK_GUST,
    ASK_WHO_HOLDS,
    ANYONE_ANY_TIME,
    LEADER_ONLY,
    CUTTER_ONLY,
    LOOKOUT_ONLY,
    ASK_WHO_LIFTS,
    THE_LEADER,
    WHO_CALLED,
    THE_CUTTER,
    ANYONE,
    HEADING,
    SIGNAL_STOP,
    SIGNAL_GOING,
    STOP_SOMEBODY_INSIDE,
    STOP_SIGHT_LOST,
    STOP_GUST,
    STOP_HUNG_MOVES
}
