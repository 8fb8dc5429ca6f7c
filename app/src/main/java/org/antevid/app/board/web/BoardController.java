package org.antevid.app.board.web;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.antevid.app.board.Marks;
import org.antevid.app.job.Jobs;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.people.SignedIn;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class BoardController {
    private static final int REMINDERS = 3;

    record Reminder(String fromJob, Message says, String who) {}

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

    /**
     * A page of the board.
     *
     * @param jobs open ones in the order of their visit, then the closed, the newest first
     * @param page counted from 0
     * @param pages how many there are
     * @param all jobs the person may see
     */
    record BoardPage(List<CardView> jobs, int page, int pages, int all) {}

    /** Cards a page: what fits a screen twice over. */
    private static final int A_PAGE = 24;

    private final Jobs jobs;
    private final Marks marks;
    private final Lessons lessons;

    BoardController(Jobs jobs, Marks marks, Lessons lessons) {
        this.jobs = jobs;
        this.marks = marks;
        this.lessons = lessons;
    }

    /** Which jobs are looked at. */
    enum BoardShow {
        OPEN,
        CLOSED,
        ALL
    }

    /**
     * A page of jobs, newest visit first, each with its mark and a small drawing.
     *
     * @param q part of a name or place, whatever its case; empty for all
     */
    @GetMapping("/api/board")
    BoardPage board(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "") @Size(max = 80) String q,
            @RequestParam(defaultValue = "ALL") BoardShow show) {
        List<Jobs.Job> seen = jobs.seenBy(me).stream()
                .filter(j -> show == BoardShow.ALL || j.closed() == (show == BoardShow.CLOSED))
                .filter(j -> named(j, q.strip().toLowerCase(Locale.ROOT)))
                .sorted(Comparator.comparing(Jobs.Job::closed).thenComparing(BoardController::nearer))
                .toList();
        int pages = Math.max(1, (seen.size() + A_PAGE - 1) / A_PAGE);
        int at = Math.min(page, pages - 1);
        List<Jobs.Job> here = seen.subList(at * A_PAGE, Math.min(seen.size(), (at + 1) * A_PAGE));
        Map<String, Marks.Mark> marked =
                marks.of(here.stream().map(Jobs.Job::id).toList());
        List<Lessons.Known> known = lessons.all();
        return new BoardPage(
                here.stream()
                        .map(j -> card(j, Require.present(marked, j.id()), reminders(j, known)))
                        .toList(),
                at,
                pages,
                seen.size());
    }

    private static boolean named(Jobs.Job j, String part) {
        return (j.name() + " " + j.place()).toLowerCase(Locale.ROOT).contains(part);
    }

    /** Of open jobs the next visit first, of closed ones the last. */
    private static int nearer(Jobs.Job a, Jobs.Job b) {
        int byVisit = a.visitOn().compareTo(b.visitOn());
        int order = a.closed() ? -byVisit : byVisit;
        return order != 0 ? order : a.name().compareTo(b.name());
    }

    private static CardView card(Jobs.Job j, Marks.Mark m, List<Reminder> reminders) {
        return new CardView(
                j.id(),
                j.name(),
                j.place(),
                j.visitOn(),
                j.closed(),
                m.stops(),
                m.secondOpinions(),
                m.cautions(),
                m.sketch(),
                reminders);
    }

    /** Lessons of other jobs that match work of this one; of a closed job nothing is to be remembered any more. */
    private List<Reminder> reminders(Jobs.Job job, List<Lessons.Known> known) {
        return job.closed()
                ? List.of()
                : lessons.told(job.id(), known).stream()
                        .map(l -> new Reminder(l.lesson().fromJob(), l.lesson().says(), l.proposedBy()))
                        .limit(REMINDERS)
                        .toList();
    }
}
