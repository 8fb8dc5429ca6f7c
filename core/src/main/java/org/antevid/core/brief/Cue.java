package org.antevid.core.brief;

import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/**
 * One signal of a step as one person needs it: what it looks like, who gives it, what is done and said back, what
 * silence means. Practice rules; the crew's own agreement outranks them.
 */
public record Cue(Sign sign, Message says) {
    /** How a signal is given; each is drawn. */
    public enum Sign {
        /** none: something is done once and then waited */
        READY,
        ARM_UP,
        ARM_SWUNG,
        ARMS_CROSSED,
        BOTH_ARMS_UP,
        THREE_SHORT,
        SAID
    }

    /** What is said of it. */
    public enum Words implements Code {
        CUTTER_CALLS,
        CUTTER_PULL,
        CUTTER_STALL,
        WATCH_ANSWER,
        WATCH_STOP,
        WATCH_ALL_CLEAR,
        WATCH_PULL,
        PRETENSION,
        PULL_ON_ARM,
        PULL_ON_WATCH,
        NEVER_BEFORE,
        HOLD_THE_LINE,
        STAY_SHUT,
        CLIMBER_ASKS,
        CLIMBER_NO,
        GROUND_ANSWERS,
        GROUND_IN,
        BRAKE_READY,
        /** a piece that another line holds first */
        BRAKE_TAKES_OVER,
        BRAKE_LETS_OVER,
        BRAKE_STOPS,
        RESCUER_STANDS,
        RADIO
    }

    static Cue of(Sign sign, Message says) {
        return new Cue(sign, says);
    }
}
