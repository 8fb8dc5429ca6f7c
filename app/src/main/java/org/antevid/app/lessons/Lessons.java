package org.antevid.app.lessons;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.house.House;
import org.antevid.app.house.HouseChanged;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.judgement.LearnedChecks;
import org.antevid.app.lay.Lays;
import org.antevid.app.lessons.store.LessonDecisionEntity;
import org.antevid.app.lessons.store.LessonDecisionRepository;
import org.antevid.app.lessons.store.LessonEntity;
import org.antevid.app.lessons.store.LessonRepository;
import org.antevid.app.lessons.store.LessonUseEntity;
import org.antevid.app.lessons.store.LessonUseRepository;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.judge.Threshold;
import org.antevid.core.judge.Tightening;
import org.antevid.core.learn.Becomes;
import org.antevid.core.learn.CauseKind;
import org.antevid.core.learn.Lesson;
import org.antevid.core.learn.LessonState;
import org.antevid.core.learn.Matches;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.words.Answer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house has learned. Where a lesson stands follows from what was decided of it, each time. */
@Service
@Transactional
public class Lessons implements LearnedChecks {
    private static final int LONGEST_REASON = 500;
    private static final Set<Office> DECIDE = EnumSet.of(Office.REVIEWER, Office.OWNER);

    private final LessonRepository lessons;
    private final LessonDecisionRepository decisions;
    private final LessonUseRepository uses;
    private final Jobs jobs;
    private final Stems stems;
    private final Lays lays;
    private final JobCache kept;
    private final House house;
    private final ApplicationEventPublisher events;
    private final JobLog log;
    private final Clock clock;

    Lessons(
            LessonRepository lessons,
            LessonDecisionRepository decisions,
            LessonUseRepository uses,
            Jobs jobs,
            Stems stems,
            Lays lays,
            JobCache kept,
            House house,
            ApplicationEventPublisher events,
            JobLog log,
            Clock clock) {
        this.lessons = lessons;
        this.decisions = decisions;
        this.uses = uses;
        this.jobs = jobs;
        this.stems = stems;
        this.lays = lays;
        this.kept = kept;
        this.house = house;
        this.events = events;
        this.log = log;
        this.clock = clock;
    }

    /**
     * A lesson as somebody proposes it.
     *
     * @param stem it was learned on; empty of what goes for the whole job
     * @param sure that the cause is this one
     */
    public record Proposal(Optional<String> stem, Optional<CauseKind> cause, boolean sure, Lesson lesson) {}

    /** What somebody decided. */
    public record Decided(LessonState.Decision decision, String reason, String by, Instant at) {}

    /** What somebody said of it on a job. */
    public record Use(String jobId, boolean helped, String by, Instant at) {}

    /**
     * A lesson and what became of it.
     *
     * @param asksToRetire it stands and was not said to have helped for a year
     */
    public record Known(
            String jobId,
            Optional<String> stem,
            Optional<CauseKind> cause,
            boolean sure,
            Lesson lesson,
            LessonState state,
            String proposedBy,
            String proposedById,
            Instant at,
            List<Decided> decided,
            List<Use> used,
            boolean asksToRetire) {
        public long helped() {
            return used.stream().filter(Use::helped).count();
        }

        /** @return what was said last of it on this job; empty while nobody did */
        public Optional<Boolean> helpedOn(String job) {
            return used.stream()
                    .filter(u -> u.jobId.equals(job))
                    .map(Use::helped)
                    .reduce((a, b) -> b);
        }

        /** @return whether this person may decide of it as it is */
        public boolean mayDecide(SignedIn who) {
            Set<Office> decide = lesson.rule().isPresent() ? EnumSet.of(Office.OWNER) : DECIDE;
            return decide.contains(who.office())
                    && (state == LessonState.STANDS
                            || state == LessonState.PROPOSED && !proposedById.equals(who.personId()));
        }
    }

    private record Work() {}

    /** @return all lessons of the house, the newest first */
    @Transactional(readOnly = true)
    public List<Known> all() {
        Map<String, List<LessonDecisionEntity>> decided =
                decisions.findAllByOrderByAt().stream().collect(Collectors.groupingBy(d -> d.lessonId));
        Map<String, List<LessonUseEntity>> used =
                uses.findAllByOrderByAt().stream().collect(Collectors.groupingBy(u -> u.lessonId));
        List<LessonEntity> newestFirst = lessons.findAllByOrderByAtDesc();
        Map<String, String> names = newestFirst.stream()
                .map(l -> l.jobId)
                .distinct()
                .collect(Collectors.toMap(j -> j, j -> jobs.job(j).name()));
        return newestFirst.stream()
                .map(l -> known(
                        l,
                        Require.present(names, l.jobId),
                        decided.getOrDefault(l.id, List.of()),
                        used.getOrDefault(l.id, List.of())))
                .toList();
    }

    /** @return what this person may read: crew see what stands and what they proposed themselves */
    @Transactional(readOnly = true)
    public List<Known> seenBy(SignedIn me) {
        return all().stream()
                .filter(l -> me.office() != Office.CREW
                        || l.state == LessonState.STANDS
                        || l.proposedById.equals(me.personId()))
                .toList();
    }

    private Known known(LessonEntity l, String job, List<LessonDecisionEntity> decided, List<LessonUseEntity> used) {
        LessonState state =
                LessonState.after(decided.stream().map(d -> d.decision).toList());
        Instant since = used.stream()
                .filter(u -> u.helped)
                .map(u -> u.at)
                .reduce((a, b) -> b)
                .orElseGet(() ->
                        decided.stream().map(d -> d.at).reduce((a, b) -> b).orElse(l.at));
        return new Known(
                l.jobId,
                Optional.ofNullable(l.stem),
                Optional.ofNullable(l.cause),
                Boolean.TRUE.equals(l.sure),
                new Lesson(
                        l.id,
                        Optional.ofNullable(l.idea),
                        l.words,
                        job,
                        l.becomes,
                        new Matches(
                                Optional.ofNullable(l.species),
                                Optional.ofNullable(l.wood),
                                Optional.ofNullable(l.means),
                                Optional.ofNullable(l.school),
                                Optional.ofNullable(l.defect)),
                        l.rule()),
                state,
                l.who,
                l.whoId == null ? "" : l.whoId,
                l.at,
                decided.stream()
                        .map(d -> new Decided(d.decision, d.reason, d.byName, d.at))
                        .toList(),
                used.stream()
                        .map(u -> new Use(u.jobId, u.helped, u.byName, u.at))
                        .toList(),
                // a rule of the house is used every day, whatever anybody says of it
                l.becomes != Becomes.HOUSE_RULE
                        && state.asksToRetire(
                                Duration.between(since, clock.instant()).toDays()));
    }

    /** @return those learned on this job, the oldest first */
    @Transactional(readOnly = true)
    public List<Known> of(String jobId) {
        return all().stream()
                .filter(l -> l.jobId.equals(jobId))
                .sorted((a, b) -> a.at.compareTo(b.at))
                .toList();
    }

    /** @return id of what was proposed; it stands once somebody else has approved it */
    public String propose(String jobId, Proposal p, SignedIn who) {
        if (p.stem.filter(label -> stems.labelled(jobId, label).isEmpty()).isPresent()) {
            throw new RefusedInput("UNKNOWN_STEM", "stem", Message.of(Answer.NOT_OF_JOB));
        }
        p.lesson.rule().ifPresent(this::requireStricter);
        LessonEntity l = new LessonEntity();
        l.id = UUID.randomUUID().toString();
        l.jobId = jobId;
        l.stem = p.stem.orElse(null);
        l.cause = p.cause.orElse(null);
        l.sure = p.cause.isPresent() ? p.sure : null;
        l.idea = p.lesson.idea().orElse(null);
        l.words = p.lesson.words();
        l.becomes = p.lesson.becomes();
        l.ruleThreshold = p.lesson.rule().map(Tightening::threshold).orElse(null);
        l.ruleValue = p.lesson.rule().map(Tightening::value).orElse(null);
        l.species = p.lesson.matches().species().orElse(null);
        l.wood = p.lesson.matches().wood().orElse(null);
        l.means = p.lesson.matches().means().orElse(null);
        l.school = p.lesson.matches().school().orElse(null);
        l.defect = p.lesson.matches().defect().orElse(null);
        l.who = who.name();
        l.whoId = who.personId();
        l.at = clock.instant();
        lessons.save(l);
        log.write(jobId, who.name(), Message.of(LogWords.LESSON).with("words", Arg.said(p.lesson.says())));
        jobs.touched(jobId, Change.REVIEW);
        return l.id;
    }

    /**
     * Approves, declines or retires it.
     *
     * @throws NotAllowed for anybody but reviewers and the owner, of a house rule for anybody but the owner, and for
     *     the one who proposed it
     * @throws RefusedInput where that does not follow on what was decided, or a reason is missing
     */
    public void decide(String lessonId, LessonState.Decision decision, String reason, SignedIn who) {
        Known l = all().stream()
                .filter(x -> x.lesson.id().equals(lessonId))
                .findFirst()
                .orElseThrow(NotThere::new);
        if (!decision.mayFollow(l.state)) {
            throw new RefusedInput("DECIDED", "decision", Message.of(Answer.LESSON_DECIDED));
        }
        if (!l.mayDecide(who)) {
            throw new NotAllowed(Message.of(Answer.WHO_DECIDES_LESSON));
        }
        if (decision == LessonState.Decision.APPROVED) {
            l.lesson.rule().ifPresent(this::requireStricter);
        }
        LessonDecisionEntity d = new LessonDecisionEntity();
        d.said(who, clock.instant());
        d.lessonId = lessonId;
        d.decision = decision;
        d.reason = decision == LessonState.Decision.APPROVED
                ? reason.strip()
                : Require.text(reason, LONGEST_REASON, "reason");
        decisions.saveAndFlush(d);
        log.write(
                l.jobId,
                who.name(),
                Message.of(LogWords.LESSON_DECIDED)
                        .with("decision", Arg.term(decision))
                        .with("words", Arg.said(l.lesson.says())));
        jobs.touched(l.jobId, Change.REVIEW);
        if (l.lesson.rule().isPresent()) {
            events.publishEvent(new HouseChanged());
        }
        if (decision != LessonState.Decision.DECLINED) { // what never stood is on no card
            jobs.open().stream().filter(j -> fits(j, l.lesson)).forEach(j -> jobs.touched(j, Change.LAY));
        }
    }

    /** A lesson never loosens a rule, nor says what is in force already. */
    private void requireStricter(Tightening rule) {
        Threshold t = rule.threshold();
        double now = house.rules().of(t);
        if (!t.stricter(rule.value(), now)) {
            throw new RefusedInput(
                    Message.of(Refusal.RULE_NOT_STRICTER)
                            .with("now", Arg.of(t.dimension(), now))
                            .with("more", Arg.flag(t.moreIsStricter())),
                    "rule.value");
        }
    }

    /** Whether it helped on this job. */
    public void used(String jobId, String lessonId, boolean helped, SignedIn who) {
        if (told(jobId).stream().noneMatch(l -> l.lesson.id().equals(lessonId))) {
            throw new NotThere();
        }
        LessonUseEntity u = new LessonUseEntity();
        u.said(who, clock.instant());
        u.lessonId = lessonId;
        u.jobId = jobId;
        u.helped = helped;
        uses.saveAndFlush(u);
        jobs.touched(jobId, Change.REVIEW);
    }

    /** @return the lessons of other jobs that stand and match work of this one, the newest first */
    @Transactional(readOnly = true)
    public List<Known> told(String jobId) {
        return told(jobId, all());
    }

    /** @param known all lessons of the house, for who asks of several jobs */
    public List<Known> told(String jobId, List<Known> known) {
        return known.stream()
                .filter(l -> l.state == LessonState.STANDS && !l.jobId.equals(jobId))
                .filter(l -> l.lesson.becomes() != Becomes.HOUSE_RULE)
                .filter(l -> fits(jobId, l.lesson))
                .toList();
    }

    /** What goes for everything is told before there is a stem too. */
    private boolean fits(String jobId, Lesson l) {
        return l.matches().equals(Matches.ALL)
                || work(jobId).stream().anyMatch(w -> l.matches().fits(w));
    }

    private List<Matches.Work> work(String jobId) {
        return kept.ofPlan(
                jobId, new Work(), () -> {
                    Map<String, Lays.StemChoice> chosen =
                            lays.chosen(jobId).stream().collect(Collectors.toMap(Lays.StemChoice::stemId, c -> c));
                    return stems.known(jobId).stream()
                            .flatMap(s -> Matches.work(
                                    s.reading(),
                                    Optional.ofNullable(chosen.get(s.id())).map(Lays.StemChoice::choice))
                                    .stream())
                            .toList();
                });
    }

    @Override
    @Transactional(readOnly = true)
    public List<CutStep> at(Matches.Work work) {
        return all().stream()
                .filter(l -> l.state == LessonState.STANDS && l.lesson.becomes() == Becomes.CHECK)
                .filter(l -> l.lesson.matches().fits(work))
                .map(l -> l.lesson.check())
                .toList();
    }
}
