package org.antevid.app.crew;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.crew.store.PostPart;
import org.antevid.app.crew.store.StepEntity;
import org.antevid.app.crew.store.StepRepository;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.trace.Trail;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKey;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.crew.roster.Breach;
import org.antevid.core.crew.roster.RosterRule;
import org.antevid.core.judge.crew.DayRoster;
import org.antevid.core.judge.crew.PlacedSteps;
import org.antevid.core.judge.crew.Staffing;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Steps of the job and who does them. A person who cannot do a part, or is elsewhere then, is refused with the reason.
 */
@Service
@Transactional
public class Crews {
    /** What is not even written down; all else is found and said. */
    private static final Set<RosterRule> REFUSED = EnumSet.of(
            RosterRule.R01_PERSON_DOUBLE,
            RosterRule.R02_COMPETENCE,
            RosterRule.R09_AVAILABILITY,
            RosterRule.R10_LOOKOUT,
            RosterRule.R13_UNKNOWN_PERSON,
            RosterRule.R20_COMPETENCE_EXPIRED);

    private final StepRepository steps;
    private final Jobs jobs;
    private final Stems stems;
    private final Trail trail;
    private final NotWanted notWanted;
    private final DoneElsewhere elsewhere;
    private final Clock clock;

    Crews(
            StepRepository steps,
            Jobs jobs,
            Stems stems,
            Trail trail,
            NotWanted notWanted,
            DoneElsewhere elsewhere,
            Clock clock) {
        this.clock = clock;
        this.elsewhere = elsewhere;
        this.notWanted = notWanted;
        this.steps = steps;
        this.jobs = jobs;
        this.stems = stems;
        this.trail = trail;
    }

    /**
     * What the leader writes for a step; work and kit that are there stay while none is said and it is about the same.
     */
    public record Entry(
            Step.Kind kind,
            Optional<String> stem,
            int startMin,
            int endMin,
            List<Step.Post> posts,
            Optional<Work> work,
            List<StepKit> kit,
            Optional<Step.Spread> spread) {
        public Entry(Step.Kind kind, Optional<String> stem, int startMin, int endMin, List<Step.Post> posts) {
            this(kind, stem, startMin, endMin, posts, Optional.empty(), List.of(), Optional.empty());
        }

        /** As a proposal has it. */
        public Entry(
                Step.Kind kind,
                Optional<String> stem,
                int startMin,
                int endMin,
                List<Step.Post> posts,
                Optional<Work> work,
                List<StepKit> kit) {
            this(kind, stem, startMin, endMin, posts, work, kit, Optional.empty());
        }
    }

    /** A step with its version. */
    public record VersionedStep(Step step, long version) {}

    public List<Step> steps(String jobId) {
        return elsewhere.asked(
                jobId,
                steps.findByJobIdOrderByTurn(jobId).stream()
                        .map(StepEntity::forCore)
                        .toList());
    }

    /** @return who is named to cut when this stem is felled; asks for nothing that rests on a lay */
    public Optional<String> cutterOf(String jobId, String label) {
        return steps.findByJobIdOrderByTurn(jobId).stream()
                .map(StepEntity::forCore)
                .filter(s -> s.kind() == Step.Kind.FELL
                        && s.stem().filter(label::equals).isPresent())
                .flatMap(s -> s.posts().stream())
                .filter(p -> p.role() == Role.CUTTER)
                .map(Step.Post::personId)
                .findFirst();
    }

    /** @return the jobs in which this person is named to fell a stem that still stands */
    public Set<String> toBeCutBy(String personId) {
        return Set.copyOf(steps.jobsToBeCutBy(personId));
    }

    public List<VersionedStep> views(String jobId) {
        Map<String, Long> versions =
                steps.findByJobIdOrderByTurn(jobId).stream().collect(Collectors.toMap(r -> r.id, r -> r.version));
        return steps(jobId).stream()
                .map(s -> new VersionedStep(s, versions.getOrDefault(s.id(), 0L)))
                .toList();
    }

    public List<Person> people(String jobId) {
        return jobs.members(jobId).stream().map(Jobs.Member::person).toList();
    }

    public String add(String jobId, Entry e) {
        StepEntity r = fresh(jobId);
        r.turn = steps.findByJobIdOrderByTurn(jobId).stream()
                        .mapToInt(s -> s.turn)
                        .max()
                        .orElse(0)
                + 1;
        save(r, e);
        return r.id;
    }

    /**
     * Puts new steps among those that are there, which may start later: all of it, or none.
     *
     * @return ids of the new ones
     */
    public List<String> put(String jobId, List<PlacedSteps.Placed> all) {
        Map<StepEntity, Step> written = new LinkedHashMap<>();
        for (PlacedSteps.Placed p : all) {
            StepEntity r = p.there().map(st -> record(jobId, st.id())).orElseGet(() -> fresh(jobId));
            r.turn = written.size() + 1;
            written.put(r, step(r, p));
        }
        requireNoneBroken(
                jobId, written.values().stream().filter(st -> !st.done()).toList());
        written.forEach(this::keep);
        jobs.touched(jobId, Change.CREW);
        List<String> there =
                all.stream().flatMap(p -> p.there().stream()).map(Step::id).toList();
        return written.keySet().stream()
                .map(r -> r.id)
                .filter(id -> !there.contains(id))
                .toList();
    }

    private Step step(StepEntity r, PlacedSteps.Placed p) {
        return p.there().map(st -> st.with(p.startMin(), st.posts())).orElseGet(() -> p.added()
                .map(a -> new Step(
                        r.id,
                        r.turn,
                        a.kind(),
                        a.stem(),
                        p.startMin(),
                        p.endMin(),
                        false,
                        a.posts(),
                        a.work(),
                        a.kit(),
                        p.spread()))
                .orElseThrow());
    }

    private static StepEntity fresh(String jobId) {
        StepEntity r = new StepEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        return r;
    }

    public void change(String jobId, String id, Entry e, Long version) {
        StepEntity r = open(jobId, id);
        requireFresh(r, version);
        save(r, e);
    }

    private void requireFresh(StepEntity r, Long version) {
        Message step = Message.of(Answer.STEP_NUMBER).with("number", Arg.count(r.turn));
        trail.requireFresh(r, r.id, r.version, version, Arg.said(step));
    }

    /** Takes a step out, and writes into the log who did and why. */
    public void remove(String jobId, String id, Long version, String reason, String who) {
        StepEntity r = open(jobId, id);
        requireFresh(r, version);
        notWanted.say(jobId, StepKey.of(r.forCore()), reason, who);
        steps.delete(r);
        numbered(jobId);
    }

    /** What another plan asks for no more goes; it is asked for again when a later one does. */
    public void superseded(String jobId, List<String> ids) {
        if (ids.isEmpty()) {
            return;
        }
        ids.forEach(id -> steps.delete(open(jobId, id)));
        numbered(jobId);
    }

    private void numbered(String jobId) {
        steps.flush();
        int turn = 1;
        for (StepEntity left : steps.findByJobIdOrderByTurn(jobId)) {
            left.turn = turn++;
        }
        jobs.touched(jobId, Change.CREW);
    }

    /** Earlier or later by one place in the order. */
    public void move(String jobId, String id, boolean earlier) {
        List<StepEntity> all = new ArrayList<>(steps.findByJobIdOrderByTurn(jobId));
        StepEntity r = record(jobId, id);
        int at = all.indexOf(r);
        int other = earlier ? at - 1 : at + 1;
        if (other < 0 || other >= all.size()) {
            return;
        }
        StepEntity o = all.get(other);
        requireOpen(r);
        requireOpen(o);
        int turn = r.turn;
        r.turn = o.turn;
        o.turn = turn;
        int length = r.endMin - r.startMin;
        int otherLength = o.endMin - o.startMin;
        int start = Math.min(r.startMin, o.startMin);
        StepEntity first = earlier ? r : o;
        StepEntity second = earlier ? o : r;
        first.startMin = start;
        first.endMin = start + (earlier ? length : otherLength);
        second.startMin = first.endMin;
        second.endMin = second.startMin + (earlier ? otherLength : length);
        steps.saveAllAndFlush(List.of(r, o));
        jobs.touched(jobId, Change.CREW);
    }

    public void done(String jobId, String id, Optional<Integer> tookMin) {
        StepEntity r = record(jobId, id);
        r.done = true;
        r.tookMin = tookMin.orElse(null);
        jobs.touched(jobId, Change.CREW);
    }

    /** @return whole minutes that steps took, by their ids; nothing of those that stood over night */
    public Map<String, Integer> took(String jobId) {
        return steps.findByJobIdOrderByTurn(jobId).stream()
                .filter(r -> r.tookMin != null)
                .collect(Collectors.toMap(r -> r.id, r -> r.tookMin));
    }

    /** A step that needs no go is done, or open again: what was shut is open, what was cleared is not. */
    public void ticked(String jobId, Step step, boolean done, SignedIn who) {
        if (DoneElsewhere.isElsewhere(step)) {
            elsewhere.write(jobId, step, done, who);
        } else {
            record(jobId, step.id()).done = done;
        }
        jobs.touched(jobId, Change.CREW);
    }

    private void save(StepEntity r, Entry e) {
        e.stem.ifPresent(label -> {
            if (stems.labelled(r.jobId, label).isEmpty()) {
                throw new RefusedInput(
                        "UNKNOWN_STEM", "stem", Message.of(Answer.NO_SUCH_STEM).with("stem", Arg.name(label)));
            }
        });
        boolean same = r.kind == e.kind && e.stem.equals(Optional.ofNullable(r.stem));
        Optional<Work> work = e.work.or(() -> r.work().filter(w -> same));
        List<StepKit> kit = e.kit.isEmpty() && same ? r.kit() : e.kit;
        Step step = new Step(r.id, r.turn, e.kind, e.stem, e.startMin, e.endMin, r.done, e.posts, work, kit, e.spread);
        requireNoneBroken(r.jobId, List.of(step));
        keep(r, step);
        jobs.touched(r.jobId, Change.CREW);
    }

    private void keep(StepEntity r, Step step) {
        r.kind = step.kind();
        r.stem = step.stem().orElse(null);
        r.keep(step.work(), step.kit());
        r.leastMin = step.spread().map(Step.Spread::leastMin).orElse(null);
        r.mostMin = step.spread().map(Step.Spread::mostMin).orElse(null);
        set(r, step);
        steps.saveAndFlush(r);
    }

    private static void set(StepEntity r, Step s) {
        r.startMin = s.startMin();
        r.endMin = s.endMin();
        r.posts.clear();
        s.posts().forEach(p -> r.posts.add(PostPart.of(p)));
    }

    /** Several steps at once to other times and people: all of it, or none. */
    public void replan(String jobId, List<Step> changed) {
        changed.forEach(s -> requireOpen(record(jobId, s.id())));
        requireNoneBroken(jobId, changed);
        changed.forEach(s -> set(record(jobId, s.id()), s));
        steps.flush();
        jobs.touched(jobId, Change.CREW);
    }

    /** What was broken before may stay so until it is mended; nothing new may break. */
    private void requireNoneBroken(String jobId, List<Step> changed) {
        List<Person> people = people(jobId);
        Set<String> ids = changed.stream().map(Step::id).collect(Collectors.toSet());
        List<Step> now = steps(jobId);
        List<Step> others = now.stream().filter(s -> !ids.contains(s.id())).toList();
        List<Step> then = Stream.concat(others.stream(), changed.stream())
                .sorted(Comparator.comparingInt(Step::startMin).thenComparingInt(Step::turn))
                .toList();
        Set<Object> before = broken(day(now, people)).collect(Collectors.toSet());
        DayRoster day = day(then, people);
        List<Fault> faults = Stream.concat(
                        day.check().breaches().stream()
                                .filter(b -> REFUSED.contains(b.rule())
                                        && b.atMin().isPresent()
                                        && !before.contains(same(b)))
                                .map(b -> new Fault(b.rule().name(), "posts", Staffing.message(day, b))),
                        changed.stream().flatMap(s -> twice(day, s)))
                .toList();
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
    }

    private DayRoster day(List<Step> steps, List<Person> people) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return DayRoster.ofPosts(steps, people, new WorkDay(today.toEpochDay(), OptionalInt.empty()));
    }

    private static Stream<Object> broken(DayRoster day) {
        return day.check().breaches().stream().map(Crews::same);
    }

    /** The same where only minutes moved. */
    private static Object same(Breach b) {
        return List.of(b.rule(), Set.copyOf(b.duties()), Set.copyOf(b.hands()));
    }

    private static Stream<Fault> twice(DayRoster day, Step s) {
        return Staffing.twice(day, s).map(f -> new Fault(RosterRule.R03_ROLE_COUNT.name(), "posts", f.message()));
    }

    private StepEntity open(String jobId, String id) {
        StepEntity r = record(jobId, id);
        requireOpen(r);
        return r;
    }

    private static void requireOpen(StepEntity r) {
        if (r.done) {
            throw new RefusedInput(
                    "CLOSED", "step", Message.of(Answer.STEP_DONE).with("turn", Arg.count(r.turn)));
        }
    }

    private StepEntity record(String jobId, String id) {
        return steps.findById(id).filter(s -> s.jobId.equals(jobId)).orElseThrow(NotThere::new);
    }
}
