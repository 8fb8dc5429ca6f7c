package org.antevid.core.judge.verdict;

import org.antevid.core.message.Code;

/** What a way of dealing with a stem needs. */
public enum Need implements Code {
    MEASURE,
    MEASURE_LEAN,
    NO_MACHINE,
    MACHINE_NOT_THERE,
    MACHINE_THERE,
    ROOM_SECTION,
    ROOM_EMPTY,
    ROOM_CLOSED,
    ROOM_WHOLE_SLOPE,
    ROOM_NOT_KNOWN
}
