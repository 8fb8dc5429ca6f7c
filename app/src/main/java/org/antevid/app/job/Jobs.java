package org.antevid.app.job;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.house.House;
import org.antevid.app.job.store.JobEntity;
import org.antevid.app.job.store.JobRepository;
import org.antevid.app.job.store.MemberEntity;
import org.antevid.app.job.store.MemberRepository;
import org.antevid.app.people.Names;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignIns;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotSignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.antevid.core.crew.Person;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Ground;
import org.antevid.words.Answer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs and who is on them. */
@Service
@Transactional
public class Jobs {
    private static final String CODE_LETTERS = "BCDFGHJKMNPQRTVWXYZ2346789";
    private static final int CODE_LENGTH = 6;
    private final SecureRandom random = new SecureRandom();
    private final JobRepository jobs;
    private final MemberRepository members;
    private final People people;
    private final House house;
    private final SignIns signIns;
    private final JobLog log;
    private final Trail trail;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Jobs(
            JobRepository jobs,
            MemberRepository members,
            People people,
            House house,
            SignIns signIns,
            Trail trail,
            JobLog log,
            ApplicationEventPublisher events,
            Clock clock) {
        this.clock = clock;
        this.jobs = jobs;
        this.members = members;
        this.people = people;
        this.house = house;
        this.signIns = signIns;
        this.log = log;
        this.trail = trail;
        this.events = events;
    }

    /** A job as others see it. */
    public record Job(
            String id,
            String name,
            String place,
            LocalDate visitOn,
            String code,
            double windLimitMs,
            Ground ground,
            String meetingPoint,
            boolean closed,
            long version) {}

    /** A person on a job. {@code joined} says whether they have set a PIN. */
    public record Member(Person person, Part part, boolean joined) {}

    /** What the leader may change about a job. */
    public record Conditions(double windLimitMs, Ground ground, String meetingPoint) {}

    /** Opens a job with its leader on it. */
    public Job open(String name, String place, LocalDate visitOn, Conditions conditions, String leaderId) {
        JobEntity j = new JobEntity();
        j.id = UUID.randomUUID().toString();
        j.name = Require.text(name, 80, "name");
        j.place = Require.text(place, 200, "place");
        j.visitOn = visitOn;
        j.code = newCode();
        apply(j, conditions);
        jobs.save(j);
        put(j.id, leaderId, Part.LEADER);
        return view(j);
    }

    private String newCode() {
        String code = random.ints(CODE_LENGTH, 0, CODE_LETTERS.length())
                .mapToObj(i -> CODE_LETTERS.substring(i, i + 1))
                .collect(Collectors.joining());
        return jobs.findByCode(code).isPresent() ? newCode() : code;
    }

    /** Puts somebody on the job; a leader is there once. */
    public void put(String jobId, String personId, Part part) {
        if (members.findByJobIdAndPersonId(jobId, personId).isPresent()) {
            throw new RefusedInput("DUPLICATE", "personId", Message.of(Answer.ON_JOB_ALREADY));
        }
        MemberEntity m = new MemberEntity();
        m.id = UUID.randomUUID().toString();
        m.jobId = jobId;
        m.personId = personId;
        m.part = part;
        members.save(m);
        touched(jobId, Change.JOB);
    }

    public Job job(String id) {
        return view(record(id));
    }

    /** @return the jobs this person may see, in order of the visit */
    public List<Job> seenBy(SignedIn me) {
        Set<String> mine =
                members.findByPersonId(me.personId()).stream().map(m -> m.jobId).collect(Collectors.toSet());
        return jobs.findAllByOrderByVisitOnAscNameAsc().stream()
                .filter(j -> (me.office() == Office.REVIEWER || mine.contains(j.id)) && me.mayEnter(j.id))
                .map(Jobs::view)
                .toList();
    }

    public List<Member> members(String jobId) {
        return members.findByJobId(jobId).stream()
                .map(m -> new Member(
                        people.person(m.personId).here(m.presence()),
                        m.part,
                        people.pin(m.personId).set()))
                .sorted(Comparator.comparing(Member::part)
                        .thenComparing(m -> m.person().name()))
                .toList();
    }

    /** @return the person's part on the job; reviewers of the company are reviewers of every job */
    public Optional<Part> part(String jobId, SignedIn me) {
        return members.findByJobIdAndPersonId(jobId, me.personId())
                .map(m -> m.part)
                .or(() -> me.office() == Office.REVIEWER && jobs.existsById(jobId)
                        ? Optional.of(Part.REVIEWER)
                        : Optional.empty());
    }

    public String leaderOf(String jobId) {
        return members.findByJobId(jobId).stream()
                .filter(m -> m.part == Part.LEADER)
                .map(m -> m.personId)
                .findFirst()
                .orElseThrow(NotThere::new);
    }

    public Job change(String jobId, Conditions conditions, Long version) {
        JobEntity j = record(jobId);
        trail.requireFresh(j, j.id, j.version, version, j.name);
        apply(j, conditions);
        jobs.saveAndFlush(j);
        touched(jobId, Change.PLACE);
        return view(j);
    }

    public void close(String jobId) {
        record(jobId).closed = true;
        touched(jobId, Change.JOB);
    }

    private void apply(JobEntity j, Conditions c) {
        double most = house.rules().windLimitMs();
        if (!(c.windLimitMs >= 2 && c.windLimitMs <= most)) {
            throw new RefusedInput(
                    "OUT_OF_RANGE",
                    "windLimitMs",
                    Message.of(Answer.WIND_LIMIT)
                            .with("low", Arg.of(Dimension.SPEED, 2))
                            .with("high", Arg.of(Dimension.SPEED, most)));
        }
        j.windLimitMs = c.windLimitMs;
        j.slopeDeg = c.ground.slopeDeg();
        j.downhillDeg = c.ground.downhillDeg();
        j.meetingPoint = c.meetingPoint == null ? "" : c.meetingPoint.strip();
    }

    /**
     * Crew of the job with this code, for the choice of one's own name.
     *
     * @throws NotSignedIn for an unknown code
     */
    public List<Member> crewByCode(String code) {
        return members(byCode(code).id).stream()
                .filter(m -> m.part() == Part.CREW)
                .toList();
    }

    /**
     * Joins with the code and one's own PIN; the first PIN is set with the word the leader hands over. Only crew join:
     * whoever leads or reviews signs in, so that no PIN makes somebody more than they are.
     *
     * @return the job's id
     */
    public String join(String code, String personId, String pin, String word) {
        JobEntity j = byCode(code);
        MemberEntity m = members.findByJobIdAndPersonId(j.id, personId)
                .filter(r -> r.part == Part.CREW)
                .orElseThrow(() -> new NotSignedIn(Message.of(Answer.CODE_NAME_PIN)));
        if (!people.pin(personId).set()) {
            people.firstPin(personId, word, pin);
        } else if (!people.pinFits(personId, pin)) {
            throw new NotSignedIn(Message.of(Answer.CODE_NAME_PIN));
        }
        if (m.joinedAt == null) {
            m.joinedAt = clock.instant();
            members.save(m);
            touched(j.id, Change.JOB);
        }
        return j.id;
    }

    /** Takes somebody off the job; their phones lose it with the next event. */
    public void takeOff(String jobId, String personId, SignedIn by) {
        MemberEntity m = member(jobId, personId);
        members.delete(m);
        members.flush();
        signIns.endAll(personId, s -> s.onlyJob().equals(jobId), by.name());
        log.write(
                jobId,
                by.name(),
                Message.of(LogWords.TAKEN_OFF)
                        .with("person", Arg.name(people.person(personId).name())));
        touched(jobId, Change.JOB);
    }

    /** A lost phone: what this crew member has open for the job is ended. */
    public void signOut(String jobId, String personId, SignedIn by) {
        member(jobId, personId);
        int ended = signIns.endAll(personId, s -> s.onlyJob().equals(jobId), by.name());
        log.write(
                jobId,
                by.name(),
                Message.of(LogWords.SIGNED_OUT)
                        .with("person", Arg.name(people.person(personId).name()))
                        .with("phones", Arg.count(ended)));
        touched(jobId, Change.JOB);
    }

    public void resetPin(String jobId, String personId, SignedIn by) {
        member(jobId, personId);
        if (people.office(personId) != Office.CREW) {
            throw new RefusedInput("BAD_CHOICE", "personId", Message.of(Answer.OWN_PIN));
        }
        people.resetPin(personId, by);
        log.write(
                jobId,
                by.name(),
                Message.of(LogWords.PIN_RESET)
                        .with("person", Arg.name(people.person(personId).name())));
        touched(jobId, Change.JOB);
    }

    /** When somebody is on site; also of the leader. */
    public void presence(String jobId, String personId, Person.Presence when) {
        MemberEntity m = members.findByJobIdAndPersonId(jobId, personId).orElseThrow(NotThere::new);
        m.fromMin = when.fromMin();
        m.toMin = when.toMin().isPresent() ? when.toMin().getAsInt() : null;
        members.saveAndFlush(m);
        touched(jobId, Change.JOB);
    }

    private MemberEntity member(String jobId, String personId) {
        return members.findByJobIdAndPersonId(jobId, personId)
                .filter(r -> r.part == Part.CREW)
                .orElseThrow(NotThere::new);
    }

    /** @return everybody who may read the job now */
    public Set<String> whoMayRead(String jobId) {
        Set<String> may =
                members.findByJobId(jobId).stream().map(m -> m.personId).collect(Collectors.toSet());
        may.addAll(people.reviewers());
        return may;
    }

    /** @return when the job's own entry (ground, wind limit, name) was last changed */
    public Optional<Instant> changedAt(String id) {
        return trail.changedAtOf(JobEntity.class, id);
    }

    /** @return ids of the jobs that are not closed */
    public List<String> open() {
        return jobs.findByClosedFalse().stream().map(j -> j.id).toList();
    }

    private JobEntity byCode(String code) {
        String folded = Names.folded(code).replace(" ", "");
        return jobs.findByClosedFalse().stream()
                .filter(j -> Names.folded(j.code).replace(" ", "").equals(folded))
                .findFirst()
                .orElseThrow(() -> new NotSignedIn(Message.of(Answer.NO_JOB_WITH_CODE)));
    }

    private JobEntity record(String id) {
        return jobs.findById(id).orElseThrow(NotThere::new);
    }

    /** Tells everybody on the job once the transaction is through. */
    public void touched(String jobId, Change what) {
        events.publishEvent(ChangedByWrite.of(jobId, what));
    }

    private static Job view(JobEntity j) {
        return new Job(
                j.id,
                j.name,
                j.place,
                j.visitOn,
                j.code,
                j.windLimitMs,
                new Ground(j.slopeDeg, j.downhillDeg),
                j.meetingPoint,
                j.closed,
                j.version);
    }
}
