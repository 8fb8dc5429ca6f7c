package org.antevid.app.reader;

import java.util.Set;
import java.util.function.Supplier;
import org.antevid.words.Manner;
import org.antevid.words.Regional;
import org.antevid.words.Words;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;

/** The words for the person behind the request: in their language, in their units. */
public final class Speech {
    /** One house to a server; read with every sentence, so not from the database each time. */
    private static volatile Set<Regional> house = Set.of();

    private Speech() {}

    static void ofTheHouse(Set<Regional> said) {
        house = Set.copyOf(said);
    }

    /** @return the words of its region that the house says */
    public static Set<Regional> ofTheHouse() {
        return house;
    }

    public static Words words() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return Words.of(who != null && who.getPrincipal() instanceof Reader me ? me.manner() : Manner.USUAL, house);
    }

    /**
     * Says something to somebody who asked for nothing just now: what is written meanwhile is in their words.
     *
     * @param write called once, on this thread
     */
    public static <T> T to(Reader reader, Supplier<T> write) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext theirs = SecurityContextHolder.createEmptyContext();
        theirs.setAuthentication(new PreAuthenticatedAuthenticationToken(reader, ""));
        SecurityContextHolder.setContext(theirs);
        try {
            return write.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }
}
