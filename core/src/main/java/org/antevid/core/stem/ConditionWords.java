package org.antevid.core.stem;

import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;

/** What a condition of the wood does to hinge, splitting and mass. */
public enum ConditionWords implements Code {
    SOUND,
    FROZEN,
    STRESSED,
    DEAD_RECENT,
    DEAD_OLD,
    DECAYED,
    UNRELIABLE,
    UNSEEN;

    public static Message of(Condition c) {
        return Message.of(
                        switch (c) {
                            case SOUND -> SOUND;
                            case FROZEN -> FROZEN;
                            case STRESSED -> STRESSED;
                            case DEAD_RECENT -> DEAD_RECENT;
                            case DEAD_OLD -> DEAD_OLD;
                            case DECAYED -> DECAYED;
                            case UNRELIABLE -> UNRELIABLE;
                            case UNSEEN -> UNSEEN;
                        })
                .with("holds", Arg.of(Dimension.SHARE, c.factor()));
    }
}
