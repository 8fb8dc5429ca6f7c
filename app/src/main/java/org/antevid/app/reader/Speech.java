package org.antevid.app.reader;

import org.antevid.words.Manner;
import org.antevid.words.Words;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** The words for the person behind the request: in their language, in their units. */
public final class Speech {
    private Speech() {}

    public static Words words() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return Words.of(who != null && who.getPrincipal() instanceof Reader me ? me.manner() : Manner.USUAL);
    }
}
