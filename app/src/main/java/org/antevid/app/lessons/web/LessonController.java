package org.antevid.app.lessons.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Created;
import org.antevid.core.judge.Threshold;
import org.antevid.core.judge.Tightening;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.Becomes;
import org.antevid.core.learn.CauseKind;
import org.antevid.core.learn.Lesson;
import org.antevid.core.learn.LessonIdea;
import org.antevid.core.learn.LessonState;
import org.antevid.core.learn.Matches;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class LessonController {
    /**
     * @param learned on this job, the oldest first
     * @param told here from other jobs, the newest first
     */
    record JobLessons(List<LessonView> learned, List<LessonView> told) {}

    /**
     * @param idea the sentence picked; without one the words are needed
     * @param sure that the cause is this one
     * @param rule of a house rule, and of nothing else
     * @param species narrows it to work of this kind, as the next four do
     */
    record ProposeRequest(
            @Size(max = 40) @Nullable String stem,
            @Nullable CauseKind cause,
            @Nullable Boolean sure,
            @Nullable LessonIdea idea,
            @Size(max = 500) @Nullable String words,
            @NotNull Becomes becomes,
            @Nullable @Valid RuleRequest rule,
            @Nullable Species species,
            @Nullable Condition wood,
            Means.@Nullable Kind means,
            @Nullable School school,
            @Nullable DefectKind defect) {
        private Lessons.Proposal proposal() {
            return new Lessons.Proposal(
                    Optional.ofNullable(stem).filter(s -> !s.isBlank()),
                    Optional.ofNullable(cause),
                    Boolean.TRUE.equals(sure),
                    new Lesson(
                            "",
                            Optional.ofNullable(idea),
                            words == null ? "" : words,
                            "",
                            becomes,
                            new Matches(
                                    Optional.ofNullable(species),
                                    Optional.ofNullable(wood),
                                    Optional.ofNullable(means),
                                    Optional.ofNullable(school),
                                    Optional.ofNullable(defect)),
                            Optional.ofNullable(rule).map(r -> new Tightening(r.threshold, r.value))));
        }
    }

    /** @param value in SI units, stricter than what is in force */
    record RuleRequest(
            @NotNull Threshold threshold, @NotNull Double value) {}

    /** @param reason needed to decline or retire it */
    record DecideLessonRequest(
            @NotNull LessonState.Decision decision,
            @Size(max = 500) @Nullable String reason) {}

    record UseRequest(@NotNull Boolean helped) {}

    private final Lessons lessons;

    LessonController(Lessons lessons) {
        this.lessons = lessons;
    }

    /** Lessons learned on this job, and those of others that are told on it. */
    @GetMapping("/api/jobs/{job}/lessons")
    @Needs(Needs.Right.READ)
    JobLessons ofJob(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return new JobLessons(
                lessons.of(job).stream().map(l -> LessonView.of(l, me)).toList(),
                lessons.told(job).stream().map(l -> LessonView.of(l, job, me)).toList());
    }

    /** Proposes a lesson; anybody on the job may, also when it is closed. It stands once somebody else approves it. */
    @PostMapping("/api/jobs/{job}/lessons")
    @Needs(Needs.Right.READ)
    ResponseEntity<Created> propose(
            @PathVariable String job, @Validated @RequestBody ProposeRequest p, @AuthenticationPrincipal SignedIn me) {
        return Created.at(lessons.propose(job, p.proposal(), me));
    }

    /** Says whether a lesson of another job helped on this one. */
    @PostMapping("/api/jobs/{job}/lessons/{lesson}/uses")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void used(
            @PathVariable String job,
            @PathVariable String lesson,
            @Validated @RequestBody UseRequest u,
            @AuthenticationPrincipal SignedIn me) {
        lessons.used(job, lesson, u.helped, me);
    }

    /** The lessons of the house, the newest first; crew see those that stand and their own. */
    @GetMapping("/api/lessons")
    List<LessonView> all(@AuthenticationPrincipal SignedIn me) {
        return lessons.seenBy(me).stream().map(l -> LessonView.of(l, me)).toList();
    }

    /** Approves, declines or retires a lesson: reviewers and the owner, never the one who proposed it. */
    @PostMapping("/api/lessons/{lesson}/decisions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(
            @PathVariable String lesson,
            @Validated @RequestBody DecideLessonRequest d,
            @AuthenticationPrincipal SignedIn me) {
        Again.whenCrossed(() -> lessons.decide(lesson, d.decision, d.reason == null ? "" : d.reason, me));
    }
}
