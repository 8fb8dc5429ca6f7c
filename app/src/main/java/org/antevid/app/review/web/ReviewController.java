package org.antevid.app.review.web;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Speech;
import org.antevid.app.review.Reviews;
import org.antevid.app.review.SignOffs;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.CauseKind;
import org.antevid.core.learn.LessonIdea;
import org.antevid.core.learn.Matches;
import org.antevid.core.learn.Support;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.springframework.http.HttpStatus;
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
            List<String> told,
            List<ByChoice> by,
            List<ControlChoice> controls,
            List<LearnFrom> learnFrom,
            StandingView standing) {}

    /**
     * What a lesson may be learned from.
     *
     * @param work by which a lesson may be narrowed to what is like it
     * @param causes those first that something stands behind
     */
    record LearnFrom(String stem, WorkView work, List<CauseView> causes) {}

    record WorkView(
            SpeciesChoice species,
            Optional<WoodChoice> wood,
            Optional<MeansChoice> means,
            Optional<SchoolChoice> school) {}

    record SpeciesChoice(Species species, String words) {}

    record WoodChoice(Condition wood, String words) {}

    record MeansChoice(Means.Kind means, String words) {}

    record SchoolChoice(School school, String words) {}

    /** @param share what the stump says of it; {@code stands} when something read or seen points to it */
    record CauseView(
            CauseKind cause, String words, boolean stands, Optional<Explanation.Share> share, List<IdeaView> ideas) {}

    record IdeaView(LessonIdea idea, String words) {}

    record StandingView(List<Message> missing, List<SignedView> signed, boolean maySign) {}

    record SignedView(String by, Instant at, List<Message> missing, boolean holds) {}

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

    private final Reviews reviews;
    private final SignOffs signOffs;

    ReviewController(Reviews reviews, SignOffs signOffs) {
        this.reviews = reviews;
        this.signOffs = signOffs;
    }

    /** What was planned and what happened, stem by stem, with the lessons. */
    @GetMapping
    @Needs(Needs.Right.READ)
    ReviewView review(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        List<Reviews.OutcomeHistory> outcomes = reviews.outcomes(job);
        return new ReviewView(
                outcomes,
                reviews.told(job, me),
                Stream.of(MeasuredBy.values())
                        .map(b -> new ByChoice(b, said(b)))
                        .toList(),
                Stream.of(Control.values())
                        .map(c -> new ControlChoice(c, said(c)))
                        .toList(),
                outcomes.stream()
                        .flatMap(o ->
                                reviews.workOf(job, o.outcome().stem()).map(w -> learnFrom(o.outcome(), w)).stream())
                        .toList(),
                standing(signOffs.of(job, me)));
    }

    private static String said(Enum<?> value) {
        return Speech.words().term(value);
    }

    private static LearnFrom learnFrom(Reviews.Outcome o, Matches.Work w) {
        return new LearnFrom(
                o.stem(),
                new WorkView(
                        new SpeciesChoice(w.species(), said(w.species())),
                        w.wood().map(x -> new WoodChoice(x, said(x))),
                        w.means().map(m -> new MeansChoice(m, said(m))),
                        w.school().map(x -> new SchoolChoice(x, said(x)))),
                Support.of(o.explained(), o.measured().control()).stream()
                        .map(s -> new CauseView(
                                s.cause(),
                                said(s.cause()),
                                s.stands(),
                                s.share(),
                                s.cause()
                                        .ideas()
                                        .map(i -> new IdeaView(i, said(i)))
                                        .toList()))
                        .toList());
    }

    private static StandingView standing(SignOffs.Standing s) {
        return new StandingView(
                s.missing(),
                s.signed().stream()
                        .map(x -> new SignedView(x.by(), x.at(), x.missing(), x.holds()))
                        .toList(),
                s.maySign());
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

    /** Signs the review as a reviewer who neither led nor cut; what is missing is kept with the signature. */
    @PostMapping("/signature")
    @Needs(Needs.Right.REVIEW)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sign(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        Again.whenCrossed(() -> signOffs.sign(job, me));
    }
}
