package org.antevid.app.briefing;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.briefing.store.BriefingEntity;
import org.antevid.app.briefing.store.BriefingRepository;
import org.antevid.app.briefing.store.ReadBackTryEntity;
import org.antevid.app.briefing.store.ReadBackTryRepository;
import org.antevid.app.briefing.store.SignatureEntity;
import org.antevid.app.briefing.store.SignatureRepository;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.judgement.Documents;
import org.antevid.app.judgement.Judgement;
import org.antevid.app.judgement.StoredPlan;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.brief.OwnChanges;
import org.antevid.core.brief.PlanComparison;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.ReadBack;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Numbered, frozen issues of the plan and who signed them. */
@Service
@Transactional
public class Briefings {
    /** Wrong as often as this, the leader is told. */
    private static final int TRIES_TOLD = 2;

    private final BriefingRepository briefings;
    private final SignatureRepository signatures;
    private final ReadBackTryRepository tries;
    private final FrozenPlans frozen;
    private final Judgement judgement;
    private final Documents documents;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    Briefings(
            BriefingRepository briefings,
            SignatureRepository signatures,
            ReadBackTryRepository tries,
            FrozenPlans frozen,
            Judgement judgement,
            Documents documents,
            Jobs jobs,
            JobLog log,
            Clock clock) {
        this.clock = clock;
        this.briefings = briefings;
        this.signatures = signatures;
        this.tries = tries;
        this.frozen = frozen;
        this.judgement = judgement;
        this.documents = documents;
        this.jobs = jobs;
        this.log = log;
    }

    /**
     * A signature, and the briefing it was given on: an earlier one counts while nothing of that person's has changed.
     */
    public record Signature(String personId, Instant at, int number) {}

    /**
     * A briefing with its plan and the signatures that count for it.
     *
     * @param intact what is stored is what was issued
     * @param found what was found of the plan, worst first
     * @param wrongTries how often somebody read it back wrongly, by person
     */
    public record Issue(
            String id,
            int number,
            String issuedBy,
            Instant issuedAt,
            String hash,
            boolean intact,
            PlanDocument plan,
            List<FrozenFinding> found,
            List<Signature> signed,
            Map<String, Integer> wrongTries) {
        /** @return what was found of a step and has to be told of it, worst first */
        public List<Message> dangers(PlanDocument.StepPart step) {
            return found.stream()
                    .filter(f -> f.severity() != Severity.NOTE && f.concerns(step.id(), step.stem()))
                    .map(FrozenFinding::message)
                    .toList();
        }

        public boolean signedBy(String personId) {
            return signatureOf(personId).isPresent();
        }

        /** @return the signature of this person that counts for it, on this briefing or an earlier one */
        public Optional<Signature> signatureOf(String personId) {
            return counting().stream()
                    .filter(s -> s.personId().equals(personId))
                    .findFirst();
        }

        List<Signature> counting() {
            return intact ? signed : List.of();
        }

        private boolean signedHere(String personId) {
            return signatureOf(personId).filter(s -> s.number() == number).isPresent();
        }

        private Issue with(List<Signature> others) {
            return new Issue(id, number, issuedBy, issuedAt, hash, intact, plan, found, others, wrongTries);
        }
    }

    public List<Issue> all(String jobId) {
        List<Issue> issues = new ArrayList<>();
        for (BriefingEntity b : briefings.findByJobIdOrderByNumber(jobId)) {
            issues.add(withEarlier(issue(b), issues));
        }
        return issues;
    }

    public Optional<Issue> latest(String jobId) {
        return all(jobId).stream().reduce((a, b) -> b);
    }

    /** Adds who signed the one before, in its own right or by an earlier one, and has nothing new to read in this. */
    private static Issue withEarlier(Issue issue, List<Issue> before) {
        if (before.isEmpty()) {
            return issue;
        }
        List<Signature> signed = new ArrayList<>(issue.signed());
        for (Signature s : before.get(before.size() - 1).counting()) {
            PlanDocument read = before.get(s.number() - 1).plan();
            if (!issue.signedBy(s.personId())
                    && OwnChanges.of(read, issue.plan(), s.personId()).isEmpty()) {
                signed.add(s);
            }
        }
        return issue.with(signed);
    }

    /** @return what changed since the latest briefing, empty when the plan is as it was briefed */
    public List<PlanComparison.Change> sinceLatest(String jobId) {
        return latest(jobId)
                .map(i -> PlanComparison.between(i.plan(), documents.of(jobId)))
                .orElse(List.of());
    }

    public List<PlanComparison.Change> between(String jobId, int from, int to) {
        return PlanComparison.between(
                numbered(jobId, from).plan(), numbered(jobId, to).plan());
    }

    public Optional<Issue> number(String jobId, int number) {
        return briefings.findByJobIdAndNumber(jobId, number).map(this::issue);
    }

    private Issue numbered(String jobId, int number) {
        return briefings.findByJobIdAndNumber(jobId, number).map(this::issue).orElseThrow(NotThere::new);
    }

    /**
     * Freezes the plan.
     *
     * @throws RefusedInput while a stop stands, naming each
     */
    public int issue(String jobId, SignedIn leader) {
        List<Finding> findings = judgement.findings(jobId);
        List<Fault> stops = findings.stream()
                .filter(f -> f.severity() == Severity.STOP)
                .map(f -> new Fault("STOP", f.key(), f.message()))
                .toList();
        if (!stops.isEmpty()) {
            throw new RefusedInput(stops);
        }
        PlanDocument plan = documents.of(jobId);
        Set<String> done = judgement.situation(jobId).steps().stream()
                .filter(Step::done)
                .map(Step::id)
                .collect(Collectors.toSet());
        if (plan.steps().stream().allMatch(st -> done.contains(st.id()))) {
            throw new RefusedInput("MISSING", "steps", Message.of(Answer.NOTHING_LEFT));
        }
        BriefingEntity b = new BriefingEntity();
        b.id = UUID.randomUUID().toString();
        b.jobId = jobId;
        b.number = latest(jobId).map(Issue::number).orElse(0) + 1;
        b.plan = StoredPlan.COLUMN.write(plan);
        b.findings = StoredJson.write(findings.stream().map(FrozenFinding::of).toList());
        b.issuedBy = leader.name();
        b.issuedAt = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        b.hashWay = 2;
        b.hash = FrozenPlans.hash(b);
        briefings.saveAndFlush(b);
        log.write(jobId, leader.name(), Message.of(LogWords.BRIEFING_ISSUED).with("number", Arg.count(b.number)));
        jobs.touched(jobId, Change.BRIEF);
        return b.number;
    }

    /** @return what is new in this briefing for a person since the one they last signed, or since the one before */
    public List<PlanComparison.Change> newFor(String jobId, Issue issue, String personId) {
        List<Issue> before =
                all(jobId).stream().filter(i -> i.number() < issue.number()).toList();
        return before.stream()
                .filter(i -> i.signedHere(personId))
                .reduce((a, b) -> b)
                .map(i -> OwnChanges.of(i.plan(), issue.plan(), personId))
                .or(() -> before.stream().reduce((a, b) -> b).map(i -> PlanComparison.between(i.plan(), issue.plan())))
                .orElse(List.of());
    }

    /** The three questions this person reads back; the order of choices is fixed by briefing and person. */
    public List<ReadBack.Question> questions(Issue issue, String personId) {
        return ReadBack.of(issue.plan(), personId, (issue.id() + personId).hashCode());
    }

    /** @return what is wrong with the answers; nothing is signed then */
    @Transactional(readOnly = true)
    public List<Fault> wrongAnswers(String jobId, int number, String personId, List<Integer> answers) {
        List<ReadBack.Question> questions = questions(newest(jobId, number), personId);
        List<Fault> wrong = new ArrayList<>();
        for (int i = 0; i < questions.size(); i++) {
            if (i >= answers.size()
                    || answers.get(i) == null
                    || answers.get(i) != questions.get(i).right()) {
                wrong.add(new Fault("READ_AGAIN", "answers[" + i + "]", Message.of(Answer.READ_AGAIN)));
            }
        }
        return wrong;
    }

    /**
     * Keeps that a read-back was wrong. The second time the leader is told. Nothing of the job counts as changed by it:
     * the write itself was refused.
     */
    public void readBackWrongly(String jobId, int number, String personId, String name, int wrong) {
        Issue issue = newest(jobId, number);
        ReadBackTryEntity t = new ReadBackTryEntity();
        t.id = UUID.randomUUID().toString();
        t.briefingId = issue.id();
        t.personId = personId;
        t.wrong = wrong;
        t.at = clock.instant();
        tries.saveAndFlush(t);
        if (tries.countByBriefingIdAndPersonId(issue.id(), personId) == TRIES_TOLD) {
            log.write(jobId, name, Message.of(LogWords.READ_BACK_WRONG).with("number", Arg.count(number)));
        }
    }

    private Issue newest(String jobId, int number) {
        Issue issue = numbered(jobId, number);
        if (latest(jobId).filter(l -> l.number() == number).isEmpty()) {
            throw new RefusedInput("OUTDATED", "number", Message.of(Answer.NEWER_BRIEFING));
        }
        if (!issue.intact()) {
            throw new RefusedInput(
                    "NOT_INTACT",
                    "number",
                    Message.of(Answer.BRIEFING_NOT_INTACT).with("number", Arg.count(number)));
        }
        return issue;
    }

    /** @throws RefusedInput naming each wrong answer; nothing is signed then */
    public void sign(String jobId, int number, String personId, String name, List<Integer> answers) {
        Issue issue = newest(jobId, number);
        List<Fault> wrong = wrongAnswers(jobId, number, personId, answers);
        if (!wrong.isEmpty()) {
            throw new RefusedInput(wrong);
        }
        if (!issue.signedHere(personId)) {
            SignatureEntity s = new SignatureEntity();
            s.id = UUID.randomUUID().toString();
            s.briefingId = issue.id();
            s.personId = personId;
            s.signedAt = clock.instant();
            s.hash = issue.hash();
            signatures.saveAndFlush(s);
            log.write(jobId, name, Message.of(LogWords.BRIEFING_SIGNED).with("number", Arg.count(number)));
            jobs.touched(jobId, Change.BRIEF);
        }
    }

    private Issue issue(BriefingEntity b) {
        FrozenPlans.Frozen stored = frozen.of(b);
        return new Issue(
                b.id,
                b.number,
                b.issuedBy,
                b.issuedAt,
                b.hash,
                stored.intact(),
                stored.plan(),
                stored.found(),
                signatures.findByBriefingId(b.id).stream()
                        .filter(s -> s.hash == null || s.hash.equals(b.hash))
                        .map(s -> new Signature(s.personId, s.signedAt, b.number))
                        .toList(),
                tries.findByBriefingId(b.id).stream().collect(Collectors.toMap(t -> t.personId, t -> 1, Integer::sum)));
    }

    public Set<String> postedPeople(Issue issue) {
        return issue.plan().steps().stream()
                .flatMap(s -> s.posts().stream())
                .map(PlanDocument.PostPart::personId)
                .collect(Collectors.toSet());
    }
}
