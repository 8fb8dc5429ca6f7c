package org.antevid.app.review.web;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.review.Reviews;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.StumpReading;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/review")
public class ReviewController {
    /**
     * @param told the felled stems whose fall the caller may tell
     * @param by how a tip may be measured
     * @param controls what may become of a fall
     */
    record ReviewView(
            List<Reviews.OutcomeHistory> outcomes,
            List<Reviews.Lesson> lessons,
            List<String> told,
            List<ByChoice> by,
            List<ControlChoice> controls) {}

    record ByChoice(MeasuredBy by, String words) {}

    record ControlChoice(Control control, String words) {}

    record OutcomeRequest(
            @NotNull Double bearingDeg,
            @NotNull Double distanceM,
            @NotNull MeasuredBy by,
            @NotNull Control control,
            Optional<Double> hingeLeftM,
            Optional<Double> hingeRightM,
            Optional<Double> hingeLengthM,
            Optional<Double> notchLineDeg,
            @Size(max = 500) String surprise,
            Boolean sure,
            @Size(max = 200) String reason,
            @Size(max = 60) String id) {
        private static Optional<Double> or(Optional<Double> o) {
            return o == null ? Optional.empty() : o;
        }
    }

    record LessonRequest(@NotBlank @Size(max = 500) String words) {}

    private final Reviews reviews;

    ReviewController(Reviews reviews) {
        this.reviews = reviews;
    }

    /** What was planned and what happened, stem by stem, with the lessons. */
    @GetMapping
    @Needs(Needs.Right.READ)
    ReviewView review(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return new ReviewView(
                reviews.outcomes(job),
                reviews.lessons(job),
                reviews.told(job, me),
                Stream.of(MeasuredBy.values())
                        .map(b -> new ByChoice(b, Speech.words().term(b)))
                        .toList(),
                Stream.of(Control.values())
                        .map(c -> new ControlChoice(c, Speech.words().term(c)))
                        .toList());
    }

    /**
     * Records where a stem came to lie and what its stump shows; odd numbers are asked back once. Leader, reviewers and
     * who had the saw may.
     */
    @PutMapping("/outcomes/{stem}")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void outcome(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody OutcomeRequest o,
            @AuthenticationPrincipal SignedIn me) {
        Reviews.FallMeasures measured = new Reviews.FallMeasures(
                o.bearingDeg,
                o.distanceM,
                Optional.of(o.by),
                Optional.of(o.control),
                new StumpReading(
                        OutcomeRequest.or(o.hingeLeftM),
                        OutcomeRequest.or(o.hingeRightM),
                        OutcomeRequest.or(o.hingeLengthM),
                        OutcomeRequest.or(o.notchLineDeg)),
                o.surprise);
        Again.whenCrossed(() -> reviews.record(
                job, stem, new Reviews.Entry(measured, Boolean.TRUE.equals(o.sure), o.reason, o.id), me));
    }

    /** Writes down a lesson. */
    @PostMapping("/lessons")
    @Needs(Needs.Right.REVIEW)
    ResponseEntity<Created> lesson(
            @PathVariable String job, @Validated @RequestBody LessonRequest l, @AuthenticationPrincipal SignedIn me) {
        return Created.at(reviews.learn(job, l.words, me));
    }
}
