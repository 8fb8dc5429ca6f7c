package org.antevid.app.judgement.web;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.job.Needs;
import org.antevid.app.judgement.DayCalendar;
import org.antevid.app.judgement.Rosters;
import org.antevid.app.reader.Speech;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.roster.RosterBounds;
import org.antevid.core.crew.roster.RosterChain;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.crew.DayRoster;
import org.antevid.core.judge.crew.DayTimes;
import org.antevid.core.judge.crew.Mend;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Stage 6: what mends the day's plan of people and steps, how long it takes, and a shorter one. */
@RestController
@RequestMapping("/api/jobs/{job}/roster")
public class RosterController {
    /**
     * @param findings keys of the findings it mends
     * @param change the change itself, to be sent back when it is wanted
     */
    record MendView(List<String> findings, String words, String change) {}

    /** @param what person, ground or equipment that binds */
    record WaitView(String step, RosterChain.Why why, Optional<String> what) {}

    /**
     * @param likely80Min done by then in four days out of five
     * @param lightSpareMin minutes of light left then; less than none is after dark; empty while it is not known
     * @param lowestMin no plan ends sooner; empty where the work cannot be done by these people
     * @param binds why it cannot
     */
    record TimesView(
            int endMin,
            int likely80Min,
            Optional<Integer> lightSpareMin,
            Optional<Integer> lowestMin,
            Optional<String> binds,
            List<WaitView> waits) {}

    record RosterView(Optional<TimesView> times, List<MendView> mends) {}

    record MendRequest(@NotBlank String finding, @NotBlank String change) {}

    /** @param lists how many orders are tried */
    record TakeRequest(
            @NotNull @Min(0) @Max(5000) Integer lists,
            @NotNull Integer endMin) {}

    record MoreView(Competence competence, int savesMin) {}

    record TurnView(String step, String title, int startMin, int endMin, String who) {}

    /** @param oneMore what one person more would save, largest first */
    record ShorterView(int endMin, int lowestMin, boolean provenBest, List<TurnView> changes, List<MoreView> oneMore) {}

    private final Rosters rosters;
    private final DayCalendar calendar;

    RosterController(Rosters rosters, DayCalendar calendar) {
        this.rosters = rosters;
        this.calendar = calendar;
    }

    /** The smallest change that mends each finding about the crew; when the day ends and what it waits for. */
    @GetMapping
    @Needs(Needs.Right.READ)
    RosterView roster(@PathVariable String job) {
        Rosters.Day day = rosters.day(job);
        return new RosterView(
                day.times().map(t -> view(day.roster(), t)),
                day.mends().stream().map(RosterController::view).toList());
    }

    /** Makes the change that mends a finding, as it was shown; another one by now is refused. */
    @PostMapping("/mend")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mend(@PathVariable String job, @Validated @RequestBody MendRequest m) {
        rosters.mend(job, m.finding, m.change);
    }

    /** A shorter day for the same people, where there is one; more lists is thinking longer. */
    @GetMapping("/shorter")
    @Needs(Needs.Right.LEAD)
    Optional<ShorterView> shorter(
            @PathVariable String job, @RequestParam(defaultValue = "300") @Min(0) @Max(5000) int lists) {
        return rosters.shorter(job, lists).map(s -> view(rosters.roster(job), s));
    }

    /** Takes the shorter day over as it was shown. */
    @PostMapping("/shorter")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@PathVariable String job, @Validated @RequestBody TakeRequest t) {
        rosters.take(job, t.lists, t.endMin);
    }

    /** The steps ahead as a calendar file, once it is said when work starts. */
    @GetMapping(value = "/calendar.ics", produces = "text/calendar")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> calendar(@PathVariable String job) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=day.ics")
                .body(calendar.of(job, Speech.words()));
    }

    private static MendView view(Mend m) {
        return new MendView(
                m.findings(), Speech.words().say(m.says()), m.change().toString());
    }

    private static TimesView view(DayRoster day, DayTimes t) {
        return new TimesView(
                t.endMin(),
                t.chain().likely80Min(),
                t.lightSpareMin(day).stream().boxed().findFirst(),
                t.bounds().map(RosterBounds::lowestMin),
                t.binds(day).map(Speech.words()::say),
                t.chain().links().stream()
                        .map(l -> new WaitView(l.duty(), l.why(), l.what().map(day::name)))
                        .toList());
    }

    private static ShorterView view(DayRoster day, DayTimes.Shorter s) {
        return new ShorterView(
                s.endMin(),
                s.lowestMin(),
                s.provenBest(),
                s.steps().stream().map(st -> view(day, st)).toList(),
                s.oneMore().entrySet().stream()
                        .sorted(Map.Entry.<Competence, Integer>comparingByValue(Comparator.reverseOrder())
                                .thenComparing(Map.Entry.comparingByKey()))
                        .map(e -> new MoreView(e.getKey(), e.getValue()))
                        .toList());
    }

    private static TurnView view(DayRoster day, Step st) {
        return new TurnView(
                st.id(),
                Speech.words().say(Phrase.step(st.kind(), st.stem(), st.work())),
                st.startMin(),
                st.endMin(),
                st.posts().stream().map(p -> day.name(p.personId())).collect(Collectors.joining(", ")));
    }
}
