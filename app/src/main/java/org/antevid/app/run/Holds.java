package org.antevid.app.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.app.job.Change;
import org.antevid.app.job.Headlines;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.run.store.RunEventEntity;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.brief.AfterSurprise;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.Course;
import org.antevid.core.run.Happening;
import org.antevid.core.run.Hold;
import org.antevid.core.run.LiftReason;
import org.antevid.core.run.LogWords;
import org.antevid.core.run.ReceiptWords;
import org.antevid.core.run.Sounding;
import org.antevid.core.run.Surprise;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;

/**
 * Stop calls. A press is appended and conflicts with nothing; anyone presses, only the leader lifts, and only what he
 * has seen.
 */
@Service
public class Holds implements Headlines {
    /** A phone that slept may bring a press this old; older ones are a clock gone wrong. */
    private static final Duration LATE = Duration.ofSeconds(5);

    private static final Duration OLDEST_PRESS = Duration.ofHours(24);

    private final RunBook book;
    private final Runs runs;
    private final Jobs jobs;
    private final JobLog log;

    Holds(RunBook book, Runs runs, Jobs jobs, JobLog log) {
        this.book = book;
        this.runs = runs;
        this.jobs = jobs;
        this.log = log;
    }

    /** A press as people see it: when it was pressed, and when it arrived. */
    public record PressView(String id, String who, String personId, String reason, Instant at, Instant arrivedAt) {}

    /**
     * Somebody saw it, or says that all is stopped.
     *
     * @param says who, how long after the press had arrived here, and where it made no sound
     */
    public record ReceiptView(String personId, String who, Happening.Kind state, Instant at, Message says) {}

    /**
     * @param id of the press that called it
     * @param through what a lift has to name: its newest press
     * @param what it was called for, once somebody said
     * @param because what an instrument read, when it was one that called it
     * @param first the first thing that is done then
     */
    public record HoldView(
            String id,
            long through,
            String who,
            String personId,
            String reason,
            Instant at,
            Instant arrivedAt,
            List<PressView> presses,
            List<ReceiptView> receipts,
            boolean lifted,
            Optional<String> liftedBy,
            Optional<Message> liftReason,
            Optional<Message> what,
            Optional<Message> because,
            Optional<Message> first) {}

    private static Message why(RunEventEntity lift) {
        return Message.of(LogWords.LIFTED_BECAUSE)
                .with("why", Arg.term(LiftReason.valueOf(lift.detail)))
                .with("words", Optional.of(Arg.name(lift.reason)).filter(x -> !lift.reason.isEmpty()));
    }

    private static Message says(RunEventEntity receipt, Instant pressed) {
        double afterS = Math.max(0, Duration.between(pressed, receipt.at).toMillis() / 1000.0);
        return Message.of(ReceiptWords.SEEN)
                .with("person", Arg.name(receipt.who))
                .with("after", Arg.up(Dimension.TIME, afterS))
                .with("mute", Arg.flag(Sounding.MUTE.name().equals(receipt.detail)));
    }

    /** The hold that stands, with its receipts, or none. */
    public record Headline(Optional<HoldView> hold) {}

    @Override
    public Object of(String jobId) {
        return new Headline(holds(jobId).stream().filter(h -> !h.lifted()).findFirst());
    }

    /** @return newest first */
    public List<HoldView> holds(String jobId) {
        List<RunEventEntity> lines = book.lines(jobId);
        Map<Long, RunEventEntity> bySeq = lines.stream().collect(Collectors.toMap(l -> l.seq, Function.identity()));
        Course course = RunBook.course(lines);
        return course.holds().stream()
                .map(h -> view(h, bySeq, course.surprise(h)))
                .sorted(Comparator.comparingLong(HoldView::through).reversed())
                .toList();
    }

    private static HoldView view(Hold hold, Map<Long, RunEventEntity> lines, Optional<Happening> surprise) {
        List<PressView> presses = hold.presses().stream()
                .map(p -> Require.present(lines, p.seq()))
                .map(l -> new PressView(l.subject, l.who, l.personId, l.reason, l.pressed(), l.at))
                .toList();
        PressView first = presses.get(0);
        List<ReceiptView> receipts = hold.receipts().stream()
                .map(r -> lines.get(r.seq()))
                .map(l -> new ReceiptView(l.personId, l.who, l.kind, l.at, says(l, first.arrivedAt)))
                .collect(Collectors.toMap(
                        r -> r.personId + r.state, Function.identity(), (a, b) -> a, java.util.LinkedHashMap::new))
                .values()
                .stream()
                .toList();
        Optional<Surprise> what = surprise.map(s -> Surprise.valueOf(s.detail()));
        Optional<RunEventEntity> lift = hold.lift().map(l -> lines.get(l.seq()));
        return new HoldView(
                hold.presses().get(0).subject(),
                hold.newest(),
                first.who,
                first.personId,
                first.reason,
                first.at,
                first.arrivedAt,
                presses,
                receipts,
                lift.isPresent(),
                lift.map(l -> l.who),
                lift.map(Holds::why),
                what.map(Message::of),
                surprise.map(s -> Require.present(lines, s.seq()).reason)
                        .filter(r -> !r.isEmpty())
                        .map(StoredJson::message),
                what.map(w -> Message.of(w.first())));
    }

    /**
     * Anyone on the job, at any time. The same id twice is one press.
     *
     * @param pressedAgo how long ago it was pressed, by the clock of the phone alone
     */
    public void press(String jobId, String id, String reason, Duration pressedAgo, SignedIn who) {
        String clean = reason == null ? "" : reason.strip();
        Duration ago = pressedAgo.isNegative() || pressedAgo.compareTo(OLDEST_PRESS) > 0 ? Duration.ZERO : pressedAgo;
        Require.text(id, 60, "id");
        book.append(
                jobId, new RunBook.Line(Happening.Kind.PRESSED, id, "", 0, clean, Optional.of(ago)), id, who, () -> {
                    log.write(
                            jobId,
                            who.name(),
                            Message.of(LogWords.HOLD_PRESSED)
                                    .with("reason", Optional.of(Arg.name(clean)).filter(x -> !clean.isEmpty()))
                                    .with("minutes", part(ago, ago.toMinutes()).filter(x -> ago.toMinutes() > 0))
                                    .with("seconds", part(ago, ago.toSecondsPart())));
                    jobs.touched(jobId, Change.HOLD);
                });
    }

    /** An instrument has crossed its limit while a step runs: everything stops, and everybody is told why. */
    void forced(String jobId, Instruments.Now now) {
        String id = "watch-" + UUID.randomUUID();
        press(jobId, id, "", Duration.ZERO, Runs.WATCH);
        now.watched()
                .forces()
                .ifPresent(what -> called(jobId, id, what, now.watched().says()));
    }

    private void called(String jobId, String id, Surprise what, Message says) {
        String why = StoredJson.write(says);
        book.append(
                jobId,
                new RunBook.Line(Happening.Kind.SURPRISED, id, what.name(), 0, why, Optional.empty()),
                "",
                Runs.WATCH,
                () -> {
                    log.write(
                            jobId,
                            Runs.WATCH.name(),
                            Message.of(LogWords.SURPRISE).with("what", Arg.said(says)));
                    jobs.touched(jobId, Change.HOLD);
                });
    }

    /** @return a part of how late it came; a press that came at once says nothing of it */
    private static Optional<Arg> part(Duration ago, long count) {
        return Optional.of(Arg.count(count)).filter(x -> ago.compareTo(LATE) >= 0);
    }

    /** What a hold that stands was called for; anyone of the job, the newest counts. Ends and lifts nothing. */
    public void surprise(String jobId, String holdId, Surprise what, String id, SignedIn who) {
        Hold hold = hold(runs.facts(jobId).course(), holdId);
        if (!hold.stands()) {
            throw new RefusedInput("CHANGED", "hold", Message.of(Answer.HOLD_LIFTED_ALREADY));
        }
        book.append(jobId, RunBook.Line.of(Happening.Kind.SURPRISED, holdId, what.name()), id, who, () -> {
            log.write(jobId, who.name(), Message.of(LogWords.SURPRISE).with("what", Arg.said(Message.of(what))));
            jobs.touched(jobId, Change.HOLD);
        });
    }

    /** @return what can be done next after what the hold was called for; nothing before somebody said, or briefed */
    public List<AfterSurprise> next(String jobId, String holdId) {
        RunFacts facts = runs.facts(jobId);
        return facts.course()
                .surprise(hold(facts.course(), holdId))
                .flatMap(s -> facts.watch().step().map(w -> {
                    Surprise what = Surprise.valueOf(s.detail());
                    return AfterSurprise.of(what, w.plan(), w.step());
                }))
                .orElse(List.of());
    }

    /**
     * Seen by anyone; stopped only by the cutter, the lookout or who runs the winch of the step.
     *
     * @param sounding whether the phone that shows it sounds too; empty where it did not say
     */
    public void receipt(
            String jobId, String holdId, Happening.Kind state, Optional<Sounding> sounding, String id, SignedIn who) {
        if (state != Happening.Kind.SEEN && state != Happening.Kind.STOPPED) {
            throw new RefusedInput("BAD_CHOICE", "state", Message.of(Answer.SEEN_OR_STOPPED));
        }
        RunFacts facts = runs.facts(jobId);
        Hold hold = hold(facts.course(), holdId);
        if (hold.receipts().stream()
                .anyMatch(r -> r.kind() == state && r.personId().equals(who.personId()))) {
            return;
        }
        boolean stopped = state == Happening.Kind.STOPPED;
        if (stopped
                && facts.step().stream()
                        .flatMap(s -> s.posts().stream())
                        .noneMatch(p ->
                                p.personId().equals(who.personId()) && p.role().saysStopped())) {
            throw new NotAllowed(Message.of(Answer.WHO_CONFIRMS_STOPPED));
        }
        String sounds = sounding.map(Enum::name).orElse("");
        book.append(jobId, RunBook.Line.of(state, holdId, sounds), id, who, () -> {
            if (stopped) {
                log.write(jobId, who.name(), Message.of(LogWords.STOPPED));
            }
            jobs.touched(jobId, stopped ? Change.HOLD : Change.SEEN);
        });
    }

    private static Hold hold(Course course, String holdId) {
        return course.holds().stream()
                .filter(h -> h.presses().stream().anyMatch(p -> p.subject().equals(holdId)))
                .findFirst()
                .orElseThrow(NotThere::new);
    }

    /** @param through the newest press the leader has seen; one that crossed this lift stands on */
    public void lift(
            String jobId, String holdId, long through, LiftReason reason, String words, String id, SignedIn leader) {
        Course course = book.course(jobId);
        Hold hold = hold(course, holdId);
        if (!hold.stands()) {
            throw new RefusedInput(Refusal.LIFTED, "hold");
        }
        if (through < hold.presses().get(0).seq() || through > course.newest()) {
            throw new RefusedInput(Refusal.NEWEST_PRESS, "through");
        }
        String said = words == null ? "" : words.strip();
        book.append(
                jobId,
                new RunBook.Line(Happening.Kind.LIFTED, holdId, reason.name(), through, said, Optional.empty()),
                id,
                leader,
                () -> {
                    log.write(
                            jobId,
                            leader.name(),
                            Message.of(LogWords.HOLD_LIFTED)
                                    .with("why", Arg.term(reason))
                                    .with("words", Optional.of(Arg.name(said)).filter(x -> !said.isEmpty())));
                    jobs.touched(jobId, Change.HOLD);
                });
    }
}
