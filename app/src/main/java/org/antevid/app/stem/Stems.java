package org.antevid.app.stem;

import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.antevid.app.house.House;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.store.DefectEntity;
import org.antevid.app.stem.store.DefectRepository;
import org.antevid.app.stem.store.SightingEntity;
import org.antevid.app.stem.store.SightingRepository;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.app.stem.store.StemRepository;
import org.antevid.app.trace.Trail;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.StandingTree;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.SightedQuantity;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;
import org.antevid.core.stem.Wood;
import org.antevid.words.Answer;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stems and what is known of them. */
@Service
@Transactional
public class Stems {
    private final StemRepository stems;
    private final SightingRepository sightings;
    private final DefectRepository defects;
    private final Jobs jobs;
    private final House house;
    private final Trail trail;
    private final JobCache kept;
    private final ObjectProvider<PastWeights> pastWeights;

    private enum Question {
        KNOWN
    }

    Stems(
            StemRepository stems,
            SightingRepository sightings,
            DefectRepository defects,
            Jobs jobs,
            House house,
            Trail trail,
            JobCache kept,
            ObjectProvider<PastWeights> pastWeights) {
        this.pastWeights = pastWeights;
        this.stems = stems;
        this.sightings = sightings;
        this.defects = defects;
        this.jobs = jobs;
        this.house = house;
        this.trail = trail;
        this.kept = kept;
    }

    /** A new stem; its label is the next free one. {@code unionWith} are labels of stems on the same stump. */
    public record NewStem(
            Species species,
            StemState state,
            Spot at,
            Wood wood,
            StemMass.Shape shape,
            StemMass.Crown crown,
            boolean toBeKept,
            String note,
            List<String> unionWith,
            Optional<Double> unionHeightM) {
        /** A stem of its own. */
        public NewStem(
                Species species,
                StemState state,
                Spot at,
                Wood wood,
                StemMass.Shape shape,
                StemMass.Crown crown,
                boolean toBeKept,
                String note) {
            this(species, state, at, wood, shape, crown, toBeKept, note, List.of(), Optional.empty());
        }
    }

    /** A stem's key, what is known of it, and how the leader wants it taken down. */
    public record ChosenReading(String id, StemReading reading, Optional<Verdict> chosen) {}

    /** What the leader chose to do with a stem, and for one that is left: what was closed off and who was told. */
    public record Choice(Verdict verdict, String because, String closedOff, String toldWhom) {}

    /** When what is known of a stem was last looked at. {@code changed} is when its record (wood, state, place) was. */
    public record LastLook(
            Map<SightedQuantity, Instant> measured, Optional<Instant> faults, Optional<Instant> changed) {}

    public LastLook looked(String jobId, String id) {
        Readings r = one(jobId, id);
        Map<SightedQuantity, Instant> measured = new EnumMap<>(SightedQuantity.class);
        r.sightings().stream()
                .filter(s -> s.setAside == null)
                .forEach(s -> measured.merge(s.kind.measured(), s.takenAt, (a, b) -> a.isAfter(b) ? a : b));
        return new LastLook(
                measured,
                r.defects().stream().map(d -> d.seenAt).max(Comparator.naturalOrder()),
                trail.changedAtOf(StemEntity.class, id));
    }

    /** @return stems that stand and are measured far enough for another to hang up in them; heights to the high side */
    public List<StandingTree> standing(String jobId) {
        return known(jobId).stream()
                .map(ChosenReading::reading)
                .filter(r -> r.state() == StemState.STANDING && r.notKnown().isEmpty())
                .map(r -> new StandingTree(
                        r.label(),
                        r.at(),
                        r.height().orElseThrow().high(),
                        Math.min(25, r.crownRadiusM().orElseThrow()),
                        r.dbh().orElseThrow().value()))
                .toList();
    }

    /**
     * @return everything of a stem that bars a way: standing trunks measured or not, stumps of felled ones, lying stems
     *     over their length
     */
    public List<Site.Trunk> trunks(String jobId) {
        return known(jobId).stream()
                .map(ChosenReading::reading)
                .map(r -> {
                    double radius = r.dbh().map(d -> d.high() / 2).orElse(Site.TRUNK_M);
                    boolean lies = r.state() == StemState.LYING
                            && r.lean().isPresent()
                            && r.height().isPresent();
                    return new Site.Trunk(
                            r.label(),
                            lies
                                    ? Shape.line(List.of(
                                                    r.at(),
                                                    r.at().at(
                                                                    r.lean()
                                                                            .get()
                                                                            .azimuthDeg(),
                                                                    r.height()
                                                                            .get()
                                                                            .high())))
                                            .grown(radius)
                                    : Shape.disc(r.at(), radius));
                })
                .toList();
    }

    /** What is asked most of a job: nearly all that is computed begins here. */
    public List<ChosenReading> known(String jobId) {
        return kept.ofPlan(jobId, Question.KNOWN, () -> all(jobId).stream()
                .map(Stems::known)
                .toList());
    }

    /** One of them: a lay that is turned asks for it three times, ten times a second. */
    public ChosenReading known(String jobId, String id) {
        return known(jobId).stream().filter(k -> k.id().equals(id)).findFirst().orElseGet(() -> known(one(jobId, id)));
    }

    public Optional<ChosenReading> labelled(String jobId, String label) {
        return stems.findByJobIdAndLabel(jobId, label).map(r -> known(read(r)));
    }

    private static ChosenReading known(Readings r) {
        return new ChosenReading(r.stem().id, r.reading(), Optional.ofNullable(r.stem().verdict));
    }

    /** @return ids of the jobs that have a stem of this species */
    public Set<String> jobsWith(Species species) {
        return Set.copyOf(stems.jobsWith(species));
    }

    /** All stems of a job with four questions to the store, however many there are. */
    @Transactional(readOnly = true)
    public List<Readings> all(String jobId) {
        HouseFigures figures = figures(jobId);
        Map<String, List<SightingEntity>> seen =
                sightings.findByJobIdOrderByTakenAt(jobId).stream().collect(Collectors.groupingBy(s -> s.stemId));
        Map<String, List<DefectEntity>> faults =
                defects.findByJobIdOrderBySeenAt(jobId).stream().collect(Collectors.groupingBy(d -> d.stemId));
        return stems.findByJobId(jobId).stream()
                .sorted(Comparator.comparingInt((StemEntity r) -> number(r.label))
                        .thenComparing(r -> r.label))
                .map(r -> Readings.of(
                        r, seen.getOrDefault(r.id, List.of()), faults.getOrDefault(r.id, List.of()), figures))
                .toList();
    }

    Readings one(String jobId, String id) {
        return read(record(jobId, id));
    }

    private Readings read(StemEntity r) {
        return Readings.of(
                r,
                sightings.findByStemIdOrderByTakenAt(r.id),
                defects.findByStemIdOrderBySeenAt(r.id),
                figures(r.jobId));
    }

    HouseFigures figures(String jobId) {
        return new HouseFigures(
                house.ownWood(),
                Optional.ofNullable(pastWeights.getIfAvailable())
                        .map(p -> p.of(jobId))
                        .orElse(Map.of()));
    }

    private static int number(String label) {
        String digits = label.replaceAll("\\D", "");
        return digits.isEmpty() || digits.length() > 6 ? Integer.MAX_VALUE : Integer.parseInt(digits);
    }

    public String add(String jobId, NewStem n) {
        return add(jobId, nextLabel(jobId), n);
    }

    /** @return what the next stem of the job is called */
    public String nextLabel(String jobId) {
        Set<String> taken = stems.findByJobId(jobId).stream().map(r -> r.label).collect(Collectors.toSet());
        return IntStream.iterate(1, i -> i + 1)
                .mapToObj(i -> "S" + i)
                .filter(l -> !taken.contains(l))
                .findFirst()
                .orElseThrow();
    }

    /** Writes down what it is and what its wood looks like all over; what is empty stays as it was. */
    void seen(String jobId, String id, Optional<Species> species, Optional<Condition> wood) {
        StemEntity r = open(jobId, id);
        species.ifPresent(s -> r.species = s);
        wood.ifPresent(w -> {
            r.woodLeft = w;
            r.woodRight = w;
            r.woodBack = w;
            r.woodCore = w;
            r.woodCrown = w;
        });
        stems.saveAndFlush(r);
        jobs.touched(jobId, Change.STEM);
    }

    /** Adds a stem under a label of its own, as an import brings it. */
    public String add(String jobId, String label, NewStem n) {
        StemEntity r = new StemEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.label = Require.text(label, 20, "label");
        save(r, n);
        return r.id;
    }

    public void change(String jobId, String id, NewStem n, Long version) {
        StemEntity r = open(jobId, id);
        trail.requireFresh(r, id, r.version, version, r.label);
        save(r, n);
    }

    private void save(StemEntity r, NewStem n) {
        r.species = n.species;
        r.state = n.state;
        r.eastM = n.at.eastM();
        r.northM = n.at.northM();
        r.woodLeft = n.wood.left();
        r.woodRight = n.wood.right();
        r.woodBack = n.wood.back();
        r.woodCore = n.wood.core();
        r.woodCrown = n.wood.crown();
        r.woodFacingDeg = n.wood.facingDeg().orElse(null);
        r.shape = n.shape;
        r.crown = n.crown;
        r.toBeKept = n.toBeKept;
        r.note = n.note == null ? "" : n.note.strip();
        for (String other : n.unionWith) {
            if (other.equals(r.label)
                    || stems.findByJobIdAndLabel(r.jobId, other).isEmpty()) {
                throw new RefusedInput(
                        "UNKNOWN_STEM",
                        "unionWith",
                        Message.of(Answer.NO_OTHER_STEM).with("stem", Arg.name(other)));
            }
        }
        if (!n.unionWith.isEmpty()) {
            Require.within(
                    n.unionHeightM.orElseThrow(
                            () -> new RefusedInput("MISSING", "unionHeightM", Message.of(Answer.HOW_HIGH_PART))),
                    0,
                    60,
                    "unionHeightM");
        }
        r.unionWith(n.unionWith);
        r.unionHeightM = n.unionHeightM.orElse(null);
        stems.saveAndFlush(r);
        jobs.touched(r.jobId, Change.STEM);
    }

    /** Writes down how the leader wants a stem taken down or left. */
    public void choose(String jobId, String id, Choice c, Long version) {
        StemEntity r = open(jobId, id);
        trail.requireFresh(r, id, r.version, version, r.label);
        r.verdict = c.verdict;
        r.verdictBecause = c.because == null ? "" : c.because.strip();
        r.closedOff = c.closedOff == null ? "" : c.closedOff.strip();
        r.toldWhom = c.toldWhom == null ? "" : c.toldWhom.strip();
        stems.saveAndFlush(r);
        jobs.touched(jobId, Change.STEM);
    }

    /** The stem is in another state after a step. */
    public void becomes(String jobId, String label, StemState state) {
        StemEntity r = stems.findByJobIdAndLabel(jobId, label).orElseThrow(NotThere::new);
        r.state = state;
        r.broughtDown |= state.gone();
        stems.saveAndFlush(r);
        jobs.touched(jobId, Change.STEM);
    }

    /** @throws RefusedInput for a stem that was felled in the run: what is done is closed */
    public void requireOpen(String jobId, String id) {
        open(jobId, id);
    }

    StemEntity open(String jobId, String id) {
        StemEntity r = record(jobId, id);
        if (r.broughtDown) {
            throw new RefusedInput(
                    "CLOSED", "stem", Message.of(Answer.STEM_FELLED).with("stem", Arg.name(r.label)));
        }
        return r;
    }

    public StemEntity record(String jobId, String id) {
        return stems.findById(id).filter(s -> s.jobId.equals(jobId)).orElseThrow(NotThere::new);
    }
}
