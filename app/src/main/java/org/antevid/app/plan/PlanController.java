package org.antevid.app.plan;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.antevid.core.plan.PlanDocument;
import org.antevid.core.rule.Finding;
import org.antevid.core.rule.Severity;
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

@RestController
@RequestMapping("/api/jobs/{job}")
class PlanController {
    record FindingView(String key, Severity severity, int stage, String subject, String words, String why, String source, String clears,
                       Optional<String> cleared, boolean open) {
        static FindingView of(Finding f) {
            return new FindingView(f.key(), f.severity(), f.stage(), f.subject(), f.words(), f.why(), f.source(), f.clears(), f.cleared(), f.open());
        }
    }

    record OpinionRequest(@NotBlank String findingKey, @NotBlank String takerId, @NotNull Boolean byTelephone, @Size(max = 40) String phone,
                          @NotBlank @Size(max = 300) String shown) {
    }

    record Acknowledgement(@NotBlank String findingKey) {
    }

    record Taker(String id, String name) {
    }

    private final Plans plans;
    private final Documents documents;
    private final People people;

    PlanController(Plans plans, Documents documents, People people) {
        this.plans = plans;
        this.documents = documents;
        this.people = people;
    }

    @GetMapping("/findings")
    @Needs(Needs.Right.READ)
    List<FindingView> findings(@PathVariable String job) {
        return plans.findings(job).stream().map(FindingView::of).toList();
    }

    /** The plan as it would be frozen now; also what small drawings of the job are made from. */
    @GetMapping("/plan")
    @Needs(Needs.Right.READ)
    PlanDocument plan(@PathVariable String job) {
        return documents.of(job);
    }

    @GetMapping("/opinion-takers")
    @Needs(Needs.Right.LEAD)
    List<Taker> takers(@PathVariable String job) {
        return people.withCompetence(Competence.HUNG_UP).stream().map(p -> new Taker(p.id(), p.name())).toList();
    }

    @PostMapping("/opinions")
    @Needs(Needs.Right.READ)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void opinion(@PathVariable String job, @Validated @RequestBody OpinionRequest o, @AuthenticationPrincipal SignedIn me) {
        plans.takeOpinion(job, new Plans.Opinion(o.findingKey, o.takerId, o.byTelephone, o.phone, o.shown), me);
    }

    @PostMapping("/acknowledgements")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void acknowledge(@PathVariable String job, @Validated @RequestBody Acknowledgement a, @AuthenticationPrincipal SignedIn me) {
        plans.acknowledge(job, a.findingKey, me);
    }

    @PostMapping("/close")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable String job) {
        plans.closeJob(job);
    }
}
