package org.antevid.app.reader;

import java.util.Map;

/**
 * A message as the interface gives it: in the words of the person who asks, with what it is said of beside.
 *
 * @param code key of the message, the same in every language
 * @param words in the reader's language and units
 * @param args numbers in SI units, names of constants, people's own words
 */
public record MessageView(String code, String words, Map<String, Object> args) {}
