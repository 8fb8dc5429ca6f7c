package org.antevid.app.briefing.web;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.briefing.Presenting;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.core.brief.Cue;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.Talk;
import org.antevid.core.brief.TalkCard;
import org.antevid.core.judge.Phrase;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The briefing as it is held: ten cards for a step, and which one is shown just now. */
@RestController
@RequestMapping("/api/jobs/{job}")
public class TalkController {
    record TalkLine(String head, Optional<String> more, Optional<Cue.Sign> sign) {}

    /** @param called the part in one or two words, as it stands on the rail */
    record TalkCardView(TalkCard.Part part, String called, String heading, List<TalkLine> lines) {}

    record TalkStep(int turn, String title) {}

    /**
     * @param turn of the step that is told
     * @param steps all that are told on their own
     * @param stem label of the stem the step is about
     * @param plan as it was frozen, to be drawn
     */
    record TalkView(
            int number,
            int turn,
            List<TalkStep> steps,
            List<TalkCardView> cards,
            Optional<String> stem,
            PlanDocument plan) {}

    /** @param mine the caller shows it */
    record ShownCard(int number, int turn, TalkCard.Part part, String by, boolean mine) {}

    record ShowRequest(
            @NotNull Integer number,
            @NotNull Integer turn,
            @NotNull TalkCard.Part part) {}

    private final Briefings briefings;
    private final Presenting presenting;

    TalkController(Briefings briefings, Presenting presenting) {
        this.briefings = briefings;
        this.presenting = presenting;
    }

    /**
     * A briefing as cards for one step.
     *
     * @param turn of the step; the first that is told when it is left out
     */
    @GetMapping("/briefings/{number}/talk")
    @Needs(Needs.Right.READ)
    TalkView talk(@PathVariable String job, @PathVariable int number, @RequestParam(required = false) Integer turn) {
        Briefings.Issue issue = briefings.number(job, number).orElseThrow(NotThere::new);
        List<PlanDocument.StepPart> steps = Talk.steps(issue.plan());
        PlanDocument.StepPart step = steps.stream()
                .filter(s -> turn == null || s.turn() == turn)
                .findFirst()
                .orElseThrow(NotThere::new);
        return new TalkView(
                issue.number(),
                step.turn(),
                steps.stream().map(s -> new TalkStep(s.turn(), title(s))).toList(),
                Talk.of(issue.plan(), step, issue.dangers(step)).stream()
                        .map(TalkController::card)
                        .toList(),
                step.stem(),
                issue.plan());
    }

    private static String title(PlanDocument.StepPart s) {
        return Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work()));
    }

    private static TalkCardView card(TalkCard c) {
        return new TalkCardView(
                c.part(),
                Speech.words().term(c.part()),
                Speech.words().term(c.part().heading()),
                c.lines().stream()
                        .map(l -> new TalkLine(
                                Speech.words().say(l.head()), l.more().map(Speech.words()::say), l.sign()))
                        .toList());
    }

    /** The card that is shown to the crew just now; empty when none is. */
    @GetMapping("/shown")
    @Needs(Needs.Right.READ)
    Optional<ShownCard> shown(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return presenting
                .of(job)
                .map(s -> new ShownCard(
                        s.number(), s.turn(), s.part(), s.name(), s.personId().equals(me.personId())));
    }

    /** Shows a card on every phone. */
    @PutMapping("/shown")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void show(@PathVariable String job, @Validated @RequestBody ShowRequest s, @AuthenticationPrincipal SignedIn me) {
        Briefings.Issue issue = briefings.number(job, s.number).orElseThrow(NotThere::new);
        presenting.show(job, issue.number(), s.turn, s.part, me);
    }

    /** The briefing is over: no card is shown any more. */
    @DeleteMapping("/shown")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void over(@PathVariable String job) {
        presenting.over(job);
    }
}
