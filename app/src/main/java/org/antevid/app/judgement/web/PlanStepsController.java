package org.antevid.app.judgement.web;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.Needs;
import org.antevid.app.judgement.PlanSteps;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.crew.ProposedStep;
import org.antevid.core.judge.crew.UsualMinutes;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** From the plan, and from the order of a tangle, to steps of the crew. */
@RestController
@RequestMapping("/api/jobs/{job}")
public class PlanStepsController {
    /** @param title the step as it will be called */
    record MissingStep(Optional<String> stem, String title) {}

    /** @param steps ids of the steps that were added, in their order */
    record AddedSteps(List<String> steps) {}

    /** @param cutsM where the stem is cut, metres from the butt */
    record PieceStepsRequest(@NotNull @Size(max = 20) List<@NotNull Double> cutsM) {}

    /** @param who said so */
    record StepNotWanted(String reason, String who) {}

    /**
     * @param title the step as it will be called
     * @param because why the plan asks for it
     * @param who is proposed for it
     */
    record AskedStep(
            String key,
            Optional<String> stem,
            String title,
            Optional<String> because,
            List<String> who,
            StepTakes takes,
            Optional<StepNotWanted> notWanted) {}

    /**
     * @param judged the minutes without what the house's own steps took
     * @param spread the shortest and the longest of those; empty of fewer than three
     * @param from how many of them there are
     * @param faster the minutes they would make of it, where that is less and they are enough: a person takes it or not
     */
    record StepTakes(int minutes, int judged, Optional<Step.Spread> spread, int from, Optional<Integer> faster) {
        private static StepTakes of(UsualMinutes u) {
            return new StepTakes(u.likelyMin(), u.judgedMin(), u.spread(), u.from(), u.fasterMin());
        }
    }

    /** @param because why the plan asks for it; empty where it does not: somebody added it */
    record StepBecause(String step, Optional<String> because, StepTakes takes) {}

    record AskedSteps(List<AskedStep> asked, List<StepBecause> there) {}

    /** @param keys of the steps that are wanted; none: all but those that are not wanted */
    record PutInRequest(@NotNull @Size(max = 200) List<@NotBlank @Size(max = 500) String> keys) {}

    record NotWantedRequest(
            @NotBlank @Size(max = 500) String key,
            @NotBlank @Size(max = 200) String reason) {}

    private final PlanSteps steps;
    private final Crews crews;

    PlanStepsController(PlanSteps steps, Crews crews) {
        this.steps = steps;
        this.crews = crews;
    }

    /** What the plan asks for and no step does yet, and why it asks for those that are there. */
    @GetMapping("/steps/asked")
    @Needs(Needs.Right.READ)
    AskedSteps asked(@PathVariable String job) {
        Map<String, String> names = crews.people(job).stream().collect(Collectors.toMap(Person::id, Person::name));
        return new AskedSteps(
                steps.asked(job).stream()
                        .map(a -> new AskedStep(
                                a.step().key().kept(),
                                a.step().stem(),
                                title(a.step()),
                                a.because().map(Speech.words()::say),
                                a.step().posts().stream()
                                        .map(p -> names.getOrDefault(p.personId(), "?"))
                                        .toList(),
                                StepTakes.of(a.takes()),
                                a.notWanted().map(n -> new StepNotWanted(n.words(), n.who()))))
                        .toList(),
                steps.reasons(job).stream()
                        .map(r -> new StepBecause(
                                r.stepId(), r.because().map(Speech.words()::say), StepTakes.of(r.takes())))
                        .toList());
    }

    /** Puts in what the plan asks for, where it belongs among the steps that are there; those after it start later. */
    @PostMapping("/steps/asked")
    @Needs(Needs.Right.LEAD)
    AddedSteps putIn(@PathVariable String job, @Validated @RequestBody PutInRequest r) {
        return new AddedSteps(steps.putIn(job, r.keys));
    }

    /** A step the plan asks for is not wanted; the reason is written into the log. */
    @PostMapping("/steps/not-wanted")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notWanted(
            @PathVariable String job,
            @Validated @RequestBody NotWantedRequest r,
            @AuthenticationPrincipal SignedIn me) {
        steps.notWanted(job, r.key, r.reason, me.name());
    }

    /** What the order says that no step of the crew does yet. */
    @GetMapping("/tangle/steps")
    @Needs(Needs.Right.READ)
    List<MissingStep> missing(@PathVariable String job) {
        return steps.missing(job).stream()
                .map(p -> new MissingStep(p.stem(), title(p)))
                .toList();
    }

    /** Adds what is missing as steps with people, where they stand and when: a proposal the rules judge like any. */
    @PostMapping("/tangle/steps")
    @Needs(Needs.Right.LEAD)
    AddedSteps add(@PathVariable String job) {
        return new AddedSteps(steps.add(job));
    }

    /** Adds the turns in which a stem is taken off what it lies on, up to where it has to be looked at again. */
    @PostMapping("/tangle/stems/{stem}/take-off/steps")
    @Needs(Needs.Right.LEAD)
    AddedSteps addPieces(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody PieceStepsRequest r) {
        return new AddedSteps(steps.addPieces(job, stem, r.cutsM));
    }

    private static String title(ProposedStep p) {
        return Speech.words().say(Phrase.step(p.kind(), p.stem(), p.work()));
    }
}
