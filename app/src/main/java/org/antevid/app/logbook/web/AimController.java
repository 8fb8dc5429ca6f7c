package org.antevid.app.logbook.web;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.logbook.Aims;
import org.antevid.app.people.SignedIn;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
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
@RequestMapping("/api/jobs/{job}/stems/{stem}/aim")
public class AimController {
    /**
     * What earlier falls of whoever cuts a stem say of its lay.
     *
     * @param otherwiseRingM kept clear if it were decided the other way
     * @param pull mean of the misses where they turn to one side, right positive; told, never applied
     */
    record AimView(
            String sawyer,
            AimRecord.Learned learned,
            boolean wider,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double ringM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double otherwiseRingM,
            Optional<PullView> pull,
            List<DecisionView> decided) {}

    record PullView(
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double deg) {}

    record DecisionView(boolean taken, int falls, Instant at, String by) {}

    /** @param aim empty below three falls, and while nobody is named who cuts it */
    record AimAnswer(Optional<AimView> aim) {}

    record DecideRequest(@NotNull Boolean taken) {}

    private final Aims aims;

    AimController(Aims aims) {
        this.aims = aims;
    }

    /** What earlier falls of whoever is to cut this stem say of its lay. */
    @GetMapping
    @Needs(Needs.Right.READ)
    AimAnswer aim(@PathVariable String job, @PathVariable String stem) {
        return new AimAnswer(aims.compared(job, stem)
                .map(c -> new AimView(
                        c.record().name(),
                        c.with(),
                        c.with().wider(),
                        c.ringM(),
                        c.otherwiseRingM(),
                        c.record().pullDeg().map(PullView::new),
                        c.decided().stream()
                                .map(d -> new DecisionView(d.taken(), d.falls(), d.at(), d.by()))
                                .toList())));
    }

    /** Uses them in this job's plan, or no longer; each decision stays readable. */
    @PutMapping
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody DecideRequest d,
            @AuthenticationPrincipal SignedIn me) {
        aims.decide(job, stem, d.taken, me);
    }
}
