package org.antevid.core.drill;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/**
 * One thing to be judged. The same kind, level and seed make the same exercise.
 *
 * @param said the picture in words, so that nobody needs to see it
 * @param thrownAway how many before it were ambiguous
 */
public record Exercise(
        DrillKind kind,
        int level,
        long seed,
        Picture picture,
        Message said,
        Message asked,
        Answering way,
        List<Choice> choices,
        List<Fact> truth,
        int thrownAway) {
    /**
     * @param right of several: whether it is to be marked
     * @param abstains somebody says that they do not know: never right, and nothing lost
     * @param alone it says something of all the others: it is marked alone
     * @param after of an order: the numbers of the choices that come before this one
     * @param deadly why this answer ends the round: marked where it is wrong, left out of several where it is right, or
     *     marked before what comes first
     */
    public record Choice(
            Arg says, boolean right, boolean abstains, boolean alone, List<Integer> after, Optional<Message> deadly) {
        public Choice {
            after = List.copyOf(after);
        }

        static Choice of(Arg says, boolean right) {
            return new Choice(says, right, false, false, List.of(), Optional.empty());
        }

        static Choice of(DrillWords says, boolean right) {
            return of(Arg.said(Message.of(says)), right);
        }

        /** @return the same, ending the round for this reason */
        Choice deadly(Optional<Message> why) {
            return new Choice(says, right, abstains, alone, after, why);
        }

        /** @return the same, marked alone */
        Choice markedAlone() {
            return new Choice(says, right, abstains, true, after, deadly);
        }

        Choice after(List<Integer> first) {
            return new Choice(says, right, abstains, alone, first, deadly);
        }

        static Choice notKnown() {
            return new Choice(
                    Arg.said(Message.of(DrillWords.NOT_KNOWN)), false, true, true, List.of(), Optional.empty());
        }
    }

    /**
     * @param marked numbers of the choices, from 0, in the order they were marked
     * @return whether what is marked is what is true, no more and no less, and in an order that breaks no rule
     */
    public boolean isRight(List<Integer> marked) {
        return IntStream.range(0, choices.size())
                .allMatch(i -> choices.get(i).right() == marked.contains(i) && !tooEarly(marked, i));
    }

    private boolean tooEarly(List<Integer> marked, int i) {
        int at = marked.indexOf(i);
        return way == Answering.ORDER
                && at >= 0
                && !marked.subList(0, at).containsAll(choices.get(i).after());
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
        return new Exercise(kind, level, askedSeed, picture, said, asked, way, choices, truth, thrown);
    }
}
