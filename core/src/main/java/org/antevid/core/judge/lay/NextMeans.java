package org.antevid.core.judge.lay;

import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;

/** What would be enough next, easiest first. */
enum NextMeans implements Code {
    AFTER_NOTHING,
    AFTER_WEDGES,
    AFTER_HAND_LINE,
    AFTER_MACHINE;

    static Message after(LayPlan p) {
        return switch (p.choice().means().kind()) {
            case NOTHING, LEVER -> Message.of(AFTER_NOTHING);
            case WEDGES -> Message.of(AFTER_WEDGES);
            case HAND_LINE -> Message.of(AFTER_HAND_LINE);
            case MACHINE_LINE ->
                Message.of(AFTER_MACHINE).with("pull", p.control().neededN().map(n -> Arg.up(Dimension.PULL, n)));
        };
    }
}
