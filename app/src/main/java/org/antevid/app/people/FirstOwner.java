package org.antevid.app.people;

import java.security.SecureRandom;
import java.util.EnumSet;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.core.crew.Competence;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** An empty data folder gets an owner with a passphrase that is printed once. */
@Component
class FirstOwner {
    private static final String LETTERS = "abcdefghjkmnpqrstvwxyz23456789";
    private final People people;
    private final boolean demo;

    FirstOwner(People people, @Value("${antevid.demo}") boolean demo) {
        this.people = people;
        this.demo = demo;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(1)
    void make() {
        if (demo || !people.nobodyYet()) {
            return;
        }
        String passphrase = new SecureRandom()
                .ints(16, 0, LETTERS.length())
                .mapToObj(i -> LETTERS.substring(i, i + 1))
                .collect(Collectors.joining());
        people.add("Owner", Office.OWNER, Optional.of(passphrase), EnumSet.noneOf(Competence.class));
        System.out.println("First start: sign in as 'Owner' with the passphrase '" + passphrase
                + "' and add your people. It is shown only now.");
    }
}
