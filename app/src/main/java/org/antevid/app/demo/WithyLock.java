package org.antevid.app.demo;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.crew.Crews;
import org.antevid.app.house.Kits;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.core.assist.KitItem;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** A made-up job: a community allotment and boat mooring beside a canal lock, two days after a night gale. */
@Component
class WithyLock {
    static final String PASSPHRASE = "three short one long";
    private final People people;
    private final Jobs jobs;
    private final Places places;
    private final WithyLockPlace place;
    private final WithyLockStems stems;
    private final Crews crews;
    private final Kits kits;
    /** Ids of the kit by name. */
    private final Map<String, String> kit = new HashMap<>();

    private final boolean demo;

    WithyLock(
            People people,
            Jobs jobs,
            Places places,
            WithyLockPlace place,
            WithyLockStems stems,
            Crews crews,
            Kits kits,
            @Value("${antevid.demo}") boolean demo) {
        this.people = people;
        this.jobs = jobs;
        this.places = places;
        this.place = place;
        this.stems = stems;
        this.crews = crews;
        this.kits = kits;
        this.demo = demo;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(2)
    void enter() {
        if (!demo || !people.nobodyYet()) {
            return;
        }
        Person imre = add(
                "Imre Halloway",
                Office.LEADER,
                Competence.SAW,
                Competence.WINCH,
                Competence.LOOKOUT,
                Competence.GROUND,
                Competence.HUNG_UP);
        Person nadia = add("Nadia Quill", Office.CREW, Competence.SAW, Competence.GROUND);
        Person tove = add("Tove Arkwright", Office.CREW, Competence.WINCH, Competence.GROUND);
        Person sefa = add("Sefa Marsh", Office.CREW, Competence.GROUND, Competence.LOOKOUT, Competence.FIRST_AID);
        Person oren = add("Oren Pike", Office.CREW, Competence.GROUND);
        add("Wilma Stroud", Office.REVIEWER, Competence.HUNG_UP, Competence.SPECIAL_CUTS);
        add("Ottoline Fenn", Office.OWNER);
        SignedIn leader = people.signed(imre.id());
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(leader, null, List.of()));
        try {
            String job = jobs.open(
                            "Withy Lock",
                            "Withy Lock allotments and mooring, after the gale",
                            LocalDate.of(2026, 11, 23),
                            new Jobs.Conditions(9, new Ground(6, 172), "white gate on the lane, north-east"),
                            imre.id())
                    .id();
            proofs(imre, nadia, tove, sefa, oren);
            Stream.of(nadia, tove, sefa, oren).forEach(p -> jobs.put(job, p.id(), Part.CREW));
            house();
            place.features(job);
            place.surroundings(job, leader);
            stems.enter(job, leader, kit);
            steps(job, nadia, tove, sefa);
            String next = jobs.open(
                            "Osier Cut",
                            "Osier Cut towpath, three willows",
                            LocalDate.of(2026, 12, 1),
                            new Jobs.Conditions(9, new Ground(2, 180), ""),
                            imre.id())
                    .id();
            places.add(
                    next,
                    WithyLockPlace.target(
                            "towpath",
                            FeatureKind.PATH,
                            Form.LINE,
                            2,
                            Protection.CLOSE,
                            "",
                            WithyLockPlace.spots(0, 10, 60, 14)));
            places.add(
                    next,
                    WithyLockPlace.feature(
                            "the cut",
                            FeatureKind.WATER,
                            Form.POLYGON,
                            WithyLockPlace.spots(0, 0, 60, 4, 60, 10, 0, 6)));
            System.out.println("Demo job 'Withy Lock', crew code "
                    + jobs.job(job).code() + ". Sign in with the passphrase '" + PASSPHRASE + "' as");
            System.out.println("  Imre Halloway (leader), Wilma Stroud (reviewer) or Ottoline Fenn (owner).");
            System.out.println(
                    "  Crew join with the code, a PIN of their own and, the first time, the word beside their name:");
            System.out.println("  "
                    + Stream.of(nadia, tove, sefa, oren)
                            .map(p -> p.name() + " '"
                                    + people.pin(p.id()).firstWord().orElse("") + "'")
                            .collect(Collectors.joining(", "))
                    + ".");
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    private Person add(String name, Office office, Competence... competences) {
        Set<Competence> set = EnumSet.noneOf(Competence.class);
        set.addAll(List.of(competences));
        return people.add(name, office, office == Office.CREW ? Optional.empty() : Optional.of(PASSPHRASE), set);
    }

    /** Whoever runs the house has seen their papers; Nadia's saw ticket ends soon and stops at 80 cm. */
    private void proofs(Person imre, Person nadia, Person tove, Person sefa, Person oren) {
        SignedIn owner =
                people.signed(people.named("Ottoline Fenn").orElseThrow().id());
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        Stream.of(imre, nadia, tove, sefa, oren)
                .forEach(p -> people.competent(
                        p.id(),
                        p.competences().stream()
                                .map(c -> proof(p, c, today, nadia))
                                .toList(),
                        owner,
                        people.version(p.id())));
    }

    private static People.Held proof(Person p, Competence c, LocalDate today, Person nadia) {
        boolean hers = p.id().equals(nadia.id());
        return new People.Held(
                c,
                Optional.of(today.plusMonths(hers && c == Competence.SAW ? 2 : 22)),
                c == Competence.SAW ? Optional.of(hers ? 0.8 : 1.2) : Optional.empty(),
                false,
                "card seen");
    }

    private void house() {
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
        kit(KitItem.Kind.WINCH, "tracked winch", 1, null, null, null, 20000.0, null, null);
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        kits.all()
                .forEach(e -> kits.inspected(
                        e.id(),
                        new Kits.Inspection(Optional.of(today.minusMonths(2)), Optional.of(today.plusMonths(4)), false),
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
        kit.put(
                name,
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
                        "")));
    }

    private void steps(String job, Person nadia, Person tove, Person sefa) {
        crews.add(
                job,
                new Crews.Entry(
                        Step.Kind.RELEASE,
                        Optional.of("S2"),
                        0,
                        40,
                        List.of(
                                new Step.Post(Role.WINCH, tove.id(), Optional.of(new Spot(47, 65))),
                                new Step.Post(Role.LOOKOUT, sefa.id(), Optional.of(new Spot(66, 58))))));
        crews.add(
                job,
                new Crews.Entry(
                        Step.Kind.FELL,
                        Optional.of("S1"),
                        40,
                        70,
                        List.of(
                                new Step.Post(Role.CUTTER, nadia.id(), Optional.empty()),
                                new Step.Post(Role.LOOKOUT, sefa.id(), Optional.of(new Spot(89, 44))))));
    }
}
