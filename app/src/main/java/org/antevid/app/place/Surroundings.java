package org.antevid.app.place;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.ToLongFunction;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.store.MachineEntity;
import org.antevid.app.place.store.MachineRepository;
import org.antevid.app.place.store.SpotHeightEntity;
import org.antevid.app.place.store.SpotHeightRepository;
import org.antevid.app.place.store.SurroundingsEntity;
import org.antevid.app.place.store.SurroundingsRepository;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.trace.Trail;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Access;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What surrounds the work: the day, permissions, the emergency card, access and machines, spot heights, the anchor. */
@Service
@Transactional
public class Surroundings {
    private static final int LAST_MIN = 24 * 60 - 1;

    private final SurroundingsRepository records;
    private final MachineRepository machines;
    private final SpotHeightRepository heights;
    private final Jobs jobs;
    private final Trail trail;
    private final Clock clock;

    Surroundings(
            SurroundingsRepository records,
            MachineRepository machines,
            SpotHeightRepository heights,
            Jobs jobs,
            Trail trail,
            Clock clock) {
        this.clock = clock;
        this.records = records;
        this.machines = machines;
        this.heights = heights;
        this.jobs = jobs;
        this.trail = trail;
    }

    /** Conditions of the day that people see and no instrument tells. */
    public record Day(GroundState ground, Light light, CrownLoad load, Hours hours) {}

    /**
     * When work starts and when it gets dark, minutes of the day; empty while nobody said.
     *
     * @param radioChannel on which the crew speaks; empty where none was agreed
     */
    public record Hours(Optional<Integer> startsMin, Optional<Integer> darkMin, Optional<String> radioChannel) {
        /** @return minute of work at which it is dark; before the start it is dark at once */
        public OptionalInt lightUntilMin() {
            return startsMin.isPresent() && darkMin.isPresent()
                    ? OptionalInt.of(Math.max(0, darkMin.get() - startsMin.get()))
                    : OptionalInt.empty();
        }
    }

    /** All of it as it stands; {@code version} -1 while nothing was written. */
    /** Each part of the form has its own. */
    public record Versions(long day, long card, long access, long anchor) {}

    public record State(
            Day day,
            Map<Permit, Permit.Answer> permits,
            EmergencyCard card,
            Access access,
            Optional<Anchor> anchor,
            Versions versions) {}

    /** A machine as recorded. */
    public record KnownMachine(String id, Access.Machine machine, List<String> keptOutBy) {}

    /** A spot height as recorded. */
    public record KnownHeight(String id, Spot at, double heightM, String takenHow, String who) {}

    private SurroundingsEntity record(String jobId) {
        return records.findById(jobId).orElseGet(() -> {
            SurroundingsEntity r = new SurroundingsEntity();
            r.jobId = jobId;
            return r;
        });
    }

    public State state(String jobId) {
        SurroundingsEntity r = record(jobId);
        return new State(
                new Day(
                        r.ground,
                        r.light,
                        r.crownLoad,
                        new Hours(
                                Optional.ofNullable(r.startsMin),
                                Optional.ofNullable(r.darkMin),
                                Optional.ofNullable(r.radioChannel))),
                r.permits,
                r.card(),
                r.access(),
                r.anchor(),
                new Versions(r.dayVersion, r.cardVersion, r.accessVersion, r.anchorVersion));
    }

    /** @return when any of it was last changed */
    public Optional<Instant> changedAt(String jobId) {
        return trail.changedAtOf(SurroundingsEntity.class, jobId);
    }

    public Day day(String jobId) {
        return state(jobId).day;
    }

    /** One part of the form: its version is its own, so that two people at two parts do not get in each other's way. */
    private SurroundingsEntity toChange(
            String jobId, ToLongFunction<SurroundingsEntity> part, Optional<Long> version, Answer named) {
        SurroundingsEntity stored = records.findById(jobId).orElse(null);
        if (stored == null) {
            SurroundingsEntity r = new SurroundingsEntity();
            r.jobId = jobId;
            return r;
        }
        version.ifPresent(
                v -> trail.requireFresh(stored, jobId, part.applyAsLong(stored), v, Arg.said(Message.of(named))));
        return stored;
    }

    private void save(SurroundingsEntity r) {
        records.saveAndFlush(r);
        jobs.touched(r.jobId, Change.PLACE);
    }

    /** Sets what is given and leaves the rest: taps that follow each other quickly lose nothing. */
    public void day(
            String jobId,
            Optional<GroundState> ground,
            Optional<Light> light,
            Optional<CrownLoad> load,
            Optional<Long> version) {
        SurroundingsEntity r = toChange(jobId, x -> x.dayVersion, version, Answer.THE_DAY);
        ground.ifPresent(g -> r.ground = g);
        light.ifPresent(l -> r.light = l);
        load.ifPresent(l -> r.crownLoad = l);
        r.dayVersion++;
        save(r);
    }

    /** Sets all of it: what is not said is not known from then on. */
    public void hours(String jobId, Hours hours, Optional<Long> version) {
        SurroundingsEntity r = toChange(jobId, x -> x.dayVersion, version, Answer.THE_DAY);
        hours.startsMin.ifPresent(m -> Require.within(m, 0, LAST_MIN, "startsMin"));
        hours.darkMin.ifPresent(m -> Require.within(m, 0, LAST_MIN, "darkMin"));
        r.startsMin = hours.startsMin.orElse(null);
        r.darkMin = hours.darkMin.orElse(null);
        r.radioChannel =
                hours.radioChannel.map(String::strip).filter(x -> !x.isEmpty()).orElse(null);
        r.dayVersion++;
        save(r);
    }

    /** Sets the answers that are given and leaves the rest. */
    public void permits(String jobId, Map<Permit, Permit.Answer> answers) {
        SurroundingsEntity r = toChange(jobId, x -> 0, Optional.empty(), Answer.THE_PERMITS);
        Map<Permit, Permit.Answer> all = new EnumMap<>(Permit.class);
        all.putAll(r.permits);
        all.putAll(answers);
        r.permits = Map.copyOf(all);
        save(r);
    }

    public void card(String jobId, EmergencyCard c, Long version) {
        SurroundingsEntity r = toChange(jobId, x -> x.cardVersion, Optional.of(version), Answer.THE_EMERGENCY_CARD);
        r.nearestHelp = c.nearestHelp().strip();
        r.route = c.route().strip();
        r.gridReference = c.gridReference().strip();
        r.phoneCover = c.phoneCover().strip();
        r.firstAider = c.firstAider().strip();
        r.kit = c.kit().strip();
        r.rescuePlan = c.rescuePlan().strip();
        r.utilityLine = c.utilityLine().strip();
        r.cardVersion++;
        save(r);
    }

    public void access(String jobId, Access a, Long version) {
        SurroundingsEntity r = toChange(jobId, x -> x.accessVersion, Optional.of(version), Answer.THE_WAY_IN);
        r.accessWidthM = a.widthM().orElse(null);
        r.accessGradientDeg = a.gradientDeg().orElse(null);
        r.accessLoadKg = a.loadLimitKg().orElse(null);
        r.keepOff = a.keepOff().strip();
        r.accessVersion++;
        save(r);
    }

    public void anchor(String jobId, Anchor a, Long version) {
        SurroundingsEntity r = toChange(jobId, x -> x.anchorVersion, Optional.of(version), Answer.THE_ANCHOR);
        r.anchorLatitudeDeg = a.latitudeDeg();
        r.anchorLongitudeDeg = a.longitudeDeg();
        r.gridNorthDeg = a.gridNorthDeg();
        r.anchorVersion++;
        save(r);
    }

    public List<KnownMachine> machines(String jobId) {
        Access access = record(jobId).access();
        return machines.findByJobIdOrderByName(jobId).stream()
                .map(m -> new KnownMachine(m.id, m.forCore(), Speech.words().say(access.keepsOut(m.forCore()))))
                .toList();
    }

    /** @return what of the way in keeps a machine of the job out; nothing of a name that is not there */
    public List<Message> keptOut(String jobId, String name) {
        Access access = record(jobId).access();
        return machines.findByJobIdOrderByName(jobId).stream()
                .map(MachineEntity::forCore)
                .filter(m -> m.name().equals(name))
                .flatMap(m -> access.keepsOut(m).stream())
                .toList();
    }

    public String addMachine(String jobId, Access.Machine m) {
        MachineEntity r = new MachineEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.name = m.name();
        r.use = m.use();
        r.widthM = m.widthM();
        r.massKg = m.massKg();
        r.gradeDeg = m.gradeDeg();
        r.pullN = m.pullN().orElse(null);
        machines.saveAndFlush(r);
        jobs.touched(jobId, Change.PLACE);
        return r.id;
    }

    public void removeMachine(String jobId, String id) {
        machines.delete(machines.findById(id).filter(m -> m.jobId.equals(jobId)).orElseThrow(NotThere::new));
        machines.flush();
        jobs.touched(jobId, Change.PLACE);
    }

    public List<KnownHeight> heights(String jobId) {
        return heights.findByJobIdOrderByTakenAt(jobId).stream()
                .map(h -> new KnownHeight(h.id, new Spot(h.eastM, h.northM), h.heightM, h.takenHow, h.who))
                .toList();
    }

    /** @throws RefusedInput {@code DUPLICATE} for a second height at one place */
    public String addHeight(String jobId, Terrain.SpotHeight h, String takenHow, SignedIn who) {
        if (heights.findByJobIdOrderByTakenAt(jobId).stream()
                .anyMatch(o -> o.forCore().at().distanceTo(h.at()) < 0.05)) {
            throw new RefusedInput("DUPLICATE", "at", Message.of(Answer.HEIGHT_ALREADY));
        }
        SpotHeightEntity r = new SpotHeightEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.eastM = h.at().eastM();
        r.northM = h.at().northM();
        r.heightM = h.heightM();
        r.takenHow = Require.text(takenHow, 200, "takenHow");
        r.who = who.name();
        r.takenAt = clock.instant();
        heights.saveAndFlush(r);
        jobs.touched(jobId, Change.PLACE);
        return r.id;
    }

    public void removeHeight(String jobId, String id) {
        heights.delete(heights.findById(id).filter(h -> h.jobId.equals(jobId)).orElseThrow(NotThere::new));
        heights.flush();
        jobs.touched(jobId, Change.PLACE);
    }

    /** @return contours of the spot heights, none for fewer than three */
    public List<Terrain.Contour> contours(String jobId, double intervalM) {
        return new Terrain(
                        jobs.job(jobId).ground(),
                        List.of(),
                        heights.findByJobIdOrderByTakenAt(jobId).stream()
                                .map(SpotHeightEntity::forCore)
                                .toList())
                .contours(intervalM);
    }
}
