package org.antevid.core.message;

import java.util.Collection;
import java.util.List;

/** What a message is said of. Numbers stay numbers, choices stay values, people's own words stay theirs. */
public sealed interface Arg {
    /** What people called something, or wrote. */
    record Name(String text) implements Arg {}

    /** A value of ours that has a word in the catalogue. */
    record Term(Enum<?> value) implements Arg {}

    /**
     * A quantity.
     *
     * @param value in the SI unit of its dimension
     * @param side the side it errs to when it is shown
     */
    record Amount(Dimension dimension, double value, Side side) implements Arg {}

    record Count(long number) implements Arg {}

    /** A number as somebody wrote it, in the unit its field is named with. */
    record Figure(double value) implements Arg {}

    /** Chooses between two ways of saying it. */
    record Flag(boolean set) implements Arg {}

    /** Something said inside something said. */
    record Inner(Message message) implements Arg {}

    /** Several of a kind, in order. */
    record Several(List<Arg> parts, Joint joint) implements Arg {
        public Several {
            parts = List.copyOf(parts);
        }
    }

    /** How several are joined. */
    enum Joint {
        COMMA,
        SEMICOLON,
        OR
    }

    static Arg name(String text) {
        return new Name(text);
    }

    static Arg term(Enum<?> value) {
        return new Term(value);
    }

    static Arg count(long number) {
        return new Count(number);
    }

    static Arg figure(double value) {
        return new Figure(value);
    }

    static Arg flag(boolean set) {
        return new Flag(set);
    }

    static Arg said(Message message) {
        return new Inner(message);
    }

    static Arg up(Dimension dimension, double value) {
        return new Amount(dimension, value, Side.UP);
    }

    static Arg down(Dimension dimension, double value) {
        return new Amount(dimension, value, Side.DOWN);
    }

    static Arg of(Dimension dimension, double value) {
        return new Amount(dimension, value, Side.NEAREST);
    }

    static Arg azimuth(double deg) {
        return of(Dimension.AZIMUTH, deg);
    }

    static Arg names(Collection<String> names) {
        return new Several(names.stream().map(Arg::name).toList(), Joint.COMMA);
    }

    static Arg terms(Collection<? extends Enum<?>> values) {
        return new Several(values.stream().map(Arg::term).toList(), Joint.COMMA);
    }

    static Arg all(Collection<Message> messages) {
        return new Several(messages.stream().map(Arg::said).toList(), Joint.SEMICOLON);
    }

    static Arg several(Collection<Arg> parts) {
        return new Several(List.copyOf(parts), Joint.COMMA);
    }
}
