package org.antevid.core.quantity;

import org.antevid.core.message.Message;

/**
 * One thing wrong with an input.
 *
 * @param code upper-case label of the interface, for example {@code OUT_OF_RANGE}
 * @param field name of the input as the caller wrote it
 * @param says what would be right
 */
public record Fault(String code, String field, Message says) {
    public Fault(Refusal why, String field) {
        this(Message.of(why), field);
    }

    /** @throws IllegalArgumentException where it is no refusal that is said */
    public Fault(Message says, String field) {
        this(codeOf(says), field, says);
    }

    private static String codeOf(Message says) {
        if (says.code() instanceof Refusal why) {
            return why.code();
        }
        throw new IllegalArgumentException(says.code() + " is no refusal");
    }
}
