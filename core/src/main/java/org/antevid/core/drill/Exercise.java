package org.antevid.core.drill;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/**
 * One thing to be judged. The same kind, level and seed make the same exercise.
 *
 * @param said the picture in words, so that nobody needs to see it
 * @param several whether all that is true is to be marked, or one answer given
 * @param thrownAway how many before it were ambiguous
 */
public record Exercise(
        DrillKind kind,
        int level,
        long seed,
        Picture picture,
        Message said,
        Message asked,
        boolean several,
        List<Choice> choices,
        List<Fact> truth,
        int thrownAway) {
    /**
     * @param right of several: whether it is to be marked
     * @param abstains somebody says that they do not know: never right, and nothing lost
     * @param deadly why this answer, or leaving this one out, ends the round
     */
    public record Choice(Arg says, boolean right, boolean abstains, Optional<Message> deadly) {
        static Choice of(Arg says, boolean right) {
            return new Choice(says, right, false, Optional.empty());
        }

        static Choice notKnown() {
            return new Choice(Arg.said(Message.of(DrillWords.NOT_KNOWN)), false, true, Optional.empty());
        }
    }

    /** What a line of the truth tells. */
    public enum Told implements Code {
        NUMBER,
        RULE,
        THEN,
        RIGHT_IF
    }

    /** A line of the truth. */
    public record Fact(Told told, Message says) {}

    Exercise at(long askedSeed, int thrown) {
        return new Exercise(kind, level, askedSeed, picture, said, asked, several, choices, truth, thrown);
    }
}
