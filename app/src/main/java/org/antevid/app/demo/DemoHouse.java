package org.antevid.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.antevid.app.house.Kits;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.assist.KitItem;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The made-up house: its people with their papers, and its kit. */
@Component
class DemoHouse {
    static final String PASSPHRASE = "three short one long";
    static final String LEADER = "Imre Halloway";
    static final String SAWYER = "Nadia Quill";
    static final String WINCH = "Tove Arkwright";
    static final String LOOKOUT = "Sefa Marsh";
    static final String GROUND = "Oren Pike";
    static final String REVIEWER = "Wilma Stroud";
    static final String OWNER = "Ottoline Fenn";
    private final People people;
    private final Kits kits;
    private final Clock clock;

    DemoHouse(People people, Kits kits, Clock clock) {
        this.people = people;
        this.kits = kits;
        this.clock = clock;
    }

    /** Everybody and everything, once. */
    void enter() {
        person(
                LEADER,
                Office.LEADER,
                Competence.SAW,
                Competence.WINCH,
                Competence.LOOKOUT,
                Competence.GROUND,
                Competence.HUNG_UP,
                Competence.RESCUE);
        person(SAWYER, Office.CREW, Competence.SAW, Competence.GROUND, Competence.CLIMB, Competence.RIGGING);
        person(
                WINCH,
                Office.CREW,
                Competence.WINCH,
                Competence.GROUND,
                Competence.RESCUE,
                Competence.CRANE,
                Competence.CRANE_OPERATOR);
        person(
                LOOKOUT,
                Office.CREW,
                Competence.GROUND,
                Competence.LOOKOUT,
                Competence.FIRST_AID,
                Competence.RIGGING,
                Competence.CRANE);
        person(GROUND, Office.CREW, Competence.GROUND);
        person(REVIEWER, Office.REVIEWER, Competence.HUNG_UP, Competence.SPECIAL_CUTS, Competence.CLIMB);
        person(OWNER, Office.OWNER);
        proofs();
        kit();
    }

    Person named(String name) {
        return people.named(name).orElseThrow();
    }

    SignedIn signed(String name) {
        return people.signed(named(name).id());
    }

    /** @return what came of something done in somebody's name */
    <T> T by(String name, Supplier<T> deed) {
        Authentication before = SecurityContextHolder.getContext().getAuthentication();
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(signed(name), null, List.of()));
        try {
            return deed.get();
        } finally {
            SecurityContextHolder.getContext().setAuthentication(before);
        }
    }

    /** The same with nothing to come of it. */
    void as(String name, Runnable deed) {
        by(name, () -> {
            deed.run();
            return name;
        });
    }

    /** @return the crew without its leader */
    List<Person> crew() {
        return Stream.of(SAWYER, WINCH, LOOKOUT, GROUND).map(this::named).toList();
    }

    /** @return the word somebody joins with the first time, empty once a PIN is set */
    String wordOf(Person p) {
        return people.pin(p.id()).firstWord().orElse("");
    }

    private void person(String name, Office office, Competence... competences) {
        Set<Competence> set = EnumSet.noneOf(Competence.class);
        set.addAll(List.of(competences));
        people.add(name, office, office == Office.CREW ? Optional.empty() : Optional.of(PASSPHRASE), set);
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** Whoever runs the house has seen their papers; Nadia's saw ticket ends soon and stops at 80 cm. */
    private void proofs() {
        SignedIn owner = signed(OWNER);
        Stream.concat(Stream.of(named(LEADER)), crew().stream())
                .forEach(p -> people.competent(
                        p.id(),
                        p.competences().stream().map(c -> proof(p, c)).toList(),
                        owner,
                        people.version(p.id())));
    }

    private People.Held proof(Person p, Competence c) {
        boolean hers = p.name().equals(SAWYER);
        return new People.Held(
                c,
                Optional.of(today().plusMonths(hers && c == Competence.SAW ? 2 : 22)),
                c == Competence.SAW ? Optional.of(hers ? 0.8 : 1.2) : Optional.empty(),
                false,
                "card seen");
    }

    private void kit() {
        kit(KitItem.Kind.SAW, "saw, short bar", 1, 0.45, null, null, null, null, null);
        kit(KitItem.Kind.SAW, "saw, long bar", 1, 0.63, null, null, null, null, null);
        kit(KitItem.Kind.WEDGE, "wedge, yellow", 6, null, 0.025, 0.2, null, null, null);
        kit(KitItem.Kind.WEDGE, "wedge, high", 2, null, 0.038, 0.25, null, null, null);
        kit(KitItem.Kind.HAMMER, "splitting hammer", 2, null, null, null, null, null, null);
        kit(KitItem.Kind.LEVER, "felling lever", 1, null, null, 1.0, null, null, null);
        kit(KitItem.Kind.ROPE, "winch rope, 12 mm", 1, null, null, 90.0, 110000.0, null, 2022);
        kit(KitItem.Kind.ROPE, "pull line, 14 mm", 1, null, null, 70.0, 48000.0, null, 2023);
        kit(KitItem.Kind.ROPE, "old blue line", 1, null, null, 40.0, 24000.0, null, 2012);
        kit(KitItem.Kind.SLING, "round sling, red", 2, null, null, null, 50000.0, null, 2023);
        kit(KitItem.Kind.BLOCK, "redirect block", 1, null, null, null, 60000.0, 0.92, null);
        kit(KitItem.Kind.ROPE, "lowering line, 16 mm", 1, null, null, 60.0, 62000.0, null, 2024);
        kit(KitItem.Kind.SLING, "anchor sling", 2, null, null, null, 40000.0, null, 2024);
        kit(KitItem.Kind.BLOCK, "lowering block", 2, null, null, null, 45000.0, 0.9, null);
        kit(KitItem.Kind.BRAKE, "lowering brake", 1, null, null, null, 20000.0, null, null);
        kit(KitItem.Kind.BRAKE, "friction for aloft", 1, null, null, null, 30000.0, null, null);
        kit(KitItem.Kind.WINCH, "tracked winch", 1, null, null, null, 20000.0, null, null);
        kits.all()
                .forEach(e -> kits.inspected(
                        e.id(),
                        new Kits.Inspection(
                                Optional.of(today().minusMonths(2)),
                                Optional.of(today().plusMonths(4)),
                                false,
                                Optional.empty()),
                        e.version()));
    }

    private void kit(
            KitItem.Kind kind,
            String name,
            int count,
            @Nullable Double barM,
            @Nullable Double liftM,
            @Nullable Double lengthM,
            @Nullable Double strengthN,
            @Nullable Double efficiency,
            @Nullable Integer madeYear) {
        kits.add(new KitItem(
                kind,
                name,
                count,
                Optional.ofNullable(barM),
                Optional.ofNullable(liftM),
                Optional.ofNullable(lengthM),
                Optional.ofNullable(strengthN),
                Optional.ofNullable(efficiency),
                Optional.ofNullable(madeYear),
                ""));
    }
}
