package org.antevid.app.lay.web;

import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;

/** Lengths as they are read, in the reader's units. */
final class Lengths {
    private Lengths() {}

    static String up(double metres) {
        return Speech.words().show(Arg.up(Dimension.LENGTH, metres));
    }

    static String down(double metres) {
        return Speech.words().show(Arg.down(Dimension.LENGTH, metres));
    }
}
