package org.antevid.app.crew.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.crew.Crews;
import org.antevid.app.crew.PastMinutes;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Task;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.crew.UsualMinutes;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
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
@RequestMapping("/api/jobs/{job}/steps")
public class CrewController {
    record PostView(Role role, String roleWords, String task, String personId, Optional<Spot> stand) {}

    /** @param kit what it cannot be done without, as it is said */
    record StepView(
            String id,
            int turn,
            Step.Kind kind,
            String title,
            Optional<String> stem,
            int startMin,
            int endMin,
            boolean done,
            List<PostView> posts,
            List<String> kit,
            Optional<Step.Spread> spread,
            long version) {}

    record PostRequest(@NotNull Role role, @NotBlank String personId, Optional<Spot> stand) {}

    /** @param endMin may be left out of a new step: it takes as long as the house's own did, else by judgement */
    record StepRequest(
            @NotNull Step.Kind kind,
            Optional<String> stem,
            @NotNull Integer startMin,
            @Nullable Integer endMin,
            @NotNull @Size(max = 20) List<@Valid PostRequest> posts,
            Optional<Step.Spread> spread,
            Long version) {
        /** @param usual how long a new one takes */
        Crews.Entry entry(UsualMinutes usual) {
            return endMin == null ? until(startMin + usual.likelyMin(), usual.spread()) : until(endMin, or(spread));
        }

        Crews.Entry entry() {
            if (endMin == null) {
                throw new RefusedInput(Message.of(Refusal.NEEDED), "endMin");
            }
            return until(endMin, or(spread));
        }

        private Crews.Entry until(int end, Optional<Step.Spread> how) {
            return new Crews.Entry(
                    kind,
                    or(stem),
                    startMin,
                    end,
                    posts.stream()
                            .map(p -> new Step.Post(p.role, p.personId, p.stand == null ? Optional.empty() : p.stand))
                            .toList(),
                    Optional.empty(),
                    List.of(),
                    how);
        }
    }

    private final Crews crews;
    private final PastMinutes past;

    CrewController(Crews crews, PastMinutes past) {
        this.crews = crews;
        this.past = past;
    }

    /** The steps of the job with who does what and where they stand. */
    @GetMapping
    @Needs(Needs.Right.READ)
    List<StepView> steps(@PathVariable String job) {
        return crews.views(job).stream()
                .map(v -> {
                    Step s = v.step();
                    return new StepView(
                            s.id(),
                            s.turn(),
                            s.kind(),
                            Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work())),
                            s.stem(),
                            s.startMin(),
                            s.endMin(),
                            s.done(),
                            s.posts().stream()
                                    .map(p -> new PostView(
                                            p.role(),
                                            Speech.words().term(p.role()),
                                            Speech.words().term(Task.of(s.kind(), s.work(), p.role())),
                                            p.personId(),
                                            p.stand()))
                                    .toList(),
                            s.kit().stream()
                                    .map(k -> Speech.words().say(k.message()))
                                    .toList(),
                            s.spread(),
                            v.version());
                })
                .toList();
    }

    /** Adds a step; who may not do what is named. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> add(@PathVariable String job, @Validated @RequestBody StepRequest s) {
        return Created.at(crews.add(job, s.entry(past.read().of(s.kind, Optional.empty()))));
    }

    /** Changes a step and its posts. */
    @PutMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String job, @PathVariable String id, @Validated @RequestBody StepRequest s) {
        crews.change(job, id, s.entry(), s.version);
    }

    /** Moves a step up or down in the order. */
    @PostMapping("/{id}/move")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@PathVariable String job, @PathVariable String id, @RequestParam boolean earlier) {
        crews.move(job, id, earlier);
    }

    /** Takes a step out; the reason is written into the log. */
    @DeleteMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable String job,
            @PathVariable String id,
            @RequestParam Long version,
            @RequestParam String reason,
            @AuthenticationPrincipal SignedIn me) {
        crews.remove(job, id, version, reason, me.name());
    }
}
