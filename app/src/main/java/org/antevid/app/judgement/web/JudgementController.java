package org.antevid.app.judgement.web;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.judgement.Documents;
import org.antevid.app.judgement.Judgement;
import org.antevid.app.judgement.StemJudgement;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.crew.Competence;
import org.antevid.core.judge.verdict.Verdicts;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.stem.Verdict;
import org.antevid.core.stump.School;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}")
public class JudgementController {

    record OpinionRequest(
            @NotBlank String findingKey,
            @NotBlank String takerId,
            @NotNull Boolean byTelephone,
            @Size(max = 40) String phone,
            @NotBlank @Size(max = 300) String shown,
            Instant calledAt,
            @Size(max = 300) String readBack) {}

    record Acknowledgement(@NotBlank String findingKey) {}

    record Taker(String id, String name) {}

    record Takers(String competence, List<Taker> people) {}

    private final Judgement judgement;
    private final StemJudgement stems;
    private final Documents documents;
    private final People people;

    JudgementController(Judgement judgement, StemJudgement stems, Documents documents, People people) {
        this.judgement = judgement;
        this.stems = stems;
        this.documents = documents;
        this.people = people;
    }

    /** What the rules say of the plan now: stops, second opinions, cautions and notes, computed at each call. */
    @GetMapping("/findings")
    @Needs(Needs.Right.READ)
    List<FindingView> findings(@PathVariable String job) {
        return judgement.findings(job).stream()
                .map(f -> FindingView.of(f, Speech.words()))
                .toList();
    }

    /** The plan as it would be frozen now; also what small drawings of the job are made from. */
    @GetMapping("/plan")
    @Needs(Needs.Right.READ)
    PlanDocument plan(@PathVariable String job) {
        return documents.of(job);
    }

    /** Who is competent for the matter of a finding, and what that takes. */
    @GetMapping("/opinion-takers")
    @Needs(Needs.Right.LEAD)
    Takers takers(@PathVariable String job, @RequestParam String findingKey) {
        Competence needed = judgement.finding(job, findingKey).rule().competence();
        return new Takers(
                Speech.words().term(needed),
                people.withCompetence(needed).stream()
                        .map(p -> new Taker(p.id(), p.name()))
                        .toList());
    }

    /** @param worst the worst that is found of it; empty where nothing is */
    record DangerView(
            String stemId, String label, int stops, int secondOpinions, int cautions, Optional<String> worst) {
        private static DangerView of(StemJudgement.Danger d) {
            return new DangerView(
                    d.stemId(),
                    d.label(),
                    d.stops(),
                    d.secondOpinions(),
                    d.cautions(),
                    d.worst().map(Speech.words()::say));
        }
    }

    record LookRequest(
            @NotNull Double layDeg,
            @NotNull Double cutHeightM,
            @NotNull School school,
            @NotNull Double barM,
            @NotNull Means.Kind means) {
        LayChoice choice() {
            return new LayChoice(layDeg, cutHeightM, school, barM, Means.of(means));
        }
    }

    record VerdictWay(
            Verdict verdict,
            String words,
            boolean excluded,
            List<String> against,
            List<String> first,
            int people,
            List<String> competences,
            List<String> missing,
            String machines,
            String room) {}

    record VerdictsView(Verdict offered, List<VerdictWay> ways) {}

    /** Provisional verdict from what is known so far, estimates by eye included. */
    @PostMapping("/stems/{stem}/first-look")
    @Needs(Needs.Right.READ)
    Look look(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody LookRequest c) {
        return Look.of(stems.firstLook(job, stem, c.choice()));
    }

    /** Every way of dealing with a stem: what it needs, and what excludes it here. */
    @GetMapping("/stems/{stem}/verdicts")
    @Needs(Needs.Right.READ)
    VerdictsView verdicts(@PathVariable String job, @PathVariable String stem) {
        Verdicts v = stems.verdicts(job, stem);
        return new VerdictsView(
                v.offered(),
                v.options().stream()
                        .map(o -> new VerdictWay(
                                o.verdict(),
                                Speech.words().term(o.verdict()),
                                o.excluded(),
                                Speech.words().say(o.against()),
                                Speech.words().say(o.first()),
                                o.people(),
                                Speech.words().terms(o.competences()),
                                Speech.words().terms(o.missing()),
                                Speech.words().say(o.machines()),
                                Speech.words().say(o.room())))
                        .toList());
    }

    /** All stems, the most dangerous first. */
    @GetMapping("/stems/danger")
    @Needs(Needs.Right.READ)
    List<DangerView> danger(@PathVariable String job) {
        return stems.byDanger(job).stream().map(DangerView::of).toList();
    }

    /** Records a second opinion, on site with the taker's own passphrase or by telephone. */
    @PostMapping("/opinions")
    @Needs(Needs.Right.READ)
    ResponseEntity<Created> opinion(
            @PathVariable String job, @Validated @RequestBody OpinionRequest o, @AuthenticationPrincipal SignedIn me) {
        return Created.at(judgement.takeOpinion(
                job,
                new Judgement.Opinion(o.findingKey, o.takerId, o.byTelephone, o.phone, o.shown, o.calledAt, o.readBack),
                me));
    }

    /** Takes note of a caution; it lapses when its numbers change by more than their rounding. */
    @PostMapping("/acknowledgements")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> acknowledge(
            @PathVariable String job, @Validated @RequestBody Acknowledgement a, @AuthenticationPrincipal SignedIn me) {
        return Created.at(judgement.acknowledge(job, a.findingKey, me));
    }

    /** What nobody changes any more; asked once more, because it cannot be taken back. */
    @PostMapping("/close")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable String job) {
        judgement.closeJob(job);
    }
}
