package org.antevid.app.reader;

/**
 * A quantity or name as the interface gives it.
 *
 * @param words in the reader's language and units, rounded to the safe side
 * @param value the same in SI units, or the name of the constant
 */
public record ArgView(String words, Object value) {}
