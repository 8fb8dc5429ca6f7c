package org.antevid.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.crew.Crews;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.judgement.Judgement;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.Lays;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.records.Incidents;
import org.antevid.app.records.Weighings;
import org.antevid.app.review.Reviews;
import org.antevid.app.review.SignOffs;
import org.antevid.app.run.RunFacts;
import org.antevid.app.run.Runs;
import org.antevid.app.stem.FieldBooks;
import org.antevid.app.stem.Stems;
import org.antevid.app.trace.HouseClock;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.ReadBack;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.Lesson;
import org.antevid.core.learn.LessonState;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.outcome.Weighed;
import org.antevid.core.outcome.WeighedBy;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.run.Against;
import org.antevid.core.run.Unticked;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Wood;
import org.antevid.core.stump.School;
import org.springframework.stereotype.Component;

/**
 * Lives through the jobs that are over, each on its day, through the same services and checks as anybody's: nothing in
 * them could not have happened.
 */
@Component
class PastDays {
    private static final double APART_M = 45;
    private static final int STEP_MIN = 40;
    private static final int LONGEST_WAIT_MIN = 60;
    private static final Duration FIRST_GO = Duration.ofMinutes(150);

    private final DemoHouse house;
    private final People people;
    private final Jobs jobs;
    private final Places places;
    private final Surroundings surroundings;
    private final Stems stems;
    private final FieldBooks books;
    private final Lays lays;
    private final Crews crews;
    private final Briefings briefings;
    private final Judgement judgement;
    private final Runs runs;
    private final Reviews reviews;
    private final SignOffs signOffs;
    private final Lessons lessons;
    private final Incidents incidents;
    private final Weighings weighings;
    private final Anemometer anemometer;
    private final HouseClock clock;

    PastDays(
            DemoHouse house,
            People people,
            Jobs jobs,
            Places places,
            Surroundings surroundings,
            Stems stems,
            FieldBooks books,
            Lays lays,
            Crews crews,
            Briefings briefings,
            Judgement judgement,
            Runs runs,
            Reviews reviews,
            SignOffs signOffs,
            Lessons lessons,
            Incidents incidents,
            Weighings weighings,
            Anemometer anemometer,
            HouseClock clock) {
        this.house = house;
        this.people = people;
        this.jobs = jobs;
        this.places = places;
        this.surroundings = surroundings;
        this.stems = stems;
        this.books = books;
        this.lays = lays;
        this.crews = crews;
        this.briefings = briefings;
        this.judgement = judgement;
        this.runs = runs;
        this.reviews = reviews;
        this.signOffs = signOffs;
        this.lessons = lessons;
        this.incidents = incidents;
        this.weighings = weighings;
        this.anemometer = anemometer;
        this.clock = clock;
    }

    /** One after the other, the oldest first: each knows what was measured on those before it. */
    void live() {
        PastJob.ALL.forEach(this::live);
    }

    private void live(PastJob past) {
        LocalDate day =
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).minusDays(past.daysAgo());
        Instant morning = day.atTime(8, 0).atZone(ZoneId.systemDefault()).toInstant();
        String job = clock.asOf(morning, () -> house.by(DemoHouse.LEADER, () -> plan(past, day)));
        clock.at(morning.plus(Duration.ofMinutes(100)), () -> house.as(DemoHouse.LEADER, () -> brief(job)));
        Instant free = morning.plus(FIRST_GO);
        for (int i = 0; i < past.falls().size(); i++) {
            Instant go = lull(job, free);
            free = go.plus(Duration.ofMinutes(STEP_MIN));
            String label = "S" + (i + 1);
            PastFall fall = past.falls().get(i);
            clock.at(go, () -> house.as(DemoHouse.LEADER, () -> go(job)));
            clock.at(go.plus(Duration.ofMinutes(11)), () -> house.as(DemoHouse.LEADER, () -> down(job)));
            fall.told()
                    .ifPresent(t -> clock.at(
                            go.plus(Duration.ofMinutes(16)),
                            () -> house.as(fall.sawyer(), () -> told(job, label, fall, t))));
        }
        Instant evening = morning.plus(Duration.ofHours(9));
        clock.at(
                evening,
                () -> house.as(DemoHouse.LEADER, () -> {
                    past.lessons().forEach(l -> learn(job, l));
                    past.incident().ifPresent(i -> incidents.tell(job, i, house.signed(DemoHouse.LOOKOUT)));
                    past.weighed().ifPresent(w -> weigh(job, w));
                    judgement.closeJob(job);
                    house.as(DemoHouse.REVIEWER, () -> signOffs.sign(job, house.signed(DemoHouse.REVIEWER)));
                }));
    }

    /** @return when the gusts are next beneath the limit of the step: they wait for it */
    private Instant lull(String job, Instant from) {
        double limitMs = clock.asOf(from, () -> runs.facts(job).gustLimitMs());
        for (int minute = 0; minute < LONGEST_WAIT_MIN; minute++) {
            Instant at = from.plus(Duration.ofMinutes(minute));
            if (clock.asOf(at, () -> anemometer.now().gustMs().high()) <= limitMs) {
                return at;
            }
        }
        throw new IllegalStateException("no lull beneath " + limitMs + " m/s on " + from);
    }

    /** Proposed by who learned it, in the evening; approved by the reviewer, declined by nobody. */
    private void learn(String job, PastJob.Learned l) {
        String id = lessons.propose(
                job,
                new Lessons.Proposal(
                        Optional.of(l.stem()),
                        Optional.of(l.idea().cause()),
                        l.sure(),
                        new Lesson("", Optional.of(l.idea()), "", "", l.becomes(), l.matches(), Optional.empty())),
                house.signed(l.by()));
        house.as(
                DemoHouse.REVIEWER,
                () -> lessons.decide(id, LessonState.Decision.APPROVED, "", house.signed(DemoHouse.REVIEWER)));
    }

    private void weigh(String job, PastJob.OnScale s) {
        double reckonedKg = stems.labelled(job, s.stem())
                .orElseThrow()
                .reading()
                .logKg(s.fromM(), s.toM())
                .orElseThrow();
        double readKg = Rounding.up(s.times() * reckonedKg, 0);
        weighings.weigh(
                job,
                s.stem(),
                new Weighed(MassPart.STEM, s.fromM(), s.toM(), readKg, WeighedBy.CRANE),
                false,
                house.signed(DemoHouse.LEADER));
    }

    private String plan(PastJob past, LocalDate day) {
        String job = jobs.open(
                        past.name(),
                        past.place(),
                        day,
                        new Jobs.Conditions(9, new Ground(0, 0), past.meetingPoint()),
                        house.named(DemoHouse.LEADER).id())
                .id();
        List.of(DemoHouse.SAWYER, DemoHouse.LOOKOUT)
                .forEach(n -> jobs.put(job, house.named(n).id(), Part.CREW));
        surroundings(job, past);
        double end = APART_M * past.falls().size();
        places.add(
                job,
                new Places.Entry(
                        past.lane(),
                        past.laneKind(),
                        Form.LINE,
                        WithyLockPlace.spots(-75, -30, -75, end),
                        1,
                        2,
                        false,
                        "",
                        Protection.CLOSE,
                        DemoHouse.LOOKOUT,
                        false,
                        "tapped"));
        List<Step.Post> lookout = List.of(
                new Step.Post(Role.LOOKOUT, house.named(DemoHouse.LOOKOUT).id(), Optional.of(new Spot(-70, end / 2))));
        for (int i = 0; i < past.falls().size(); i++) {
            PastFall f = past.falls().get(i);
            String label = stem(job, past, f, new Spot(0, APART_M * i));
            List<Step.Post> posts = new ArrayList<>(lookout);
            posts.add(new Step.Post(Role.CUTTER, house.named(f.sawyer()).id(), Optional.empty()));
            crews.add(job, new Crews.Entry(Step.Kind.FELL, Optional.of(label), STEP_MIN * i, STEP_MIN * i + 30, posts));
        }
        return job;
    }

    private void surroundings(String job, PastJob past) {
        surroundings.permits(
                job,
                Map.of(
                        Permit.FELLING_CONSENT,
                        Permit.Answer.YES,
                        Permit.PRESERVATION_ORDER,
                        Permit.Answer.NOT_NEEDED,
                        Permit.NESTING,
                        Permit.Answer.YES,
                        Permit.WATERCOURSE,
                        Permit.Answer.NOT_NEEDED,
                        Permit.NEIGHBOUR,
                        Permit.Answer.YES,
                        Permit.UTILITY_NOTICE,
                        Permit.Answer.NOT_NEEDED));
        surroundings.card(
                job,
                new EmergencyCard(
                        "Sallow Bridge clinic, 20 min by road",
                        past.meetingPoint(),
                        "WL 4205 0871",
                        "two bars at the meeting point",
                        DemoHouse.LOOKOUT,
                        "behind the driver's seat; tourniquet on every saw belt",
                        "two carry to the meeting point, one waits there for the ambulance",
                        "none on the site"),
                0L);
    }

    private String stem(String job, PastJob past, PastFall f, Spot at) {
        SignedIn leader = house.signed(DemoHouse.LEADER);
        String id = stems.add(
                job,
                new Stems.NewStem(
                        f.species(),
                        StemState.STANDING,
                        at,
                        Wood.all(Condition.SOUND),
                        past.forest() ? StemMass.Shape.FOREST : StemMass.Shape.OPEN,
                        past.crown(),
                        false,
                        ""));
        sight(job, id, leader, SightingKind.GIRTH, Map.of("girthM", f.girthM()));
        double topDeg = Math.toDegrees(Math.atan((f.heightM() - 1.6) / 25));
        double baseDeg = -Math.toDegrees(Math.atan(1.6 / 25));
        sight(job, id, leader, SightingKind.HEIGHT_ANGLES, Map.of("distanceM", 25.0, "top", topDeg, "base", baseDeg));
        sight(job, id, leader, SightingKind.CROWN_RADIUS, Map.of("radiusM", past.forest() ? 2.0 : 3.0));
        sight(
                job,
                id,
                leader,
                SightingKind.PLUMB_LEAN,
                Map.of("leanDeg", f.leanDeg(), "sigmaDeg", 0.4, "azimuthDeg", f.layDeg()));
        lays.choose(
                job,
                id,
                new ChoiceRequest(
                        f.layDeg(),
                        0.3,
                        School.OPEN_FACE,
                        0.45,
                        Means.Kind.WEDGES,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        null,
                        Optional.empty(),
                        Optional.empty(),
                        null,
                        null,
                        null,
                        null,
                        null),
                true,
                List.of(
                        at.at(f.layDeg() - 90, 3),
                        at.at(f.layDeg() - 7, f.heightM()),
                        at.at(f.layDeg() + 7, f.heightM()),
                        at.at(f.layDeg() + 90, 3)),
                null);
        return stems.known(job, id).reading().label();
    }

    private void sight(String job, String stem, SignedIn who, SightingKind kind, Map<String, Double> numbers) {
        books.sight(job, stem, FieldBooks.Observation.of(kind, numbers), who);
    }

    /** Issued by the leader, read back and signed by everybody with a post. */
    private void brief(String job) {
        int number = briefings.issue(job, house.signed(DemoHouse.LEADER));
        Briefings.Issue issue = briefings.number(job, number).orElseThrow();
        briefings.postedPeople(issue).forEach(id -> {
            List<Integer> answers = briefings.questions(issue, id).stream()
                    .map(ReadBack.Question::right)
                    .toList();
            briefings.sign(job, number, id, people.person(id).name(), answers);
        });
        runs.signalTried(job, "", house.signed(DemoHouse.LEADER));
    }

    /** Everybody ready, the lane closed still, what is to be read is read. */
    private void go(String job) {
        SignedIn leader = house.signed(DemoHouse.LEADER);
        RunFacts facts = runs.facts(job);
        Step step = facts.step().orElseThrow();
        step.posts().forEach(p -> runs.ready(job, true, "", people.signed(p.personId())));
        facts.protections()
                .forEach(f -> runs.confirmProtection(job, f.id(), true, "", house.signed(DemoHouse.LOOKOUT)));
        runs.facts(job).cautions().stream()
                .map(Against::subject)
                .forEach(key -> judgement.acknowledge(job, key, leader));
        runs.go(job, "", leader);
    }

    private void down(String job) {
        int open = runs.facts(job).cuts().size();
        runs.done(
                job,
                open,
                Optional.of(Unticked.DONE),
                Optional.empty(),
                Optional.empty(),
                "",
                house.signed(DemoHouse.LEADER));
    }

    /** Bearing and distance of the tip as they were measured: what was foreseen under its go, and the miss. */
    private void told(String job, String label, PastFall f, PastFall.Told t) {
        Foreseen foreseen = runs.fallOf(job, label)
                .flatMap(of -> briefings.number(job, of.briefing()))
                .flatMap(b -> b.plan().stem(label))
                .flatMap(PlanDocument.StemPart::lay)
                .orElseThrow()
                .foreseen();
        Optional<List<Double>> hinge = Optional.of(t.read().hingeOffM()).filter(h -> !h.isEmpty());
        reviews.record(
                job,
                label,
                new Reviews.Entry(
                        new Reviews.FallMeasures(
                                Azimuth.normal(foreseen.predictedDeg() + t.missDeg()),
                                Math.rint(10 * (foreseen.lengthM().orElseThrow() + t.beyondM())) / 10,
                                Optional.of(t.by()),
                                Optional.of(t.control()),
                                StumpReading.ofHinge(
                                                hinge.map(h -> foreseen.hingeThickM() + h.get(0)),
                                                hinge.map(h -> foreseen.hingeThickM() + h.get(1)),
                                                hinge.map(h -> foreseen.hingeLengthM()),
                                                t.read().notchLineDeg())
                                        .looking(
                                                t.looked().sectors(), t.looked().strap()),
                                t.looked().landing(),
                                Optional.empty(),
                                t.looked().windFrom(),
                                Optional.empty(),
                                t.words()),
                        false,
                        "",
                        ""),
                house.signed(f.sawyer()));
    }
}
