package org.antevid.app.reader;

import java.util.LinkedHashMap;
import java.util.Map;
import org.antevid.core.message.Arg;

/** What a message is said of, as plain values: numbers in SI units, names of constants, people's own words. */
public final class Arguments {
    private Arguments() {}

    public static Map<String, Object> of(Map<String, Arg> args) {
        Map<String, Object> plain = new LinkedHashMap<>();
        args.forEach((name, arg) -> plain.put(name, plain(arg)));
        return plain;
    }

    static Object plain(Arg arg) {
        if (arg instanceof Arg.Amount a) {
            return a.value();
        } else if (arg instanceof Arg.Count c) {
            return c.number();
        } else if (arg instanceof Arg.Figure f) {
            return f.value();
        } else if (arg instanceof Arg.Flag f) {
            return f.set();
        } else if (arg instanceof Arg.Term t) {
            return t.value().name();
        } else if (arg instanceof Arg.Name n) {
            return n.text();
        } else if (arg instanceof Arg.Several s) {
            return s.parts().stream().map(Arguments::plain).toList();
        } else if (arg instanceof Arg.Inner i) {
            return Map.of(
                    "code", i.message().code().name(), "args", of(i.message().args()));
        }
        throw new IllegalStateException("no such argument: " + arg);
    }
}
