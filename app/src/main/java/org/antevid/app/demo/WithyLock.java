package org.antevid.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.house.Kits;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.logbook.Corrections;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.learn.CorrectionKind;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.springframework.stereotype.Component;

/** A made-up job: a community allotment and boat mooring beside a canal lock, two days after a night gale. */
@Component
class WithyLock {
    static final String NAME = "Withy Lock";
    private final DemoHouse house;
    private final People people;
    private final Jobs jobs;
    private final Places places;
    private final WithyLockPlace place;
    private final WithyLockStems stems;
    private final Crews crews;
    private final Kits kits;
    private final Corrections corrections;
    private final Clock clock;

    WithyLock(
            DemoHouse house,
            People people,
            Jobs jobs,
            Places places,
            WithyLockPlace place,
            WithyLockStems stems,
            Crews crews,
            Kits kits,
            Corrections corrections,
            Clock clock) {
        this.house = house;
        this.people = people;
        this.jobs = jobs;
        this.places = places;
        this.place = place;
        this.stems = stems;
        this.crews = crews;
        this.kits = kits;
        this.corrections = corrections;
        this.clock = clock;
    }

    /** @return id of the job */
    String enter() {
        Person imre = house.named(DemoHouse.LEADER);
        SignedIn leader = people.signed(imre.id());
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        String job = jobs.open(
                        NAME,
                        "Withy Lock allotments and mooring, after the gale",
                        today,
                        new Jobs.Conditions(9, new Ground(6, 172), "white gate on the lane, north-east"),
                        imre.id())
                .id();
        house.crew().forEach(p -> jobs.put(job, p.id(), Part.CREW));
        place.features(job);
        place.surroundings(job, leader);
        Map<String, String> kit =
                kits.all().stream().collect(Collectors.toMap(e -> e.item().name(), Kits.Entry::id));
        stems.enter(job, leader, kit);
        steps(job, house.named(DemoHouse.SAWYER), house.named(DemoHouse.WINCH), house.named(DemoHouse.LOOKOUT));
        // Nadia's nine measured falls are narrower than the table: the leader says yes to using them
        corrections.decide(job, stems.first(job), CorrectionKind.SPREAD, true, leader);
        next(imre, today.plusDays(8));
        return job;
    }

    private void next(Person imre, LocalDate day) {
        String next = jobs.open(
                        "Osier Cut",
                        "Osier Cut towpath, three willows",
                        day,
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
                        "the cut", FeatureKind.WATER, Form.POLYGON, WithyLockPlace.spots(0, 0, 60, 4, 60, 10, 0, 6)));
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
