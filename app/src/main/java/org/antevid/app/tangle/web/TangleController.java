package org.antevid.app.tangle.web;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Require;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/tangle")
public class TangleController {
    record MethodView(
            String stem,
            List<String> ladder,
            String pull,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> keepOutM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> stripHalfM) {}

    record ReleaseStep(
            String kind,
            List<String> stems,
            double priority,
            List<String> before,
            List<String> changes,
            List<MethodView> methods) {}

    record HangArea(
            String hung,
            String support,
            List<Spot> beneath,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double keepOutM) {}

    record TangleView(
            List<Tangles.Relation> relations,
            List<ReleaseStep> order,
            List<List<String>> deadlocks,
            List<String> forbidden,
            List<String> notKnown,
            List<Tangles.Hang> hangs,
            List<HangArea> areas) {}

    record RelationRequest(
            @NotBlank String a,
            @NotNull Pile.Type type,
            @NotBlank String b) {}

    record HangRequest(
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN,
            @NotNull Boolean lockedInFork,
            @Size(max = 80) String guard,
            @Size(max = 200) String closure,
            Long version) {}

    private final Tangles tangles;

    TangleController(Tangles tangles) {
        this.tangles = tangles;
    }

    /** Hung and fallen stems with what bears on what, and the order to take them apart. */
    @GetMapping
    @Needs(Needs.Right.READ)
    TangleView tangle(@PathVariable String job) {
        Tangles.Answer a = tangles.answer(job);
        return new TangleView(
                tangles.relations(job),
                a.release().map(Release::steps).orElse(List.of()).stream()
                        .map(TangleController::step)
                        .toList(),
                a.release().map(Release::deadlocks).orElse(List.of()).stream()
                        .map(Release.Deadlock::stems)
                        .toList(),
                (a.hangs().isEmpty() ? List.<String>of() : Release.FORBIDDEN_WITH_HUNG_STEM)
                        .stream().map(f -> f.replace('_', ' ')).toList(),
                a.notKnown(),
                tangles.hangs(job),
                a.hangs().stream()
                        .map(h -> new HangArea(
                                h.hung(), h.support(), h.beneath().outline(), Rounding.up(h.keepOutM(), 0)))
                        .toList());
    }

    private static ReleaseStep step(Release.Step s) {
        return new ReleaseStep(
                s.kind().name().toLowerCase(Locale.ROOT),
                s.stems(),
                s.priority(),
                s.before(),
                s.changes(),
                s.stems().stream()
                        .map(id -> new MethodView(
                                id,
                                Require.present(s.method(), id).ladder().stream()
                                        .map(Speech.words()::term)
                                        .toList(),
                                Speech.words()
                                        .show(Arg.up(
                                                Dimension.PULL,
                                                Require.present(s.method(), id).pullN())),
                                Require.present(s.zone(), id).radiusM().map(r -> Rounding.up(r, 0)),
                                Require.present(s.zone(), id).stripHalfM().map(r -> Rounding.up(r, 1))))
                        .toList());
    }

    /** Records that one stem bears on another. */
    @PostMapping("/relations")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> relate(@PathVariable String job, @Validated @RequestBody RelationRequest r) {
        return Created.at(tangles.relate(job, r.a, r.type, r.b));
    }

    /** Takes such a relation back. */
    @DeleteMapping("/relations/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unrelate(@PathVariable String job, @PathVariable String id) {
        tangles.unrelate(job, id);
    }

    /** Records how a stem hangs, who guards it and what is closed. */
    @PutMapping("/hangs/{stem}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hang(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody HangRequest h) {
        tangles.record(
                job,
                stem,
                new Tangles.HangEntry(
                        h.tractorWinchN == null ? Optional.empty() : h.tractorWinchN,
                        h.handWinchN == null ? Optional.empty() : h.handWinchN,
                        h.lockedInFork,
                        h.guard,
                        h.closure),
                h.version);
    }
}
