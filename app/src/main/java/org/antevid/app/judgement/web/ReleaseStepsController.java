package org.antevid.app.judgement.web;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.judgement.ReleaseSteps;
import org.antevid.app.reader.Speech;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.crew.ProposedSteps.Proposed;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** From the order of a tangle to steps of the crew. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle")
public class ReleaseStepsController {
    /** @param title the step as it will be called */
    record MissingStep(String stem, String title) {}

    /** @param steps ids of the steps that were added, in their order */
    record AddedSteps(List<String> steps) {}

    /** @param cutsM where the stem is cut, metres from the butt */
    record PieceStepsRequest(@NotNull @Size(max = 20) List<@NotNull Double> cutsM) {}

    private final ReleaseSteps steps;

    ReleaseStepsController(ReleaseSteps steps) {
        this.steps = steps;
    }

    /** What the order says that no step of the crew does yet. */
    @GetMapping("/steps")
    @Needs(Needs.Right.READ)
    List<MissingStep> missing(@PathVariable String job) {
        return steps.missing(job).stream()
                .map(p -> new MissingStep(p.stem(), title(p)))
                .toList();
    }

    /** Adds what is missing as steps with people, where they stand and when: a proposal the rules judge like any. */
    @PostMapping("/steps")
    @Needs(Needs.Right.LEAD)
    AddedSteps add(@PathVariable String job) {
        return new AddedSteps(steps.add(job));
    }

    /** Adds the turns in which a stem is taken off what it lies on, up to where it has to be looked at again. */
    @PostMapping("/stems/{stem}/take-off/steps")
    @Needs(Needs.Right.LEAD)
    AddedSteps addPieces(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody PieceStepsRequest r) {
        return new AddedSteps(steps.addPieces(job, stem, r.cutsM));
    }

    private static String title(Proposed p) {
        return Speech.words().say(Phrase.step(p.kind(), Optional.of(p.stem()), p.work()));
    }
}
