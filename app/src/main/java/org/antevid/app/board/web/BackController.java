package org.antevid.app.board.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Jobs;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.logbook.Logbook;
import org.antevid.app.people.SignedIn;
import org.antevid.core.learn.LessonState;
import org.antevid.core.message.Message;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class BackController {
    /**
     * What comes back of the work that is done.
     *
     * @param unmeasured felled stems of jobs the caller may open, the newest first, at most 200
     * @param learnedLast the newest lesson that stands
     */
    record BackView(List<UnmeasuredView> unmeasured, Optional<LearnedLastView> learnedLast) {}

    record UnmeasuredView(String jobId, String job, String stem) {}

    record LearnedLastView(Message says, String fromJob) {}

    private static final int MOST = 200;

    private final Logbook logbook;
    private final Lessons lessons;
    private final Jobs jobs;

    BackController(Logbook logbook, Lessons lessons, Jobs jobs) {
        this.jobs = jobs;
        this.logbook = logbook;
        this.lessons = lessons;
    }

    /** Falls nobody measured yet, and what was learned last. */
    @GetMapping("/api/board/back")
    BackView back(@AuthenticationPrincipal SignedIn me) {
        return new BackView(
                logbook.unmeasured(me).stream()
                        .filter(u -> jobs.part(u.jobId(), me).isPresent())
                        .map(u -> new UnmeasuredView(u.jobId(), u.job(), u.stem()))
                        .limit(MOST)
                        .toList(),
                lessons.all().stream()
                        .filter(l -> l.state() == LessonState.STANDS)
                        .findFirst()
                        .map(l -> new LearnedLastView(
                                l.lesson().says(), l.lesson().fromJob())));
    }
}
