package org.antevid.app.reader;

import org.antevid.words.Manner;

/** Somebody signed in, as one who reads. */
public interface Reader {
    /** @return the language and units the person reads in */
    Manner manner();
}
