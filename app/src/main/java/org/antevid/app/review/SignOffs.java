package org.antevid.app.review;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.records.Incidents;
import org.antevid.app.review.store.ReviewSignEntity;
import org.antevid.app.review.store.ReviewSignRepository;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.learn.LessonState;
import org.antevid.core.learn.LessonWords;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Incident;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A review signed by somebody who neither led nor cut. Whether it is signed follows from what was told since, each
 * time.
 */
@Service
@Transactional
public class SignOffs {
    private final ReviewSignRepository signs;
    private final Reviews reviews;
    private final Lessons lessons;
    private final Incidents incidents;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    SignOffs(
            ReviewSignRepository signs,
            Reviews reviews,
            Lessons lessons,
            Incidents incidents,
            Jobs jobs,
            JobLog log,
            Clock clock) {
        this.incidents = incidents;
        this.signs = signs;
        this.reviews = reviews;
        this.lessons = lessons;
        this.jobs = jobs;
        this.log = log;
        this.clock = clock;
    }

    /**
     * A signature under the review.
     *
     * @param missing what was missing when it was given
     * @param holds nothing was told after it
     */
    public record Signed(String by, Instant at, List<Message> missing, boolean holds) {}

    /**
     * Where the review stands.
     *
     * @param missing what is missing now, what weighs most first
     * @param signed the newest last
     * @param maySign whether the caller may sign it as it is
     */
    public record Standing(List<Message> missing, List<Signed> signed, boolean maySign) {}

    @Transactional(readOnly = true)
    public Standing of(String jobId, SignedIn who) {
        List<Signed> signed = signed(jobId);
        return new Standing(missing(jobId), signed, whyNot(jobId, signed, who).isEmpty());
    }

    /** @return what is missing of what happened, what weighs most first */
    @Transactional(readOnly = true)
    public List<Message> missing(String jobId) {
        Map<String, Reviews.Outcome> told = reviews.outcomes(jobId).stream()
                .map(Reviews.OutcomeHistory::outcome)
                .collect(Collectors.toMap(Reviews.Outcome::stem, Function.identity(), (a, b) -> b, TreeMap::new));
        List<Lessons.Known> learned = lessons.of(jobId);
        List<String> felled = reviews.felled(jobId);
        Stream<Message> notMeasured = felled.stream()
                .filter(s -> !told.containsKey(s))
                .map(s -> Message.of(LessonWords.NO_FALL_MEASURED).with("stem", Arg.name(s)));
        List<Reviews.Outcome> outside = told.values().stream()
                .filter(o -> Boolean.FALSE.equals(o.deviation().withinFan().orElse(true)))
                .toList();
        Stream<Message> noCause = outside.stream()
                .filter(o -> learned.stream()
                        .noneMatch(l -> l.stem().filter(o.stem()::equals).isPresent()))
                .map(o -> Message.of(LessonWords.NO_CAUSE_SAID).with("stem", Arg.name(o.stem())));
        Stream<Message> noStump = outside.stream()
                .filter(o -> o.measured().stump().hinge().leftM().isEmpty()
                        && o.measured().stump().hinge().rightM().isEmpty())
                .map(o -> Message.of(LessonWords.NO_STUMP_READ).with("stem", Arg.name(o.stem())));
        Stream<Message> open = learned.stream()
                .filter(l -> l.state() == LessonState.PROPOSED)
                .map(l -> Message.of(LessonWords.LESSON_OPEN)
                        .with("lesson", Arg.said(l.lesson().says())));
        Stream<Message> nearMiss = Stream.of(Message.of(LessonWords.NEAR_MISS_OPEN))
                .filter(m -> learned.isEmpty()
                        && incidents.of(jobId).stream()
                                .anyMatch(i -> i.incident().kind() == Incident.Kind.NEAR_MISS));
        return Stream.of(notMeasured, noCause, nearMiss, open, noStump)
                .flatMap(s -> s)
                .toList();
    }

    private List<Signed> signed(String jobId) {
        Optional<Instant> newest =
                reviews.outcomes(jobId).stream().map(o -> o.outcome().at()).max(Instant::compareTo);
        return signs.findByJobIdOrderByAt(jobId).stream()
                .map(s -> new Signed(
                        s.byName,
                        s.at,
                        List.of(StoredJson.read(s.missing, Message[].class)),
                        newest.filter(n -> n.isAfter(s.at)).isEmpty()))
                .toList();
    }

    private Optional<RuntimeException> whyNot(String jobId, List<Signed> signed, SignedIn who) {
        if (jobs.part(jobId, who).filter(p -> p == Part.REVIEWER).isEmpty() || reviews.ledOrCut(jobId, who)) {
            return Optional.of(new NotAllowed(Message.of(Answer.WHO_SIGNS_REVIEW)));
        }
        if (signed.stream().anyMatch(Signed::holds)) {
            return Optional.of(new RefusedInput("SIGNED", "review", Message.of(Answer.REVIEW_SIGNED)));
        }
        return reviews.felled(jobId).isEmpty()
                ? Optional.of(new RefusedInput("MISSING", "review", Message.of(Answer.NOTHING_TO_REVIEW)))
                : Optional.empty();
    }

    /**
     * Signs it with what is missing named.
     *
     * @throws NotAllowed for anybody but a reviewer, and for one who led or cut
     * @throws RefusedInput while a signature holds, and while nothing was felled
     */
    public void sign(String jobId, SignedIn who) {
        whyNot(jobId, signed(jobId), who).ifPresent(e -> {
            throw e;
        });
        ReviewSignEntity s = new ReviewSignEntity();
        s.said(who, clock.instant());
        s.jobId = jobId;
        List<Message> missing = missing(jobId);
        s.missing = StoredJson.write(missing);
        signs.saveAndFlush(s);
        log.write(jobId, who.name(), Message.of(LogWords.REVIEW_SIGNED).with("missing", Arg.count(missing.size())));
        jobs.touched(jobId, Change.REVIEW);
    }
}
