package org.antevid.core.brief;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/** One card of a briefing as it is held before the crew, few lines that are read from three metres. */
public record TalkCard(Part part, List<Line> lines) {
    /** What a card is about, in the order in which it is told. */
    public enum Part implements Code {
        WHAT,
        KILLS,
        PLAN,
        LAY,
        CUT,
        WHO,
        SIGNALS,
        STOP,
        HELP,
        IF_NOT;

        /** The heading of the card, where the part itself is one word on the rail. */
        public enum Heading implements Code {
            WHAT,
            KILLS,
            PLAN,
            LAY,
            CUT,
            WHO,
            SIGNALS,
            STOP,
            HELP,
            IF_NOT
        }

        public Heading heading() {
            return Heading.valueOf(name());
        }
    }

    /**
     * @param head large
     * @param more smaller beneath it
     * @param sign how it is given, where it is a signal
     */
    public record Line(Message head, Optional<Message> more, Optional<Cue.Sign> sign) {
        static Line of(Message head) {
            return new Line(head, Optional.empty(), Optional.empty());
        }

        static Line of(Message head, Message more) {
            return new Line(head, Optional.of(more), Optional.empty());
        }
    }

    public TalkCard {
        lines = List.copyOf(lines);
    }
}
