package org.antevid.app.problem;

import java.util.Map;
import org.antevid.app.reader.Arguments;
import org.antevid.app.reader.Speech;
import org.antevid.core.quantity.Fault;

/**
 * One thing wrong with what was sent.
 *
 * @param code upper-case label, the same in every language
 * @param field as the caller wrote it
 * @param message what would be right, in the language and units of whoever asked
 * @param args the same as values: numbers in SI units, names of constants
 */
record FaultView(String code, String field, String message, Map<String, Object> args) {
    static FaultView of(Fault f) {
        return new FaultView(
                f.code(),
                f.field(),
                Speech.words().say(f.says()),
                Arguments.of(f.says().args()));
    }
}
