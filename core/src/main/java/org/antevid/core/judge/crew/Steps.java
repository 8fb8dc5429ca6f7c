package org.antevid.core.judge.crew;

import org.antevid.core.crew.Step;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;

/** A step as it is called: its kind and the stem it is about. */
final class Steps {
    private Steps() {}

    static Arg said(Step st) {
        return Arg.said(Phrase.step(st.kind(), st.stem(), st.work()));
    }
}
