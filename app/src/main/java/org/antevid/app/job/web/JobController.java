package org.antevid.app.job.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.LocalAddress;
import org.antevid.app.job.Needs;
import org.antevid.app.job.Part;
import org.antevid.app.job.QrCode;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignIn;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Throttle;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Given;
import org.antevid.app.reader.Speech;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.Ground;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class JobController {
    /** @param gust as it is read, with its uncertainty */
    record Wind(double gustMs, double sigmaMs, String gust, double fromDeg, boolean simulated) {}

    /** @param firstWord for the leader alone, until it is used: read it out to the person beside whom it stands */
    record PersonView(
            String id,
            String name,
            Part part,
            boolean joined,
            List<Competence> competences,
            int fromMin,
            Optional<Integer> toMin,
            Optional<String> firstWord) {}

    record JobView(
            String id,
            String name,
            String place,
            LocalDate visitOn,
            String code,
            double windLimitMs,
            double slopeDeg,
            double downhillDeg,
            String meetingPoint,
            boolean closed,
            long version,
            Part myPart,
            String me,
            Wind wind,
            List<PersonView> people,
            Optional<String> joinAddress) {}

    record NewJob(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 200) String place,
            @NotNull LocalDate visitOn) {}

    record ConditionsRequest(
            @NotNull Double windLimitMs,
            @NotNull Double slopeDeg,
            @NotNull Double downhillDeg,
            @Size(max = 200) String meetingPoint,
            @NotNull Long version) {}

    /**
     * @param joined whether a PIN is set
     * @param resetBy who took the last one away
     */
    record JoinChoice(
            String personId, String name, boolean joined, Optional<String> resetBy, Optional<Instant> resetAt) {}

    record JoinRequest(
            @NotBlank String code,
            @NotBlank String personId,
            @NotBlank @Size(max = 8) String pin,
            @Size(max = 60) String word) {}

    record JobOfCode(String jobId) {}

    private final Jobs jobs;
    private final People people;
    private final SignIn signIn;
    private final Throttle throttle;
    private final Anemometer anemometer;
    private final LocalAddress address;
    private final Fresh fresh;

    JobController(
            Jobs jobs,
            People people,
            SignIn signIn,
            Throttle throttle,
            Anemometer anemometer,
            LocalAddress address,
            Fresh fresh) {
        this.jobs = jobs;
        this.people = people;
        this.signIn = signIn;
        this.throttle = throttle;
        this.anemometer = anemometer;
        this.address = address;
        this.fresh = fresh;
    }

    /** Opens a job; answers with its id and the code that crew join with. */
    @PostMapping("/api/jobs")
    ResponseEntity<JobOfCode> open(@Validated @RequestBody NewJob n, @AuthenticationPrincipal SignedIn me) {
        if (me.office() != Office.LEADER || !me.onlyJob().isEmpty()) {
            throw new NotAllowed(Message.of(Answer.LEADER_OPENS_JOB));
        }
        String id = jobs.open(n.name, n.place, n.visitOn, new Jobs.Conditions(8, Ground.LEVEL, ""), me.personId())
                .id();
        return Created.at(id, new JobOfCode(id));
    }

    /** One job with its people and this person's part. */
    @GetMapping("/api/jobs/{job}")
    @Needs(Needs.Right.READ)
    JobView job(@PathVariable String job, @AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        Jobs.Job j = jobs.job(job);
        Anemometer.Reading w = anemometer.now();
        Part mine = jobs.part(job, me).orElseThrow();
        return new JobView(
                j.id(),
                j.name(),
                j.place(),
                j.visitOn(),
                mine == Part.LEADER ? j.code() : "",
                j.windLimitMs(),
                j.ground().slopeDeg(),
                j.ground().downhillDeg(),
                j.meetingPoint(),
                j.closed(),
                j.version(),
                mine,
                me.personId(),
                new Wind(
                        w.gustMs().value(),
                        w.gustMs().sigma(),
                        Speech.words().plusMinus(Dimension.SPEED, w.gustMs()),
                        w.fromDeg(),
                        w.simulated()),
                jobs.members(job).stream()
                        .map(m -> new PersonView(
                                m.person().id(),
                                m.person().name(),
                                m.part(),
                                m.joined(),
                                m.person().competences().stream().sorted().toList(),
                                m.person().presence().fromMin(),
                                m.person().presence().toMin().stream().boxed().findFirst(),
                                people.pin(m.person().id())
                                        .firstWord()
                                        .filter(x -> mine == Part.LEADER && m.part() == Part.CREW)))
                        .toList(),
                address.url(request.getLocalPort())
                        .map(u -> u + "/join/" + j.code())
                        .filter(u -> mine == Part.LEADER));
    }

    /** Changes name, visit, ground and wind limit of a job; the limit may only be stricter than the house's. */
    @PutMapping("/api/jobs/{job}/conditions")
    @Needs(Needs.Right.LEAD)
    JobOfCode change(@PathVariable String job, @Validated @RequestBody ConditionsRequest c) {
        jobs.change(
                job,
                new Jobs.Conditions(c.windLimitMs, new Ground(c.slopeDeg, c.downhillDeg), c.meetingPoint),
                c.version);
        return new JobOfCode(job);
    }

    record MemberRequest(@NotBlank String personId) {}

    /** Puts a person of the company on the job as crew. */
    @PostMapping("/api/jobs/{job}/members")
    @Needs(Needs.Right.LEAD)
    JobOfCode put(@PathVariable String job, @Validated @RequestBody MemberRequest m) {
        jobs.put(job, people.person(m.personId).id(), Part.CREW);
        return new JobOfCode(job);
    }

    /** When somebody is on site, minutes from the start of work; left out is to the end. */
    record PresenceRequest(@NotNull Integer fromMin, Optional<Integer> toMin) {
        private Person.Presence presence() {
            Optional<Integer> to = Given.or(toMin);
            return new Person.Presence(fromMin, to.isPresent() ? OptionalInt.of(to.get()) : OptionalInt.empty());
        }
    }

    /** Sets when somebody of the job is on site. */
    @PutMapping("/api/jobs/{job}/members/{person}/presence")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void presence(@PathVariable String job, @PathVariable String person, @Validated @RequestBody PresenceRequest p) {
        jobs.presence(job, person, p.presence());
    }

    /** The join code as a picture for phones. */
    @GetMapping(value = "/api/jobs/{job}/qr", produces = "image/svg+xml")
    @Needs(Needs.Right.LEAD)
    String qr(@PathVariable String job, HttpServletRequest request) {
        return address.url(request.getLocalPort())
                .map(u -> QrCode.svg(u + "/join/" + jobs.job(job).code()))
                .orElseThrow(() -> new NotAllowed(Message.of(Answer.NO_LOCAL_ADDRESS)));
    }

    /** Takes somebody off the job. */
    @DeleteMapping("/api/jobs/{job}/members/{person}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOff(@PathVariable String job, @PathVariable String person, @AuthenticationPrincipal SignedIn me) {
        fresh.require(me);
        jobs.takeOff(job, person, me);
    }

    /** Clears the PIN of a crew member; the first word is needed anew. */
    @PostMapping("/api/jobs/{job}/members/{person}/pin-reset")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void resetPin(@PathVariable String job, @PathVariable String person, @AuthenticationPrincipal SignedIn me) {
        fresh.require(me);
        jobs.resetPin(job, person, me);
    }

    /** Ends what a crew member has open for this job: a lost phone. */
    @PostMapping("/api/jobs/{job}/members/{person}/sign-out")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(@PathVariable String job, @PathVariable String person, @AuthenticationPrincipal SignedIn me) {
        jobs.signOut(job, person, me);
    }

    /** Names on the job with this code, for somebody who joins. */
    @GetMapping("/api/join/{code}")
    List<JoinChoice> who(@PathVariable String code, HttpServletRequest request) {
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "codes");
        List<JoinChoice> crew = jobs.crewByCode(code).stream()
                .map(m -> {
                    People.PinState pin = people.pin(m.person().id());
                    return new JoinChoice(m.person().id(), m.person().name(), pin.set(), pin.resetBy(), pin.resetAt());
                })
                .toList();
        attempt.right();
        return crew;
    }

    /** Joins a job by its code, name and PIN; the first time with the word from the leader. */
    @PostMapping("/api/join")
    JobOfCode join(@Validated @RequestBody JoinRequest j, HttpServletRequest request, HttpServletResponse response) {
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "pin " + j.personId);
        String job = jobs.join(j.code, j.personId, j.pin, j.word);
        attempt.right();
        signIn.establish(people.joining(j.personId, job), request, response);
        return new JobOfCode(job);
    }
}
