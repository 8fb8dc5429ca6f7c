package org.antevid.app.board;

import java.time.LocalDate;
import java.util.List;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.plan.Documents;
import org.antevid.app.plan.Plans;
import org.antevid.app.review.Reviews;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BoardController {
    private static final int REMINDERS = 3;

    record Reminder(String fromJob, String words, String who) {}

    record CardView(
            String id,
            String name,
            String place,
            LocalDate visitOn,
            boolean closed,
            long stops,
            long secondOpinions,
            long cautions,
            PlanDocument plan,
            List<Reminder> reminders) {}

    private final Jobs jobs;
    private final Documents documents;
    private final Plans plans;
    private final Reviews reviews;

    BoardController(Jobs jobs, Documents documents, Plans plans, Reviews reviews) {
        this.jobs = jobs;
        this.documents = documents;
        this.plans = plans;
        this.reviews = reviews;
    }

    @GetMapping("/api/board")
    List<CardView> board(@AuthenticationPrincipal SignedIn me) {
        List<Jobs.Job> seen = jobs.seenBy(me);
        return seen.stream()
                .map(j -> {
                    List<Finding> findings = plans.findings(j.id());
                    return new CardView(
                            j.id(),
                            j.name(),
                            j.place(),
                            j.visitOn(),
                            j.closed(),
                            open(findings, Severity.STOP),
                            open(findings, Severity.SECOND_OPINION),
                            open(findings, Severity.CAUTION),
                            documents.of(j.id()),
                            reminders(j, seen));
                })
                .toList();
    }

    /** Newest lessons of the jobs that came before. */
    private List<Reminder> reminders(Jobs.Job job, List<Jobs.Job> seen) {
        return seen.stream()
                .filter(o -> o.visitOn().isBefore(job.visitOn()))
                .flatMap(o -> reviews.lessons(o.id()).stream().map(l -> new Reminder(o.name(), l.words(), l.who())))
                .limit(REMINDERS)
                .toList();
    }

    private static long open(List<Finding> findings, Severity severity) {
        return findings.stream()
                .filter(f -> f.severity() == severity && f.open())
                .count();
    }
}
