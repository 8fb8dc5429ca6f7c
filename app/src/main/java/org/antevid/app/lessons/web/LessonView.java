package org.antevid.app.lessons.web;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.learn.Becomes;
import org.antevid.core.learn.LessonState;
import org.antevid.core.message.Message;

/**
 * A lesson as it is read.
 *
 * @param cause as somebody said it, empty where nobody did
 * @param where the work it is told at, in words; empty for all of it
 * @param helped how often somebody said so, of {@code uses}
 * @param helpedHere what somebody said of it on the job it is told on; empty while nobody did
 * @param mayDecide the caller may decide of it
 */
record LessonView(
        String id,
        String jobId,
        String fromJob,
        Optional<String> stem,
        Message says,
        Optional<String> cause,
        boolean sure,
        Becomes becomes,
        String becomesWords,
        List<String> where,
        LessonState state,
        String stateWords,
        String proposedBy,
        Instant at,
        List<DecidedView> decided,
        long helped,
        long uses,
        Optional<Boolean> helpedHere,
        boolean mayDecide,
        boolean asksToRetire) {
    record DecidedView(String words, String reason, String by, Instant at) {}

    static LessonView of(Lessons.Known l, SignedIn me) {
        return of(l, "", me);
    }

    /** @param job it is read on */
    static LessonView of(Lessons.Known l, String job, SignedIn me) {
        return new LessonView(
                l.lesson().id(),
                l.jobId(),
                l.lesson().fromJob(),
                l.stem(),
                l.lesson().says(),
                l.cause().map(LessonView::said),
                l.sure(),
                l.lesson().becomes(),
                said(l.lesson().becomes()),
                Stream.of(
                                l.lesson().matches().species().map(LessonView::said),
                                l.lesson().matches().wood().map(LessonView::said),
                                l.lesson().matches().means().map(LessonView::said),
                                l.lesson().matches().school().map(LessonView::said),
                                l.lesson().matches().defect().map(LessonView::said))
                        .flatMap(Optional::stream)
                        .toList(),
                l.state(),
                said(l.state()),
                l.proposedBy(),
                l.at(),
                l.decided().stream()
                        .map(d -> new DecidedView(said(d.decision()), d.reason(), d.by(), d.at()))
                        .toList(),
                l.helped(),
                l.used().size(),
                l.helpedOn(job),
                l.mayDecide(me),
                l.asksToRetire());
    }

    private static String said(Enum<?> value) {
        return Speech.words().term(value);
    }
}
