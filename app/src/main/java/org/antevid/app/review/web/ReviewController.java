package org.antevid.app.review.web;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Speech;
import org.antevid.app.records.Incidents;
import org.antevid.app.review.Reviews;
import org.antevid.app.review.SignOffs;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.CauseKind;
import org.antevid.core.learn.LessonIdea;
import org.antevid.core.learn.Matches;
import org.antevid.core.learn.Support;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.DipSide;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StrapFound;
import org.antevid.core.outcome.StumpPicture;
import org.antevid.core.outcome.TappedTip;
import org.antevid.core.outcome.WindFrom;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/review")
public class ReviewController {
    /**
     * @param told the felled stems whose fall the caller may tell
     * @param stumps of those, as they were briefed
     * @param looks what a stump may look like
     * @param struck what was struck of what is on the site plan
     * @param by how a tip may be measured
     * @param controls what may become of a fall
     */
    record ReviewView(
            List<Reviews.OutcomeHistory> outcomes,
            List<String> told,
            List<Reviews.StumpToRead> stumps,
            LooksChoices looks,
            List<StruckThing> struck,
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
            Optional<SchoolChoice> school,
            List<FaultKindChoice> defects) {}

    record FaultKindChoice(DefectKind defect, String words) {}

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

    /** What a stump may look like, and where the gust may have come from. */
    record LooksChoices(
            List<SectorChoice> sectors,
            List<FibreChoice> fibres,
            List<StrapChoice> straps,
            List<DipChoice> dips,
            List<WindChoice> winds) {
        private static LooksChoices all() {
            return new LooksChoices(
                    Stream.of(SectorFound.Sector.values())
                            .map(s -> new SectorChoice(s, said(s)))
                            .toList(),
                    Stream.of(SectorFound.Fibre.values())
                            .map(f -> new FibreChoice(f, said(f)))
                            .toList(),
                    Stream.of(StrapFound.values())
                            .map(s -> new StrapChoice(s, said(s)))
                            .toList(),
                    Stream.of(DipSide.values())
                            .map(d -> new DipChoice(d, said(d)))
                            .toList(),
                    Stream.of(WindFrom.values())
                            .map(w -> new WindChoice(w, said(w)))
                            .toList());
        }
    }

    record SectorChoice(SectorFound.Sector sector, String words) {}

    record FibreChoice(SectorFound.Fibre fibre, String words) {}

    record StrapChoice(StrapFound strap, String words) {}

    record DipChoice(DipSide dip, String words) {}

    record WindChoice(WindFrom from, String words) {}

    /** A thing on the site plan that was struck. */
    record StruckThing(String featureId, String name) {}

    record ByChoice(MeasuredBy by, String words) {}

    record ControlChoice(Control control, String words) {}

    private final Reviews reviews;
    private final SignOffs signOffs;
    private final Incidents incidents;

    ReviewController(Reviews reviews, SignOffs signOffs, Incidents incidents) {
        this.incidents = incidents;
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
                reviews.stumps(job, me),
                LooksChoices.all(),
                struck(job),
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

    private List<StruckThing> struck(String job) {
        return incidents.of(job).stream()
                .map(Incidents.Told::incident)
                .flatMap(i -> i.featureId().flatMap(id -> i.struck().map(name -> new StruckThing(id, name))).stream())
                .toList();
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
                        w.school().map(x -> new SchoolChoice(x, said(x))),
                        w.defects().stream()
                                .map(d -> new FaultKindChoice(d, said(d)))
                                .toList()),
                Support.of(o.explained(), o.measured().control(), o.measured().stump()).stream()
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
        Reviews.FallMeasures measured = o.measures();
        Again.whenCrossed(() -> reviews.record(
                job, stem, new Reviews.Entry(measured, Boolean.TRUE.equals(o.sure()), o.reason(), o.id()), me));
    }

    /** Bearing and distance from the stump of a tip that was tapped on the plan; nothing is kept. */
    @GetMapping("/tips/{stem}")
    @Needs(Needs.Right.READ)
    TappedTip tapped(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam double eastM,
            @RequestParam double northM) {
        return reviews.tapped(job, stem, new Spot(eastM, northM));
    }

    /**
     * What the touched corners of a hinge say, with their uncertainty; nothing is kept. They may be sent with the fall
     * just as well: then this is done when it arrives.
     */
    @PostMapping("/stump-picture")
    @Needs(Needs.Right.READ)
    StumpPicture.PictureReading readPicture(
            @PathVariable String job, @Validated @RequestBody OutcomeRequest.PictureRequest p) {
        return p.picture().read();
    }

    /** Signs the review as a reviewer who neither led nor cut; what is missing is kept with the signature. */
    @PostMapping("/signature")
    @Needs(Needs.Right.REVIEW)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sign(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        Again.whenCrossed(() -> signOffs.sign(job, me));
    }
}
