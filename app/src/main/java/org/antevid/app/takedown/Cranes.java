package org.antevid.app.takedown;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.app.exchange.CsvTable;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.problem.NotThere;
import org.antevid.app.problem.Stale;
import org.antevid.app.stem.Stems;
import org.antevid.app.takedown.store.CraneReadingEntity;
import org.antevid.app.takedown.store.CraneReadingRepository;
import org.antevid.app.takedown.store.CraneSetUpEntity;
import org.antevid.app.takedown.store.CraneSetUpRepository;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.takedown.NextOfCrane;
import org.antevid.core.judge.takedown.NextOfPieces;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Access;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.takedown.picks.ChartFile;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.picks.SetUp;
import org.antevid.core.takedown.picks.Weighing;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cranes that pick trees off piece by piece: how each is set up, what its display showed. */
@Service
@Transactional
public class Cranes {
    private static final int MOST_LETTERS = 200;

    private final Takedowns takedowns;
    private final CraneSetUpRepository setUps;
    private final CraneReadingRepository readings;
    private final Places places;
    private final Surroundings ground;
    private final Stems stems;
    private final Jobs jobs;
    private final Clock clock;

    Cranes(
            Takedowns takedowns,
            CraneSetUpRepository setUps,
            CraneReadingRepository readings,
            Places places,
            Surroundings ground,
            Stems stems,
            Jobs jobs,
            Clock clock) {
        this.takedowns = takedowns;
        this.setUps = setUps;
        this.readings = readings;
        this.places = places;
        this.ground = ground;
        this.stems = stems;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** A reading with who took it and who found out why it was odd. */
    public record Kept(String id, Weighing weighing, String who, Optional<String> foundBy) {}

    /**
     * A crane and what it comes to.
     *
     * @param id of the set-up that counts; empty while none was kept
     * @param plan empty while no pieces are planned
     * @param machines names of the cranes that are on the job
     * @param changed it is another set-up than the one that is kept
     */
    public record Reckoned(
            Optional<String> id,
            String label,
            SetUp setUp,
            List<Kept> readings,
            Optional<CranePlan> plan,
            List<String> machines,
            boolean changed) {}

    public Reckoned of(String jobId, String stemId) {
        return reckon(jobId, stemId, kept(jobId, stemId).map(Cranes::setUp).orElse(SetUp.NONE));
    }

    /** What a set-up would come to; nothing is kept. */
    public Reckoned preview(String jobId, String stemId, SetUp setUp) {
        return reckon(jobId, stemId, setUp);
    }

    /**
     * @return what is next of the crane that picks what is kept; empty: the plan is not kept, or none picks any of it
     */
    public Optional<NextOfCrane> next(String jobId, String stemId, Takedowns.Reckoned pieces) {
        return pieces.plan()
                .filter(t -> pieces.since() == NextOfPieces.SinceKept.NOTHING)
                .filter(t -> t.coming().stream().anyMatch(p -> p.cut().way().picked()))
                .map(t -> of(jobId, stemId))
                .map(r -> NextOfCrane.of(r.setUp, r.plan, r.changed));
    }

    /** @return a chart out of an open file; nothing is kept */
    public ChartFile chart(byte[] file) {
        return ChartFile.of(CsvTable.lines(file));
    }

    private Reckoned reckon(String jobId, String stemId, SetUp setUp) {
        Takedowns.Reckoned t = takedowns.of(jobId, stemId);
        Optional<CraneSetUpEntity> kept = kept(jobId, stemId);
        return new Reckoned(
                kept.map(k -> k.id),
                t.stem().label(),
                setUp,
                read(jobId, stemId).stream()
                        .map(r -> new Kept(r.id, r.forCore(), r.who, Optional.ofNullable(r.foundBy)))
                        .toList(),
                t.plan().map(p -> plan(jobId, stemId, t.stem(), p, setUp)),
                machines(jobId),
                !setUp.equals(kept.map(Cranes::setUp).orElse(SetUp.NONE)));
    }

    private CranePlan plan(String jobId, String stemId, StemReading stem, TakeDown pieces, SetUp setUp) {
        List<StemReading> trees = stems.known(jobId).stream()
                .filter(s -> !s.id().equals(stemId))
                .map(Stems.ChosenReading::reading)
                .filter(r -> r.state() == StemState.STANDING || r.state() == StemState.SET_UP_AGAIN)
                .toList();
        return CranePlan.of(
                stem,
                pieces,
                setUp,
                new org.antevid.core.takedown.picks.Surroundings(
                        places.site(jobId).features(), trees, keptOut(jobId, setUp)),
                read(jobId, stemId).stream().map(CraneReadingEntity::forCore).toList(),
                jobs.job(jobId).windLimitMs());
    }

    private List<Message> keptOut(String jobId, SetUp setUp) {
        return setUp.stands().machine().stream()
                .flatMap(name -> ground.keptOut(jobId, name).stream())
                .toList();
    }

    /** @return names of the cranes that are on the job */
    private List<String> machines(String jobId) {
        return ground.machines(jobId).stream()
                .map(Surroundings.KnownMachine::machine)
                .filter(m -> m.use() == Access.Use.CRANE)
                .map(Access.Machine::name)
                .toList();
    }

    private Optional<CraneSetUpEntity> kept(String jobId, String stemId) {
        return setUps.findFirstByJobIdAndStemIdOrderByAtDescIdDesc(jobId, stemId);
    }

    private static SetUp setUp(CraneSetUpEntity e) {
        return StoredJson.read(e.setUp, SetUp.class);
    }

    private List<CraneReadingEntity> read(String jobId, String stemId) {
        return readings.findByJobIdAndStemIdOrderByAtAscIdAsc(jobId, stemId);
    }

    /** @return every stem of the job with a plan of pieces, and the crane that picks them */
    public List<Situation.TakenDown> all(String jobId) {
        return takedowns.all(jobId).stream().map(t -> picked(jobId, t)).toList();
    }

    private Situation.TakenDown picked(String jobId, Situation.TakenDown t) {
        if (t.plan().pieces().stream().noneMatch(p -> p.cut().way().picked())) {
            return t;
        }
        Stems.ChosenReading stem = stems.known(jobId).stream()
                .filter(s -> s.reading().label().equals(t.label()))
                .findFirst()
                .orElseThrow();
        SetUp setUp = kept(jobId, stem.id()).map(Cranes::setUp).orElse(SetUp.NONE);
        return t.with(plan(jobId, stem.id(), stem.reading(), t.plan(), setUp));
    }

    /**
     * @param replaces id of the set-up it was made from; null for the first
     * @throws Stale if somebody kept another one meanwhile
     */
    public String keep(String jobId, String stemId, SetUp setUp, @Nullable String replaces, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        Optional<CraneSetUpEntity> before = kept(jobId, stemId);
        if (!Objects.equals(before.map(k -> k.id).orElse(null), replaces)) {
            throw new Stale(Message.of(Answer.PIECES_CHANGED_SINCE)
                    .with("stem", Arg.name(stems.known(jobId, stemId).reading().label()))
                    .with("who", Arg.name(before.map(k -> k.who).orElse(""))));
        }
        CraneSetUpEntity e = new CraneSetUpEntity();
        e.id = UUID.randomUUID().toString();
        e.jobId = jobId;
        e.stemId = stemId;
        e.setUp = StoredJson.write(setUp);
        e.who = who.name();
        e.at = clock.instant();
        setUps.saveAndFlush(e);
        jobs.touched(jobId, Change.TANGLE);
        return e.id;
    }

    /**
     * The display's reading of a piece, hook and slings in it.
     *
     * @param free it hung free and still
     */
    public String weigh(String jobId, String stemId, int piece, double readKg, boolean free, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        TakeDown plan = takedowns.of(jobId, stemId).plan().orElseThrow(NotThere::new);
        Piece picked = plan.pieces().stream()
                .filter(p -> p.number() == piece && p.cut().way().picked())
                .findFirst()
                .orElseThrow(() -> new RefusedInput("NOT_PICKED", "piece", Message.of(Answer.PIECE_NOT_PICKED)));
        CranePlan crane = of(jobId, stemId).plan().orElseThrow(NotThere::new);
        Weighing w = crane.weighed(picked, readKg, free);
        CraneReadingEntity e = new CraneReadingEntity();
        e.id = UUID.randomUUID().toString();
        e.jobId = jobId;
        e.stemId = stemId;
        e.piece = piece;
        e.loadGroup = w.group();
        e.estKg = w.estKg();
        e.readKg = w.readKg();
        e.rigKg = w.rigKg();
        e.free = w.free();
        e.species = stems.known(jobId, stemId).reading().species();
        e.bareKg = takedowns.bareKg(jobId, stemId, piece).orElse(null);
        e.who = who.name();
        e.at = clock.instant();
        readings.saveAndFlush(e);
        jobs.touched(jobId, Change.TANGLE);
        others(jobId, e.species);
        return e.id;
    }

    /** What a piece weighed says of its species in every other job; of this one the readings speak for themselves. */
    private void others(String jobId, Species species) {
        Set<String> stands = stems.jobsWith(species);
        jobs.open().stream()
                .filter(j -> !j.equals(jobId) && stands.contains(j))
                .forEach(j -> jobs.touched(j, Change.STEM));
    }

    /** What a picked piece weighed, over what it was reckoned at with nothing weighed before. */
    public record WeighedPick(Species species, MassPart part, double weighedOverReckoned) {}

    /** @return of all jobs but this one, those that say something */
    @Transactional(readOnly = true)
    public List<WeighedPick> weighedElsewhere(String jobId) {
        return readings.findByJobIdNotOrderByAtAscIdAsc(jobId).stream()
                .collect(Collectors.groupingBy(r -> r.stemId, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(Cranes::said)
                .toList();
    }

    private static Stream<WeighedPick> said(List<CraneReadingEntity> ofStem) {
        List<Weighing> all = ofStem.stream().map(CraneReadingEntity::forCore).toList();
        return IntStream.range(0, all.size())
                .filter(i -> Weighing.tells(all, i))
                .boxed()
                .flatMap(i -> said(ofStem.get(i), all.get(i)).stream());
    }

    private static Optional<WeighedPick> said(CraneReadingEntity row, Weighing w) {
        return Optional.ofNullable(row.species).flatMap(species -> Optional.ofNullable(row.bareKg)
                .flatMap(kg -> w.part().map(part -> new WeighedPick(species, part, w.over(kg)))));
    }

    /** @return readings by the label of their stem, the oldest first */
    @Transactional(readOnly = true)
    public Map<String, List<Weighing>> readings(String jobId) {
        Map<String, List<Weighing>> all = new LinkedHashMap<>();
        stems.known(jobId).forEach(s -> {
            List<Weighing> of = read(jobId, s.id()).stream()
                    .map(CraneReadingEntity::forCore)
                    .toList();
            if (!of.isEmpty()) {
                all.put(s.reading().label(), of);
            }
        });
        return all;
    }

    /** Somebody found out why a reading was odd. */
    public void found(String jobId, String stemId, String id, String why, SignedIn who) {
        CraneReadingEntity e = readings.findById(id)
                .filter(r -> r.jobId.equals(jobId) && r.stemId.equals(stemId))
                .orElseThrow(NotThere::new);
        e.why = Require.text(why, MOST_LETTERS, "why");
        e.foundBy = who.name();
        readings.saveAndFlush(e);
        jobs.touched(jobId, Change.TANGLE);
        Optional.ofNullable(e.species).ifPresent(s -> others(jobId, s));
    }
}
