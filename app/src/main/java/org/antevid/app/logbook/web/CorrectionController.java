package org.antevid.app.logbook.web;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.logbook.Corrections;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.learn.CorrectionKind;
import org.antevid.core.message.Message;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/stems/{stem}/corrections")
public class CorrectionController {
    /**
     * What the house has measured before, beside the plan of this stem.
     *
     * @param measured how many falls or weights it rests on
     * @param was of the tables: sigma in degrees, chance 0..1, or 1 of a mass
     * @param becomes the same with what was measured
     * @param used whether the plan rests on it
     * @param mayBeTaken whether a person may take it
     * @param of what it rests on, in words
     * @param says what it makes of the table's value
     * @param effect what it does to this plan
     * @param use whether it is in use, and why
     * @param told beside it, never applied
     */
    record HouseCorrectionView(
            CorrectionKind kind,
            int measured,
            double was,
            double becomes,
            boolean used,
            boolean mayBeTaken,
            String of,
            String says,
            Optional<String> effect,
            String use,
            Optional<String> told,
            List<DecisionView> decided) {}

    record DecisionView(boolean taken, int measured, Instant at, String by) {}

    record DecideRequest(@NotNull Boolean taken) {}

    private final Corrections corrections;

    CorrectionController(Corrections corrections) {
        this.corrections = corrections;
    }

    /** What the house has measured before that bears on this stem; empty where that is nothing. */
    @GetMapping
    @Needs(Needs.Right.READ)
    List<HouseCorrectionView> corrections(@PathVariable String job, @PathVariable String stem) {
        return corrections.compared(job, stem).stream()
                .map(c -> new HouseCorrectionView(
                        c.kind(),
                        c.measured(),
                        c.was(),
                        c.becomes(),
                        c.used(),
                        c.mayBeTaken(),
                        say(c.of()),
                        say(c.says()),
                        c.effect().map(CorrectionController::say),
                        say(c.use()),
                        c.told().map(CorrectionController::say),
                        c.decided().stream()
                                .map(d -> new DecisionView(d.taken(), d.measured(), d.at(), d.by()))
                                .toList()))
                .toList();
    }

    private static String say(Message m) {
        return Speech.words().say(m);
    }

    /** Uses it in this job's plan, or no longer; each decision stays readable. */
    @PutMapping("/{kind}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(
            @PathVariable String job,
            @PathVariable String stem,
            @PathVariable CorrectionKind kind,
            @Validated @RequestBody DecideRequest d,
            @AuthenticationPrincipal SignedIn me) {
        corrections.decide(job, stem, kind, d.taken, me);
    }
}
