package org.antevid.app.job;

import java.security.SecureRandom;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.house.House;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotSignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.antevid.core.crew.Person;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Ground;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
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
    private final PasswordEncoder encoder;
    private final Trail trail;
    private final ApplicationEventPublisher events;

    Jobs(JobRepository jobs, MemberRepository members, People people, House house, PasswordEncoder encoder, Trail trail,
         ApplicationEventPublisher events) {
        this.jobs = jobs;
        this.members = members;
        this.people = people;
        this.house = house;
        this.encoder = encoder;
        this.trail = trail;
        this.events = events;
    }

    /** A job as others see it. */
    public record Job(String id, String name, String place, LocalDate visitOn, String code, double windLimitMs, Ground ground,
                      String meetingPoint, boolean closed, long version) {
    }

    /** A person on a job. {@code joined} says whether a crew member has set a PIN. */
    public record Member(Person person, Part part, boolean joined) {
    }

    /** What the leader may change about a job. */
    public record Conditions(double windLimitMs, Ground ground, String meetingPoint) {
    }

    /** Opens a job with its leader on it. */
    public Job open(String name, String place, LocalDate visitOn, Conditions conditions, String leaderId) {
        JobRecord j = new JobRecord();
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
        String code = random.ints(CODE_LENGTH, 0, CODE_LETTERS.length()).mapToObj(i -> CODE_LETTERS.substring(i, i + 1)).collect(Collectors.joining());
        return jobs.findByCode(code).isPresent() ? newCode() : code;
    }

    public void put(String jobId, String personId, Part part) {
        if (members.findByJobIdAndPersonId(jobId, personId).isPresent()) {
            throw new RefusedInput("DUPLICATE", "personId", "is on this job already");
        }
        MemberRecord m = new MemberRecord();
        m.id = UUID.randomUUID().toString();
        m.jobId = jobId;
        m.personId = personId;
        m.part = part;
        members.save(m);
        touched(jobId, "job");
    }

    public Job job(String id) {
        return view(record(id));
    }

    /** @return the jobs this person may see, in order of the visit */
    public List<Job> seenBy(SignedIn me) {
        Set<String> mine = members.findByPersonId(me.personId()).stream().map(m -> m.jobId).collect(Collectors.toSet());
        return jobs.findAllByOrderByVisitOnAscNameAsc().stream().filter(j -> me.office() == Office.REVIEWER || mine.contains(j.id))
            .map(Jobs::view).toList();
    }

    public List<Member> members(String jobId) {
        return members.findByJobId(jobId).stream().map(m -> new Member(people.person(m.personId), m.part, m.pinHash != null))
            .sorted(Comparator.comparing(Member::part).thenComparing(m -> m.person().name())).toList();
    }

    /** @return the person's part on the job; reviewers of the company are reviewers of every job */
    public Optional<Part> part(String jobId, SignedIn me) {
        return members.findByJobIdAndPersonId(jobId, me.personId()).map(m -> m.part)
            .or(() -> me.office() == Office.REVIEWER && jobs.existsById(jobId) ? Optional.of(Part.REVIEWER) : Optional.empty());
    }

    public String leaderOf(String jobId) {
        return members.findByJobId(jobId).stream().filter(m -> m.part == Part.LEADER).map(m -> m.personId).findFirst().orElseThrow(NotThere::new);
    }

    public Job change(String jobId, Conditions conditions, Long version) {
        JobRecord j = record(jobId);
        trail.requireFresh(j, j.id, j.version, version, j.name);
        apply(j, conditions);
        jobs.saveAndFlush(j);
        touched(jobId, "place");
        return view(j);
    }

    public void close(String jobId) {
        record(jobId).closed = true;
        touched(jobId, "job");
    }

    private void apply(JobRecord j, Conditions c) {
        double most = house.rules().windLimitMs();
        if (!(c.windLimitMs >= 2 && c.windLimitMs <= most)) {
            throw new RefusedInput("OUT_OF_RANGE", "windLimitMs", "must be between 2 and the house's " + most + " m/s; a leader may only be stricter");
        }
        j.windLimitMs = c.windLimitMs;
        j.slopeDeg = c.ground.slopeDeg();
        j.downhillDeg = c.ground.downhillDeg();
        j.meetingPoint = c.meetingPoint == null ? "" : c.meetingPoint.strip();
    }

    /** Crew of the job with this code, for the choice of one's own name. @throws NotSignedIn for an unknown code */
    List<Member> crewByCode(String code) {
        JobRecord j = byCode(code);
        return members(j.id).stream().filter(m -> m.part() == Part.CREW).toList();
    }

    /** Joins with the code; the first time sets the PIN, later times it must fit. @return the job's id */
    String join(String code, String personId, String pin) {
        JobRecord j = byCode(code);
        MemberRecord m = members.findByJobIdAndPersonId(j.id, personId).filter(r -> r.part == Part.CREW)
            .orElseThrow(() -> new NotSignedIn("Code, name and PIN do not fit."));
        if (!pin.matches("\\d{4,8}")) {
            throw new RefusedInput("OUT_OF_RANGE", "pin", "must be 4 to 8 digits");
        }
        if (m.pinHash == null) {
            m.pinHash = encoder.encode(pin);
            m.joinedAt = Instant.now();
            members.save(m);
            touched(j.id, "job");
        } else if (!encoder.matches(pin, m.pinHash)) {
            throw new NotSignedIn("Code, name and PIN do not fit.");
        }
        return j.id;
    }

    /** @return whether the PIN is the person's own on this job */
    public boolean pinFits(String jobId, String personId, String pin) {
        return members.findByJobIdAndPersonId(jobId, personId).filter(m -> m.pinHash != null && encoder.matches(pin, m.pinHash)).isPresent();
    }

    /** @return when the job's own entry (ground, wind limit, name) was last changed */
    public Optional<Instant> changedAt(String id) {
        return trail.changedAtOf(JobRecord.class, id);
    }

    private JobRecord byCode(String code) {
        return jobs.findByCode(code.strip().toUpperCase(Locale.ROOT)).filter(j -> !j.closed)
            .orElseThrow(() -> new NotSignedIn("There is no open job with this code."));
    }

    private JobRecord record(String id) {
        return jobs.findById(id).orElseThrow(NotThere::new);
    }

    /** Tells everybody on the job once the transaction is through. */
    public void touched(String jobId, String what) {
        events.publishEvent(new JobChanged(jobId, what));
    }

    private static Job view(JobRecord j) {
        return new Job(j.id, j.name, j.place, j.visitOn, j.code, j.windLimitMs, new Ground(j.slopeDeg, j.downhillDeg), j.meetingPoint,
            j.closed, j.version);
    }
}
