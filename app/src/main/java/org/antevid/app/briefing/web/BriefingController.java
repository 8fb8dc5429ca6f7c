package org.antevid.app.briefing.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Needs;
import org.antevid.app.job.Part;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Throttle;
import org.antevid.app.problem.NotSignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.core.brief.Cue;
import org.antevid.core.brief.Cues;
import org.antevid.core.brief.PieceCard;
import org.antevid.core.brief.PlanComparison;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.Signals;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Task;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.step.PiecePart;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/briefings")
public class BriefingController {
    record Signer(
            String personId,
            String name,
            boolean posted,
            Optional<Instant> signedAt,
            Optional<Integer> signedNumber,
            int wrongTries) {
        static Signer of(Jobs.Member m, boolean posted, Optional<Briefings.Signature> signature, int wrongTries) {
            return new Signer(
                    m.person().id(),
                    m.person().name(),
                    posted,
                    signature.map(Briefings.Signature::at),
                    signature.map(Briefings.Signature::number),
                    wrongTries);
        }
    }

    record IssueView(
            int number,
            String issuedBy,
            Instant issuedAt,
            String hash,
            boolean intact,
            List<Signer> signers,
            List<PlanComparison.Change> changes) {}

    record BriefingsView(List<IssueView> issues, List<PlanComparison.Change> sinceLatest) {}

    /** @param sign how it is given, as it is drawn */
    record CueView(Cue.Sign sign, String words) {}

    /**
     * @param piece what comes down in the step, as this role has to know it
     * @param aloft a tree is taken down in pieces: the climber may say No
     * @param upM where whoever cuts hangs, above ground
     */
    record MyPost(
            int turn,
            String title,
            Role role,
            String roleWords,
            String task,
            List<String> piece,
            boolean aloft,
            Optional<Double> upM,
            List<CueView> cues,
            Optional<String> stem,
            List<String> kit,
            Optional<Spot> stand,

            @Shown(in = Dimension.DISTANCE, to = Side.NEAREST)
            Optional<Double> fromStemM,

            Optional<Double> exclusionM,
            List<PlanDocument.WayPart> waysOut) {}

    record QuestionView(String words, List<String> choices) {}

    /**
     * The latest briefing as it concerns one person.
     *
     * @param changes what is new for them since the briefing they last signed
     * @param signedAt when they signed it, or an earlier one that still counts for them
     * @param signedNumber the briefing that signature was given on
     */
    record Card(
            int number,
            PlanDocument plan,
            List<MyPost> posts,
            List<String> signals,
            List<String> stopConditions,
            List<QuestionView> questions,
            List<PlanComparison.Change> changes,
            Optional<Instant> signedAt,
            Optional<Integer> signedNumber,
            boolean planChangedSince) {}

    record SignRequest(
            @NotNull @Size(max = 10) List<Integer> answers,
            @NotBlank @Size(max = 8) String pin) {}

    record IssueNumber(int number) {}

    private final Briefings briefings;
    private final Jobs jobs;
    private final People people;
    private final Throttle throttle;

    BriefingController(Briefings briefings, Jobs jobs, People people, Throttle throttle) {
        this.people = people;
        this.briefings = briefings;
        this.jobs = jobs;
        this.throttle = throttle;
    }

    /** The issues of the plan, with who signed each and what changed since. */
    @GetMapping
    @Needs(Needs.Right.READ)
    BriefingsView all(@PathVariable String job) {
        List<Jobs.Member> crew = jobs.members(job).stream()
                .filter(m -> m.part() != Part.REVIEWER)
                .toList();
        return new BriefingsView(
                briefings.all(job).stream().map(i -> view(job, i, crew)).toList(), briefings.sinceLatest(job));
    }

    private IssueView view(String job, Briefings.Issue i, List<Jobs.Member> crew) {
        Set<String> posted = briefings.postedPeople(i);
        return new IssueView(
                i.number(),
                i.issuedBy(),
                i.issuedAt(),
                i.hash(),
                i.intact(),
                crew.stream()
                        .filter(m -> m.part() == Part.CREW
                                || posted.contains(m.person().id()))
                        .map(m -> Signer.of(
                                m,
                                posted.contains(m.person().id()),
                                i.signatureOf(m.person().id()),
                                i.wrongTries().getOrDefault(m.person().id(), 0)))
                        .toList(),
                i.number() > 1 ? briefings.between(job, i.number() - 1, i.number()) : List.of());
    }

    /** Freezes the plan as the next briefing; refused while a stop stands. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    ResponseEntity<IssueNumber> issue(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        int number = briefings.issue(job, me);
        return Created.at(String.valueOf(number), new IssueNumber(number));
    }

    /** The latest briefing as it concerns the caller; empty before the first. */
    @GetMapping("/card")
    @Needs(Needs.Right.READ)
    Optional<Card> card(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return briefings
                .latest(job)
                .map(i -> new Card(
                        i.number(),
                        i.plan(),
                        i.plan().aheadOf(me.personId()).stream()
                                .flatMap(s -> s.posts().stream()
                                        .filter(p -> p.personId().equals(me.personId()))
                                        .map(p -> post(i.plan(), s, p)))
                                .toList(),
                        Speech.words().say(Signals.ALL),
                        Speech.words().say(Signals.stopConditions(i.plan(), me.personId())),
                        briefings.questions(i, me.personId()).stream()
                                .map(q -> new QuestionView(
                                        Speech.words().say(q.asked()),
                                        q.choices().stream()
                                                .map(Speech.words()::show)
                                                .toList()))
                                .toList(),
                        briefings.newFor(job, i, me.personId()),
                        i.signatureOf(me.personId()).map(Briefings.Signature::at),
                        i.signatureOf(me.personId()).map(Briefings.Signature::number),
                        !briefings.sinceLatest(job).isEmpty()));
    }

    private static MyPost post(PlanDocument plan, PlanDocument.StepPart s, PlanDocument.PostPart p) {
        Optional<PlanDocument.StemPart> stem = s.stem().flatMap(plan::stem);
        return new MyPost(
                s.turn(),
                Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work())),
                p.role(),
                Speech.words().term(p.role()),
                Speech.words().term(Task.of(s.kind(), s.work(), p.role())),
                Speech.words().say(PieceCard.of(s.piece(), p.role())),
                s.kind() == Step.Kind.ALOFT,
                s.piece().map(PiecePart::upM),
                Cues.of(plan, s, p.role()).stream()
                        .map(c -> new CueView(c.sign(), Speech.words().say(c.says())))
                        .toList(),
                s.stem(),
                s.kit().stream().map(k -> Speech.words().say(k.message())).toList(),
                p.stand(),
                p.stand().flatMap(at -> stem.map(st -> Rounding.down(at.distanceTo(st.at()), 0))),
                plan.ringM(s),
                p.waysOut());
    }

    /** Signs a briefing with the answers to the read-back; wrong answers are named and nothing is signed. */
    @PostMapping("/{number}/signatures")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sign(
            @PathVariable String job,
            @PathVariable int number,
            @Validated @RequestBody SignRequest s,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "sign " + me.personId());
        if (!people.pin(me.personId()).set()) {
            throw new RefusedInput("NO_PIN", "pin", Message.of(Answer.NO_PIN_YET));
        }
        if (!people.pinFits(me.personId(), s.pin)) {
            throw new NotSignedIn(Message.of(Answer.PIN));
        }
        attempt.right();
        List<Fault> wrong = briefings.wrongAnswers(job, number, me.personId(), s.answers);
        if (!wrong.isEmpty()) {
            briefings.readBackWrongly(job, number, me.personId(), me.name(), wrong.size());
            throw new RefusedInput(wrong);
        }
        briefings.sign(job, number, me.personId(), me.name(), s.answers);
    }
}
