package org.antevid.core.brief;

import org.antevid.core.message.Code;

/** What everybody is told and asked at the briefing. */
public enum BriefWords implements Code {
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
