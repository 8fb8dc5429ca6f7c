package org.antevid.app.job.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.antevid.app.job.Deputies;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Needs;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Throttle;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotSignedIn;
import org.antevid.core.message.Message;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The leader's deputy: offered, accepted with a PIN, ended. */
@RestController
@RequestMapping("/api/jobs/{job}/deputy")
public class DeputyController {
    record OfferRequest(@NotBlank @Size(max = 60) String personId) {}

    record AcceptRequest(@NotBlank @Size(max = 8) String pin) {}

    private final Deputies deputies;
    private final Jobs jobs;
    private final People people;
    private final Throttle throttle;

    DeputyController(Deputies deputies, Jobs jobs, People people, Throttle throttle) {
        this.deputies = deputies;
        this.jobs = jobs;
        this.people = people;
        this.throttle = throttle;
    }

    /** Asks somebody of the crew to be deputy; whoever was it before is it no more. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void offer(@PathVariable String job, @Validated @RequestBody OfferRequest o, @AuthenticationPrincipal SignedIn me) {
        deputies.offer(job, o.personId, me);
    }

    /** Takes it on, with the own PIN. */
    @PostMapping("/accepted")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void accept(
            @PathVariable String job,
            @Validated @RequestBody AcceptRequest a,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "deputy " + me.personId());
        if (!people.pinFits(me.personId(), a.pin)) {
            throw new NotSignedIn(Message.of(Answer.PIN));
        }
        attempt.right();
        deputies.accept(job, me);
    }

    /** Taken back by the leader, or declined or given back by whoever it was offered to. */
    @DeleteMapping
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        boolean own =
                deputies.of(job).filter(d -> d.personId().equals(me.personId())).isPresent();
        if (!own && !jobs.leaderOf(job).equals(me.personId())) {
            throw new NotAllowed(Message.of(Answer.LEADER_ONLY));
        }
        deputies.end(job, me);
    }
}
