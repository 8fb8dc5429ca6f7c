package org.antevid.app.run.web;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import org.antevid.app.instrument.MadeUpSite;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.run.Instruments;
import org.antevid.app.run.Runs;
import org.antevid.core.run.watch.WatchKind;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Instruments that watch the run: what they read now, put to use, put away. */
@RestController
@RequestMapping("/api/jobs/{job}/run")
public class WatchController {
    /**
     * @param number as it stands on the device
     * @param personId who carries it, for a beacon alone
     */
    record InstrumentRequest(
            @NotNull WatchKind kind,
            @NotBlank @Size(max = 40) String number,
            @Nullable @Size(max = 60) String personId) {}

    record AwayRequest(@NotBlank @Size(max = 200) String reason) {}

    /**
     * What a simulated instrument shall read from now on.
     *
     * @param forceN of a line or a load, N, 0 to 1,000,000
     * @param at where a beacon is
     * @param silent nothing is heard of it any more
     */
    record MadeUpRequest(
            @Nullable Double forceN,
            @Nullable Spot at,
            @NotNull Boolean silent) {
        MadeUpSite.Told told() {
            return new MadeUpSite.Told(Optional.ofNullable(forceN), Optional.ofNullable(at), silent);
        }
    }

    record InstrumentId(String id) {}

    private final Runs runs;
    private final Instruments instruments;

    WatchController(Runs runs, Instruments instruments) {
        this.runs = runs;
        this.instruments = instruments;
    }

    /** What the instruments in use read now, against the limits of the briefed step. */
    @GetMapping("/watch")
    @Needs(Needs.Right.READ)
    List<WatchView> watch(@PathVariable String job) {
        return WatchView.of(runs.facts(job).watch());
    }

    /** Puts an instrument to use: from now on its silence is not known. */
    @PostMapping("/instruments")
    @Needs(Needs.Right.STEER)
    ResponseEntity<InstrumentId> use(
            @PathVariable String job,
            @Validated @RequestBody InstrumentRequest r,
            @AuthenticationPrincipal SignedIn me) {
        String id = instruments.use(job, r.kind, r.number, r.personId, me);
        return ResponseEntity.created(URI.create("/api/jobs/" + job + "/run/instruments/" + id))
                .body(new InstrumentId(id));
    }

    /** Puts one away, with the reason: nothing rests on it any more. */
    @PostMapping("/instruments/{id}/away")
    @Needs(Needs.Right.STEER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void away(
            @PathVariable String job,
            @PathVariable String id,
            @Validated @RequestBody AwayRequest r,
            @AuthenticationPrincipal SignedIn me) {
        instruments.putAway(job, id, r.reason, me);
    }

    /** Tells a simulated instrument what to read from now on. */
    @PostMapping("/instruments/{id}/made-up")
    @Needs(Needs.Right.STEER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void makeUp(@PathVariable String job, @PathVariable String id, @Validated @RequestBody MadeUpRequest r) {
        instruments.makeUp(job, id, r.told());
    }
}
