package org.antevid.app.demo;

import java.util.stream.Collectors;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.People;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Fills a fresh demo: the house and the jobs it has behind it, unless the store came with them, then the job at hand.
 */
@Component
class Demo {
    private final DemoHouse house;
    private final PastDays past;
    private final WithyLock withyLock;
    private final People people;
    private final Jobs jobs;
    private final boolean demo;
    private final boolean pastOnly;

    Demo(
            DemoHouse house,
            PastDays past,
            WithyLock withyLock,
            People people,
            Jobs jobs,
            @Value("${antevid.demo}") boolean demo,
            @Value("${antevid.past-only:false}") boolean pastOnly) {
        this.house = house;
        this.past = past;
        this.withyLock = withyLock;
        this.people = people;
        this.jobs = jobs;
        this.demo = demo;
        this.pastOnly = pastOnly;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(2)
    void enter() {
        if (!demo) {
            return;
        }
        if (people.nobodyYet()) {
            house.enter();
            past.live();
        }
        boolean there = jobs.seenBy(house.signed(DemoHouse.LEADER)).stream()
                .anyMatch(j -> j.name().equals(WithyLock.NAME));
        if (!pastOnly && !there) {
            house.as(DemoHouse.LEADER, () -> say(withyLock.enter()));
        }
    }

    private void say(String job) {
        System.out.println("Demo job '" + WithyLock.NAME + "', crew code "
                + jobs.job(job).code() + ". Sign in with the passphrase '" + DemoHouse.PASSPHRASE + "' as");
        System.out.println("  Imre Halloway (leader), Wilma Stroud (reviewer) or Ottoline Fenn (owner).");
        System.out.println(
                "  Crew join with the code, a PIN of their own and, the first time, the word beside their name:");
        System.out.println("  "
                + house.crew().stream()
                        .map(p -> p.name() + " '" + house.wordOf(p) + "'")
                        .collect(Collectors.joining(", "))
                + ".");
    }
}
