package org.antevid.core.quantity;

/**
 * One thing wrong with an input.
 *
 * @param code upper-case label, for example {@code OUT_OF_RANGE}
 * @param field name of the input as the caller wrote it
 * @param message what would be right, for a person to read
 */
public record Fault(String code, String field, String message) {}
