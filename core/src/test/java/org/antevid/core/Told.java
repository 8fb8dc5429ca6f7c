package org.antevid.core;

import java.util.Map;
import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** What a finding or message says, as values. */
public final class Told {
    private Told() {}

    public static boolean says(Finding f, String code) {
        return f.says().name().equals(code);
    }

    public static boolean says(Message m, String code) {
        return m.code().name().equals(code);
    }

    /** @return the number of an argument, NaN where it is not there */
    public static double number(Finding f, String name) {
        return f.args().get(name) instanceof Arg.Amount a ? a.value() : Double.NaN;
    }

    /** @return an argument as plain text: a name, a constant, a flag, else what the record says */
    public static String text(Finding f, String name) {
        return text(f.args(), name);
    }

    public static String text(Map<String, Arg> args, String name) {
        Arg a = args.get(name);
        return a instanceof Arg.Name n
                ? n.text()
                : a instanceof Arg.Term t
                        ? t.value().name()
                        : a instanceof Arg.Flag f ? Boolean.toString(f.set()) : String.valueOf(a);
    }

    /** @return code and arguments, for those who look for a word of ours in it */
    public static String all(Message m) {
        return m.code().name() + " " + m.args().values();
    }

    public static Optional<Finding> first(Iterable<Finding> found, String code) {
        for (Finding f : found) {
            if (says(f, code)) {
                return Optional.of(f);
            }
        }
        return Optional.empty();
    }
}
