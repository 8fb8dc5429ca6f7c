package org.antevid.core.message;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Something to be said: a code and what it is said of. The words are found where somebody reads it, in their language
 * and units.
 *
 * @param args by the name the catalogue knows them by; what is not there is not known
 */
public record Message(Code code, Map<String, Arg> args) {
    public Message {
        args = Collections.unmodifiableMap(new LinkedHashMap<>(args));
    }

    public static Message of(Code code) {
        return new Message(code, Map.of());
    }

    public Message with(String name, Arg arg) {
        Map<String, Arg> more = new LinkedHashMap<>(args);
        more.put(name, arg);
        return new Message(code, more);
    }

    public Message with(String name, Optional<Arg> arg) {
        return arg.map(a -> with(name, a)).orElse(this);
    }
}
